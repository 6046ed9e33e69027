import { defineFormula } from '@/core/worksheet';

const credited = {
  credit: { kind: 'ratio', tex: 'c', meaning: '1 where it was measured or is published, 0.5 where guessed' },
} as const;
/** What the two lines of drag that help to hold a weight have in common. */
const halfOfAGuess = {
  tex: '<credit>\\cdot <drag>',
  citation: { basis: 'practice', text: 'Half of a guess: common practice, no source' },
  range: 'Where drag helps. Where it hinders it counts in full.',
} as const;

export const creditedForce = defineFormula({
  ...halfOfAGuess,
  id: 'motion/credited-force',
  title: 'Drag of the guides that may be counted on',
  symbols: { drag: { kind: 'force', tex: 'F', meaning: 'drag of guides, chain and hose' }, ...credited },
  result: { kind: 'force', tex: 'F_d', meaning: 'drag that is counted on to hold the weight' },
  evaluate: ({ drag, credit }) => credit * drag,
});

export const creditedTorque = defineFormula({
  ...halfOfAGuess,
  id: 'motion/credited-torque',
  title: 'Drag of the drive that may be counted on',
  symbols: { drag: { kind: 'torque', tex: 'T', meaning: 'drag torque of nut and bearings' }, ...credited },
  result: { kind: 'torque', tex: 'T_d', meaning: 'drag torque that is counted on to hold the weight' },
  evaluate: ({ drag, credit }) => credit * drag,
});

export const backDrivingTorque = defineFormula({
  id: 'motion/back-driving-torque',
  title: 'Torque by which the weight turns the drive',
  symbols: {
    share: { kind: 'ratio', tex: 's', meaning: 'share of the load on this drive' },
    weight: { kind: 'force', tex: 'F_g', meaning: 'weight along the axis less counterbalance' },
    guideDrag: { kind: 'force', tex: 'F_d', meaning: 'drag of the guides, which resists' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
    backEfficiency: {
      kind: 'ratio',
      tex: '\\eta_b',
      meaning: 'efficiency with the load driving; negative: self-locking',
    },
    drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque of nut and bearings' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction between motor and drive' },
  },
  result: { kind: 'torque', tex: 'T_b', meaning: 'torque left that turns the motor; 0 or less: it stays' },
  tex: '\\frac{<share>\\,\\max(0,|<weight>|-<guideDrag>)\\,<k>\\,<backEfficiency> - <drag>}{<ratio>}',
  citation: { basis: 'textbook', text: 'Balance of torques with the power off; Shigley, lowering torque' },
  range:
    'From rest; the losses of a reducer are left out, they help. Detent torque is a ripple and is not ' +
    'counted as friction.',
  evaluate: ({ share, weight, guideDrag, k, backEfficiency, drag, ratio }) =>
    (share * Math.max(0, Math.abs(weight) - guideDrag) * k * backEfficiency - drag) / ratio,
});
