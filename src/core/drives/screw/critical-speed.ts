import { defineFormula } from '@/core/worksheet';

/**
 * How one end of a free piece of screw is held. `hinge` keeps it in place but lets it tilt (so does a nut).
 */
export type Hold = 'fixed' | 'hinge' | 'free';

interface EndCase {
  /** First root of the bending wave (Blevins, Formulas for Natural Frequency and Mode Shape, table 8-1). */
  readonly lambda: number;
  /** Euler factor of the column, (L / effective length)². */
  readonly column: number;
}

const cases: Record<string, EndCase> = {
  'fixed-free': { lambda: 1.8751040687, column: 0.25 },
  'hinge-hinge': { lambda: Math.PI, column: 1 },
  'fixed-hinge': { lambda: 3.926602312, column: 2.0457 },
  'fixed-fixed': { lambda: 4.7300407449, column: 4 },
};

/**
 * Bending-wave root and Euler factor of a piece by how its two ends are held.
 * @throws RangeError for a piece that nothing holds (hinge-free, free-free): the schema's rules keep it out.
 */
export function endCase(a: Hold, b: Hold): EndCase {
  const found = cases[`${a}-${b}`] ?? cases[`${b}-${a}`];
  if (!found) throw new RangeError(`a screw held ${a} and ${b} is a mechanism`);
  return found;
}

export const criticalSpeed = defineFormula({
  id: 'screw/critical-speed',
  title: 'Critical speed of the free piece of screw',
  symbols: {
    lambda: {
      kind: 'ratio',
      tex: '\\lambda_1',
      meaning:
        'root of the bending wave: fixed-free 1.8751, hinged both ends 3.1416, fixed and hinged ' +
        '3.9266, fixed both ends 4.7300',
    },
    length: { kind: 'length', tex: 'L', meaning: 'free length of the piece that whips first' },
    modulus: { kind: 'modulus', tex: 'E', meaning: 'modulus of elasticity' },
    secondMoment: { kind: 'secondMoment', tex: 'I', meaning: 'second moment of area on the root' },
    density: { kind: 'density', tex: '\\rho', meaning: 'density' },
    area: {
      kind: 'area',
      tex: 'A',
      meaning: 'area that carries the mass: root for ball screws, mean section for sliding screws',
    },
  },
  result: { kind: 'angularSpeed', tex: 'n_c', meaning: 'critical speed, in turns a minute' },
  tex:
    '\\frac{60}{2\\pi}\\left(\\frac{<lambda>}{<length>}\\right)^2' +
    '\\sqrt{\\frac{<modulus>\\,<secondMoment>}{<density>\\,<area>}}',
  citation: {
    basis: 'textbook',
    text: 'Blevins, Formulas for Natural Frequency and Mode Shape (uniform beams)',
  },
  range: 'Slender screw (length above 20 diameters), straight, bearings that do not give; first mode only.',
  evaluate: ({ lambda, length, modulus, secondMoment, density, area }) =>
    (lambda / length) ** 2 * Math.sqrt((modulus * secondMoment) / (density * area)),
});

/**
 * Share of the critical speed that is allowed. Common practice, given by every maker of screws; no single
 * source.
 */
export const WHIP_ALLOWANCE = 0.8;

export const warmFactor = defineFormula({
  id: 'screw/warm-factor',
  title: 'What compression leaves of the critical speed',
  symbols: {
    compression: { kind: 'force', tex: 'P', meaning: 'compression of the screw' },
    euler: { kind: 'force', tex: 'P_{cr}', meaning: 'Euler load of the free piece' },
  },
  result: { kind: 'ratio', tex: 'f_P', meaning: 'share of the critical speed that is left' },
  tex: '\\sqrt{\\max\\left(0,\\;1-\\frac{<compression>}{<euler>}\\right)}',
  citation: {
    basis: 'textbook',
    text:
      'Galef, Bending frequencies of compressed beams, J. Acoust. Soc. Am. 44 (1968); exact ' +
      'for hinged ends',
  },
  range: 'Compression from 0 up; tension is not counted as a gain.',
  evaluate: ({ compression, euler }) => Math.sqrt(Math.max(0, 1 - Math.max(0, compression) / euler)),
});

export const whipSpeed = defineFormula({
  id: 'screw/whip-limit',
  title: 'Highest speed before the screw whips',
  symbols: {
    allowance: { kind: 'ratio', tex: 'a', meaning: 'share of the critical speed that is allowed' },
    warm: { kind: 'ratio', tex: 'f_P', meaning: 'what compression by heat leaves' },
    critical: { kind: 'angularSpeed', tex: 'n_c', meaning: 'critical speed' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead: travel per turn' },
  },
  result: { kind: 'speed', tex: 'v_w', meaning: 'highest axis speed before whip' },
  tex: '<allowance>\\cdot <warm>\\cdot <critical>\\cdot <lead>',
  citation: { basis: 'practice', text: 'Allowance of 80 %: common practice, no source' },
  range: 'Rotating screw, standing nut.',
  evaluate: ({ allowance, warm, critical, lead }) => (allowance * warm * critical * lead) / (2 * Math.PI),
});

export const diameterSpeedLimit = defineFormula({
  id: 'screw/dn-limit',
  title: 'Speed limit of the ball return (DN)',
  symbols: {
    dn: { kind: 'diameterSpeed', tex: 'DN', meaning: 'allowed nominal diameter times speed' },
    nominal: { kind: 'length', tex: 'd', meaning: 'nominal diameter' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead: travel per turn' },
  },
  result: { kind: 'speed', tex: 'v_{DN}', meaning: 'highest axis speed for the balls' },
  tex: '\\frac{<dn>}{<nominal>}\\,<lead>',
  citation: {
    basis: 'memory',
    text:
      'Rolled 50 000 to 70 000, ground 70 000 to 130 000 mm·rpm by ball return; the lower end is ' +
      'used unless a datasheet value is typed',
  },
  range: 'Ball screws.',
  evaluate: ({ dn, nominal, lead }) => ((dn / nominal) * lead) / (2 * Math.PI),
});
