import { defineFormula } from '@/core/worksheet';
import { planMove, rmsTorque } from './moves';

const moveSymbols = {
  travel: { kind: 'length', tex: 's', meaning: 'travel, from rest to rest' },
  rapid: { kind: 'speed', tex: 'v', meaning: 'asked rapid' },
  acceleration: { kind: 'acceleration', tex: 'a', meaning: 'acceleration' },
  jerk: { kind: 'jerk', tex: 'j', meaning: 'jerk; without limit: constant acceleration' },
} as const;

const jerkOf = (jerk: number) => (Number.isFinite(jerk) ? jerk : undefined);

export const topSpeed = defineFormula({
  id: 'motion/top-speed',
  title: 'Highest speed that the travel leaves room for',
  symbols: { travel: moveSymbols.travel, acceleration: moveSymbols.acceleration, jerk: moveSymbols.jerk },
  result: { kind: 'speed', tex: 'v_{top}', meaning: 'speed reached at half the travel' },
  tex: 'v \\;\\text{where}\\; v\\left(\\frac{v}{<acceleration>}+\\frac{<acceleration>}{<jerk>}\\right) = <travel>',
  citation: { basis: 'textbook', text: 'Biagiotti and Melchiorri, Trajectory Planning for Automatic Machines and Robots, ch. 3' },
  range: 'Where the jerk is so low that full acceleration is not reached, the ramp has two phases.',
  evaluate: ({ travel, acceleration, jerk }) => planMove(travel, Infinity, acceleration, jerkOf(jerk)).topSpeed,
});

export const moveTime = defineFormula({
  id: 'motion/move-time',
  title: 'Time for the whole travel',
  symbols: moveSymbols,
  result: { kind: 'time', tex: 't', meaning: 'time from rest to rest' },
  tex: '\\frac{<travel>}{<rapid>}+\\frac{<rapid>}{<acceleration>}+\\frac{<acceleration>}{<jerk>}',
  citation: { basis: 'textbook', text: 'Biagiotti and Melchiorri, Trajectory Planning for Automatic Machines and Robots, ch. 3' },
  range: 'As shown where the rapid is reached; otherwise the move with the speed that is reached.',
  evaluate: ({ travel, rapid, acceleration, jerk }) => planMove(travel, rapid, acceleration, jerkOf(jerk)).time,
});

export const shuttleTorque = defineFormula({
  id: 'motion/shuttle-torque',
  title: 'RMS torque when shuttling over the whole travel',
  symbols: {
    ...moveSymbols,
    holding: { kind: 'torque', tex: 'T_0', meaning: 'torque at constant speed' },
    accelerating: { kind: 'torque', tex: 'T_a', meaning: 'torque at the asked acceleration' },
  },
  result: { kind: 'torque', tex: 'T_{rms}', meaning: 'root mean square over one move without rest' },
  tex: '\\sqrt{\\frac{1}{t}\\int_0^t T(\\tau)^2\\,d\\tau},\\quad T=<holding>\\ \\text{to}\\ <accelerating>,\\quad \\scriptstyle s=<travel>,\\ v=<rapid>,\\ a=<acceleration>,\\ j=<jerk>',
  citation: { basis: 'textbook', text: 'Mean heating of a motor follows the mean square of its torque' },
  range: 'Without rest between moves: the upper bound. A stepper driver heats its motor at full current whatever the torque.',
  evaluate: ({ travel, rapid, acceleration, jerk, holding, accelerating }) =>
    rmsTorque(planMove(travel, rapid, acceleration, jerkOf(jerk)), holding, (accelerating - holding) / acceleration),
});

export const peakPower = defineFormula({
  id: 'motion/peak-power',
  title: 'Peak mechanical power of one motor',
  symbols: {
    torque: { kind: 'torque', tex: 'T_a', meaning: 'torque while speeding up' },
    speed: { kind: 'speed', tex: 'v', meaning: 'rapid' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'power', tex: 'P', meaning: 'mechanical power at the end of the ramp' },
  tex: '<torque>\\cdot\\frac{<speed>}{<k>}',
  citation: { basis: 'textbook', text: 'Torque times angular speed' },
  range: 'Heat in the windings comes on top.',
  evaluate: ({ torque, speed, k }) => (torque * speed) / k,
});

export const rampTime = defineFormula({
  id: 'motion/ramp-time',
  title: 'Shortest ramp that does not ring',
  symbols: { frequency: { kind: 'frequency', tex: 'f', meaning: 'natural frequency of the axis' } },
  result: { kind: 'time', tex: 't_r', meaning: 'shortest ramp' },
  tex: '\\frac{1}{<frequency>}',
  citation: { basis: 'practice', text: 'Ramps shorter than one period ring: common practice, no source' },
  range: 'Lightly damped axes.',
  evaluate: ({ frequency }) => 1 / frequency,
});

export const resolution = defineFormula({
  id: 'motion/resolution',
  title: 'Travel of one pulse',
  symbols: { perLength: { kind: 'pulsesPerLength', tex: 'p', meaning: 'pulses per length' } },
  result: { kind: 'length', tex: '\\delta', meaning: 'travel of one pulse' },
  tex: '\\frac{1}{<perLength>}',
  citation: { basis: 'derived', text: 'Reciprocal of pulses per length' },
  range: 'Not an accuracy: friction swallows fine microsteps.',
  evaluate: ({ perLength }) => 1 / perLength,
});
