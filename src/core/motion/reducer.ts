import { defineFormula } from '@/core/worksheet';

export const motorTravel = defineFormula({
  id: 'motion/motor-travel',
  title: 'Travel per radian of the motor',
  symbols: {
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'motor turns for one turn of the drive' },
  },
  result: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  tex: '\\frac{<k>}{<ratio>}',
  citation: { basis: 'derived', text: 'Definition of the ratio' },
  range: 'No slip: toothed belts and gears.',
  evaluate: ({ k, ratio }) => k / ratio,
});

export const reducerSpeed = defineFormula({
  id: 'motion/reducer-speed',
  title: 'Axis speed at the highest input speed of the reducer',
  symbols: {
    input: { kind: 'angularSpeed', tex: 'n_g', meaning: 'highest input speed of the reducer' },
    kMotor: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'speed', tex: 'v_g', meaning: 'highest axis speed' },
  tex: '2\\pi\\,<input>\\,<kMotor>',
  citation: { basis: 'derived', text: 'Input speed in turns times travel per turn of the motor' },
  range: 'The datasheet’s continuous input speed; short peaks may be allowed higher.',
  evaluate: ({ input, kMotor }) => input * kMotor,
});

export const reducerPlay = defineFormula({
  id: 'motion/reducer-play',
  title: 'Lost motion by the play of the reducer',
  symbols: {
    backlash: { kind: 'angle', tex: '\\beta', meaning: 'play at the output of the reducer' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
  },
  result: { kind: 'length', tex: 'u', meaning: 'lost motion along the axis' },
  tex: '<backlash>\\cdot\\frac{\\pi}{180°}\\cdot <k>',
  citation: { basis: 'derived', text: 'Angle times travel per radian' },
  range: 'At every reversal.',
  evaluate: ({ backlash, k }) => backlash * k,
});

export const torqueBehind = defineFormula({
  id: 'motion/torque-behind-reducer',
  title: 'Torque behind the reducer',
  symbols: {
    torque: { kind: 'torque', tex: 'M', meaning: 'torque at the motor' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'motor turns for one turn of the drive' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'efficiency of the reducer' },
  },
  result: { kind: 'torque', tex: 'M_2', meaning: 'torque on the shaft of the drive' },
  tex: '<torque>\\,<ratio>\\,<efficiency>',
  citation: { basis: 'derived', text: 'Power in times efficiency is power out' },
  range: 'Driven forward.',
  evaluate: ({ torque, ratio, efficiency }) => torque * ratio * efficiency,
});

export const inertiaBehind = defineFormula({
  id: 'motion/inertia-behind-reducer',
  title: 'Inertia behind the reducer, as the motor feels it',
  symbols: {
    inertia: { kind: 'inertia', tex: 'J', meaning: 'inertia on the shaft of the drive' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'motor turns for one turn of the drive' },
  },
  result: { kind: 'inertia', tex: 'J_1', meaning: 'the same on the shaft of the motor' },
  tex: '\\frac{<inertia>}{<ratio>^2}',
  citation: { basis: 'derived', text: 'Equal kinetic energy' },
  range: 'No slip: toothed belts and gears.',
  evaluate: ({ inertia, ratio }) => inertia / (ratio * ratio),
});

export const travelPerTurn = defineFormula({
  id: 'motion/travel-per-turn',
  title: 'Travel per turn of the drive shaft',
  symbols: { k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' } },
  result: { kind: 'linearPerTurn', tex: 's_1', meaning: 'travel of one turn' },
  tex: '2\\pi\\,<k>',
  citation: { basis: 'derived', text: 'A turn is 2 pi radians' },
  range: 'No slip.',
  evaluate: ({ k }) => 2 * Math.PI * k,
});
