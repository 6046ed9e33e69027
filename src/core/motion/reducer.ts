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
