import { bisect } from '@/core/numerics';
import { defineFormula } from '@/core/worksheet';
import { loopLengthOf } from '../belt';

const motorPulley = {
  kind: 'length',
  tex: 'd_1',
  meaning: 'effective diameter of the pulley on the motor',
} as const;
const spindlePulley = {
  kind: 'length',
  tex: 'd_2',
  meaning: 'effective diameter of the pulley on the spindle',
} as const;
const centre = { kind: 'length', tex: 'C', meaning: 'between the shafts' } as const;
const spindle = { kind: 'angularSpeed', tex: 'n_2', meaning: 'speed of the spindle' } as const;

export const spindleSpeed = defineFormula({
  id: 'spindle/speed',
  title: 'Speed of a spindle behind its belt',
  symbols: {
    motor: { kind: 'angularSpeed', tex: 'n_1', meaning: 'speed of the motor' },
    motorPulley,
    spindlePulley,
  },
  result: { kind: 'angularSpeed', tex: 'n_2', meaning: 'speed of the spindle' },
  tex: '<motor>\\,\\frac{<motorPulley>}{<spindlePulley>}',
  citation: { basis: 'textbook', text: 'Both pulleys run at the speed of the belt' },
  range: 'Slip left out: 1 to 2 % of a loaded V-belt, none of a toothed one.',
  evaluate: ({ motor, motorPulley: d1, spindlePulley: d2 }) => (motor * d1) / d2,
});

export const motorSpeedFor = defineFormula({
  id: 'spindle/motor-speed',
  title: 'Speed of the motor for one of the spindle',
  symbols: { spindle, motorPulley, spindlePulley },
  result: { kind: 'angularSpeed', tex: 'n_1', meaning: 'speed of the motor' },
  tex: '<spindle>\\,\\frac{<spindlePulley>}{<motorPulley>}',
  citation: { basis: 'textbook', text: 'Both pulleys run at the speed of the belt' },
  range: 'Slip left out.',
  evaluate: ({ spindle: n, motorPulley: d1, spindlePulley: d2 }) => (n * d2) / d1,
});

export const wrapAngle = defineFormula({
  id: 'spindle/wrap',
  title: 'Angle of wrap of the smaller pulley',
  symbols: { motorPulley, spindlePulley, centre },
  result: { kind: 'angle', tex: '\\beta', meaning: 'arc on which the belt lies' },
  tex: '\\pi-2\\arcsin\\frac{|<motorPulley>-<spindlePulley>|}{2\\,<centre>}',
  citation: {
    basis: 'textbook',
    text: 'Shigley, Mechanical Engineering Design, flexible elements: open belt',
  },
  range: 'Pulleys that do not touch.',
  evaluate: ({ motorPulley: a, spindlePulley: b, centre: c }) =>
    Math.PI - 2 * Math.asin(Math.min(1, Math.abs(a - b) / (2 * c))),
});

export const centreForLength = defineFormula({
  id: 'spindle/centre',
  title: 'Distance of the shafts for a belt',
  symbols: {
    length: { kind: 'length', tex: 'L', meaning: 'effective length of the belt' },
    motorPulley,
    spindlePulley,
  },
  result: { kind: 'length', tex: 'C', meaning: 'between the shafts with the belt just straight' },
  tex: 'C\\;\\text{where}\\; L(C,\\,<motorPulley>,\\,<spindlePulley>)=<length>',
  citation: { basis: 'derived', text: 'Root of the belt length (Shigley, open belt) by bisection' },
  range: 'A belt long enough to go round both pulleys; otherwise 0.',
  evaluate: ({ length, motorPulley: a, spindlePulley: b }) => {
    const root = bisect((c) => loopLengthOf(c, a, b) - length, (a + b) / 2, length, 1e-9);
    return root.ok ? root.x : 0;
  },
});

export const rimSpeed = defineFormula({
  id: 'spindle/rim-speed',
  title: 'Speed of a belt',
  symbols: { spindle, spindlePulley },
  result: { kind: 'speed', tex: 'v', meaning: 'speed of the belt and of both rims' },
  tex: '<spindle>\\,\\frac{<spindlePulley>}{2}',
  citation: { basis: 'textbook', text: 'Circumference times turns' },
  range: 'No slip.',
  evaluate: ({ spindle: w, spindlePulley: d }) => (w * d) / 2,
});

export const bearingSpeed = defineFormula({
  id: 'spindle/bearing-speed',
  title: 'Speed factor of the bearings of a spindle',
  symbols: {
    spindle,
    diameter: { kind: 'length', tex: 'd_m', meaning: 'middle of bore and outside of the larger bearing' },
  },
  result: { kind: 'diameterSpeed', tex: 'n\\,d_m', meaning: 'mean diameter times speed' },
  tex: '<spindle>\\,<diameter>',
  citation: { basis: 'textbook', text: 'The factor in which bearing catalogues give limits of speed' },
  range: 'Grease; oil and ceramic balls go further.',
  evaluate: ({ spindle: n, diameter }) => n * diameter,
});
