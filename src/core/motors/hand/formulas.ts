import { defineFormula } from '@/core/worksheet';

export const handTorque = defineFormula({
  id: 'hand/torque',
  title: 'Torque of a hand at a crank',
  symbols: {
    effort: { kind: 'force', tex: 'F_h', meaning: 'force that is kept up at the handle' },
    radius: { kind: 'length', tex: 'r', meaning: 'from the shaft to the handle' },
  },
  result: { kind: 'torque', tex: 'T_h', meaning: 'torque at the shaft' },
  tex: '<effort>\\,<radius>',
  citation: { basis: 'textbook', text: 'Force times lever' },
  range:
    'Force square to the crank, all the way round; a hand gives less at the top and bottom of its circle.',
  evaluate: ({ effort, radius }) => effort * radius,
});
