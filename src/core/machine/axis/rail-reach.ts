import { defineFormula } from '@/core/worksheet';

export const railReach = defineFormula({
  id: 'fit/rail-reach',
  title: 'Travel that the rail leaves room for',
  symbols: {
    rail: { kind: 'length', tex: 'L_r', meaning: 'length of the rail' },
    span: { kind: 'length', tex: 'L_s', meaning: 'outer span of the carriages' },
    overhang: { kind: 'length', tex: 'o', meaning: 'how far a carriage may run past each end' },
  },
  result: { kind: 'length', tex: 's_{max}', meaning: 'travel that the rail allows' },
  tex: '<rail> - <span> + 2\\,<overhang>',
  citation: {
    basis: 'derived',
    text: 'Travel chain: rail length at least travel plus outer carriage span, less what may overhang',
  },
  range:
    'No margin for stops. Up to a quarter of a carriage may overhang at a loss of rating (common practice, ' +
    'no source).',
  evaluate: ({ rail, span, overhang }) => rail - span + 2 * overhang,
});
