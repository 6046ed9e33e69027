import { defineFormula } from '@/core/worksheet';
import { planMove, rmsTorque } from './moves';
import { signedSymbols, trainTorque } from './torque';

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
  tex:
    'v \\;\\text{where}\\; ' +
    'v\\left(\\frac{v}{<acceleration>}+\\frac{<acceleration>}{<jerk>}\\right) = <travel>',
  citation: {
    basis: 'textbook',
    text: 'Biagiotti and Melchiorri, Trajectory Planning for Automatic Machines and Robots, ch. 3',
  },
  range: 'Where the jerk is so low that full acceleration is not reached, the ramp has two phases.',
  evaluate: ({ travel, acceleration, jerk }) =>
    planMove(travel, Infinity, acceleration, jerkOf(jerk)).topSpeed,
});

export const moveTime = defineFormula({
  id: 'motion/move-time',
  title: 'Time for the whole travel',
  symbols: moveSymbols,
  result: { kind: 'time', tex: 't', meaning: 'time from rest to rest' },
  tex: '\\frac{<travel>}{<rapid>}+\\frac{<rapid>}{<acceleration>}+\\frac{<acceleration>}{<jerk>}',
  citation: {
    basis: 'textbook',
    text: 'Biagiotti and Melchiorri, Trajectory Planning for Automatic Machines and Robots, ch. 3',
  },
  range: 'As shown where the rapid is reached; otherwise the move with the speed that is reached.',
  evaluate: ({ travel, rapid, acceleration, jerk }) =>
    planMove(travel, rapid, acceleration, jerkOf(jerk)).time,
});

const { acceleration: _a, force: _f, ...train } = signedSymbols;

export const shuttleTorque = defineFormula({
  id: 'motion/shuttle-torque',
  title: 'RMS torque of a move out and one back',
  symbols: {
    ...moveSymbols,
    ...train,
    share: { kind: 'ratio', tex: 's_1', meaning: 'share of the load on this drive' },
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
    guideDrag: { kind: 'force', tex: 'F_d', meaning: 'drag of the guides' },
    gravity: { kind: 'force', tex: 'F_g', meaning: 'weight along the axis' },
    cutting: { kind: 'force', tex: 'F_c', meaning: 'cutting force against the motion' },
  },
  result: {
    kind: 'torque',
    tex: 'T_{rms}',
    meaning: 'root mean square over one move out and one back, without rest',
  },
  tex: [
    '\\sqrt{\\frac{1}{2t}\\int_0^{2t} T(\\tau)^2\\,d\\tau},\\quad ' +
      'F=<share>\\left(<mass>\\,a(\\tau)+<guideDrag>+<cutting>\\pm <gravity>\\right)\\\\',
    '\\scriptstyle s=<travel>,\\ v=<rapid>,\\ a=<acceleration>,\\ j=<jerk>,\\ J_m=<motorInertia>,\\ ' +
      'J_d=<driveInertia>,\\ i=<ratio>\\\\',
    '\\scriptstyle \\eta_r=<reducerEfficiency>,\\ k=<k>,\\ \\eta=<efficiency>,\\ ' +
      '\\eta_b=<backEfficiency>,\\ T_d=<drag>',
  ].join(''),
  citation: {
    basis: 'textbook',
    text:
      'Mean heating of a motor follows the mean square of its torque; torque in each phase by the ' +
      'signed torque equation',
  },
  range:
    'Rest between moves is counted apart. A stepper driver heats its motor at full current ' +
    'whatever the torque.',
  evaluate: (inputs) => {
    const { travel, rapid, acceleration, jerk, share, mass, guideDrag, gravity, cutting } = inputs;
    const move = planMove(travel, rapid, acceleration, jerkOf(jerk));
    const way = (weight: number) =>
      rmsTorque(move, (a) => trainTorque(inputs, a, share * (mass * a + guideDrag + cutting + weight)));
    // Level, the way back is the way there.
    return gravity === 0 ? way(0) : Math.sqrt((way(gravity) ** 2 + way(-gravity) ** 2) / 2);
  },
});

export const peakPower = defineFormula({
  id: 'motion/peak-power',
  title: 'Peak mechanical power of one motor',
  symbols: {
    torque: { kind: 'torque', tex: 'T_a', meaning: 'torque at full acceleration' },
    steady: { kind: 'torque', tex: 'T_0', meaning: 'torque at steady rapid' },
    speed: { kind: 'speed', tex: 'v', meaning: 'rapid' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'full acceleration' },
    jerk: { kind: 'jerk', tex: 'j', meaning: 'jerk; without a limit the ramp ends at full acceleration' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'power', tex: 'P', meaning: 'highest mechanical power on the ramp' },
  tex:
    '\\max_{\\tau}\\left(<steady>+(<torque>-<steady>)\\frac{<jerk>\\,\\tau}{<acceleration>}\\right)' +
    '\\frac{<speed>-<jerk>\\,\\tau^2/2}{<k>},\\quad 0\\le\\tau\\le\\tfrac{<acceleration>}{<jerk>}',
  citation: {
    basis: 'derived',
    text:
      'Torque times angular speed over the last phase of the ramp, τ before its end; greatest ' +
      'where its slope is 0',
  },
  range: 'Heat in the windings comes on top. A travel too short for the rapid needs less.',
  evaluate({ torque, steady, speed, acceleration, jerk, k }) {
    if (!Number.isFinite(jerk)) return (torque * speed) / k;
    // A ramp that never comes to full acceleration ends its rise where its fall begins, half way up.
    const last = Math.min(acceleration / jerk, Math.sqrt(speed / jerk));
    const rise = ((torque - steady) * jerk) / acceleration;
    const top =
      rise > 0 ? (Math.sqrt(steady * steady + 6 * rise * rise * (speed / jerk)) - steady) / (3 * rise) : 0;
    const tau = Math.min(last, top);
    return ((steady + rise * tau) * (speed - (jerk * tau * tau) / 2)) / k;
  },
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
