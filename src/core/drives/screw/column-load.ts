import { defineFormula } from '@/core/worksheet';

export const eulerLoad = defineFormula({
  id: 'screw/column-load',
  title: 'Column load of the free piece of screw',
  symbols: {
    factor: {
      kind: 'ratio',
      tex: 'c',
      meaning: 'end factor: fixed-free 0.25, hinged 1, fixed and hinged 2.046, fixed 4',
    },
    modulus: { kind: 'modulus', tex: 'E', meaning: 'modulus of elasticity' },
    secondMoment: { kind: 'secondMoment', tex: 'I', meaning: 'second moment of area on the root' },
    length: { kind: 'length', tex: 'L', meaning: 'length under compression' },
  },
  result: { kind: 'force', tex: 'P_{cr}', meaning: 'load at which the screw buckles' },
  tex: '<factor>\\,\\frac{\\pi^2\\,<modulus>\\,<secondMoment>}{<length>^2}',
  citation: { basis: 'textbook', text: 'Euler; Timoshenko and Gere, Theory of Elastic Stability' },
  range: 'Slender screw (slenderness above about 90).',
  evaluate: ({ factor, modulus, secondMoment, length }) =>
    (factor * Math.PI ** 2 * modulus * secondMoment) / length ** 2,
});

/** Share of the Euler load that is allowed. Common practice, no source. */
export const COLUMN_ALLOWANCE = 0.5;

export const columnLimit = defineFormula({
  id: 'screw/column-limit',
  title: 'Allowed thrust on the screw as a column',
  symbols: {
    allowance: { kind: 'ratio', tex: 'a', meaning: 'share of the Euler load that is allowed' },
    euler: { kind: 'force', tex: 'P_{cr}', meaning: 'Euler load' },
    compression: { kind: 'force', tex: 'P', meaning: 'compression by heat between two fixed bearings' },
  },
  result: { kind: 'force', tex: 'F_{max}', meaning: 'thrust that may still be added' },
  tex: '\\max(0,\\;<allowance>\\cdot <euler>-<compression>)',
  citation: { basis: 'practice', text: 'Allowance of 50 % on all compression: common practice, no source' },
  range: 'Thrust along the screw; no side load.',
  evaluate: ({ allowance, euler, compression }) => Math.max(0, allowance * euler - compression),
});
