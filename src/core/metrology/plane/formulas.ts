import { defineFormula } from '@/core/worksheet';

export const twistOfFour = defineFormula({
  id: 'metrology/twist',
  title: 'Twist of four corners',
  symbols: {
    first: { kind: 'length', tex: 'h_1', meaning: 'height of a corner' },
    second: { kind: 'length', tex: 'h_2', meaning: 'of the next one round' },
    third: { kind: 'length', tex: 'h_3', meaning: 'of the next' },
    fourth: { kind: 'length', tex: 'h_4', meaning: 'of the last' },
  },
  result: { kind: 'length', tex: 't', meaning: 'each corner lies so far off the mean plane, by turns' },
  tex: '\\frac{<first> - <second> + <third> - <fourth>}{4}',
  citation: {
    basis: 'derived',
    text: 'What the plane of least squares leaves at four corners of a rectangle',
  },
  range: 'Corners in the order of the ring.',
  evaluate: ({ first, second, third, fourth }) => (first - second + third - fourth) / 4,
});

export const jackTurns = defineFormula({
  id: 'metrology/jack-turns',
  title: 'Turns of a jack screw',
  symbols: {
    lift: { kind: 'length', tex: '\\Delta h', meaning: 'that is wanted, + upward' },
    pitch: { kind: 'linearPerTurn', tex: 'P', meaning: 'of its thread, by turn' },
  },
  result: { kind: 'revolutions', tex: 'n', meaning: 'turns' },
  tex: '\\frac{<lift>}{<pitch>}',
  citation: { basis: 'derived', text: 'A turn goes one pitch' },
  range: 'Which way raises depends on the jack: look before the first turn.',
  evaluate: ({ lift, pitch }) => lift / pitch,
});
