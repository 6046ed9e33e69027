import { defineFormula } from '@/core/worksheet';

export const trainEfficiency = defineFormula({
  id: 'motion/train-efficiency',
  title: 'Efficiency from the motor to the carriage',
  symbols: {
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the drive, motor driving' },
    reducerEfficiency: { kind: 'ratio', tex: '\\eta_r', meaning: 'efficiency of the reducer; 1 without one' },
  },
  result: { kind: 'ratio', tex: '\\eta_t', meaning: 'share of the motor’s power that reaches the carriage' },
  tex: '<efficiency>\\,<reducerEfficiency>',
  citation: { basis: 'derived', text: 'Losses one after another multiply' },
  range: 'Drag torques that do not grow with the load (preload, seals) are counted apart.',
  evaluate: ({ efficiency, reducerEfficiency }) => efficiency * reducerEfficiency,
});

export const trainBackEfficiency = defineFormula({
  id: 'motion/train-back-efficiency',
  title: 'Efficiency from the carriage back to the motor',
  symbols: {
    backEfficiency: {
      kind: 'ratio',
      tex: '\\eta_b',
      meaning: 'efficiency of the drive, load driving; negative: it locks itself',
    },
    reducerEfficiency: { kind: 'ratio', tex: '\\eta_r', meaning: 'efficiency of the reducer; 1 without one' },
  },
  result: {
    kind: 'ratio',
    tex: '\\eta_{tb}',
    meaning: 'share of the load’s power that turns the motor; negative: it locks itself',
  },
  tex:
    '\\begin{cases}<backEfficiency>\\,\\max(0,\\,2-1/<reducerEfficiency>) & \\eta_b>0\\\\ ' +
    '<backEfficiency> & \\eta_b\\le0\\end{cases}',
  citation: {
    basis: 'textbook',
    text: 'A gear loses the same torque whichever side drives: 2 - 1/efficiency',
  },
  range: 'Rolling drives and gears. A locking drive keeps the load whatever stands before it.',
  evaluate: ({ backEfficiency, reducerEfficiency }) =>
    backEfficiency > 0 ? backEfficiency * Math.max(0, 2 - 1 / reducerEfficiency) : backEfficiency,
});

export const dragAtMotor = defineFormula({
  id: 'motion/drag-at-motor',
  title: 'Drag of the drive at the motor',
  symbols: {
    drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque of nut and bearings at the drive shaft' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction' },
    reducerEfficiency: { kind: 'ratio', tex: '\\eta_r', meaning: 'efficiency of the reducer' },
  },
  result: { kind: 'torque', tex: 'T_{dm}', meaning: 'torque that the motor spends on drag alone' },
  tex: '\\frac{<drag>}{<ratio>\\,<reducerEfficiency>}',
  citation: { basis: 'derived', text: 'Torque through a reducer' },
  range: 'Drag that does not grow with speed.',
  evaluate: ({ drag, ratio, reducerEfficiency }) => drag / (ratio * reducerEfficiency),
});

/** Arm of a small hand crank or hand wheel, m. Common practice, no source. */
export const CRANK_ARM = 0.05;

export const crankForce = defineFormula({
  id: 'motion/crank-force',
  title: 'Force on a hand crank',
  symbols: {
    force: { kind: 'force', tex: 'F', meaning: 'what resists the carriage: drag and weight' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive shaft' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the drive' },
    drag: { kind: 'torque', tex: 'T_d', meaning: 'drag torque of nut and bearings' },
    arm: { kind: 'length', tex: 'r', meaning: 'arm of the crank' },
  },
  result: { kind: 'force', tex: 'F_h', meaning: 'force of the hand' },
  tex: '\\frac{<force>\\,<k>/<efficiency> + <drag>}{<arm>}',
  citation: { basis: 'derived', text: 'Torque at the drive shaft over the arm of the crank' },
  range:
    'Crank on the drive shaft, slowly, without a motor on it; a motor adds its detent. Up to 50 N is ' +
    'easy for an hour (common practice, no source).',
  evaluate: ({ force, k, efficiency, drag, arm }) => ((force * k) / efficiency + drag) / arm,
});
