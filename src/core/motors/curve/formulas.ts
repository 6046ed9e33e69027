import { defineFormula } from '@/core/worksheet';

const points = {
  speed1: { kind: 'angularSpeed', tex: 'n_1', meaning: 'speed of the point before' },
  torque1: { kind: 'torque', tex: 'T_1', meaning: 'torque of the point before' },
  speed2: { kind: 'angularSpeed', tex: 'n_2', meaning: 'speed of the point behind' },
  torque2: { kind: 'torque', tex: 'T_2', meaning: 'torque of the point behind' },
} as const;

export const torqueOnCurve = defineFormula({
  id: 'curve/torque',
  title: 'Torque of the curve at a speed',
  symbols: { ...points, speed: { kind: 'angularSpeed', tex: 'n', meaning: 'speed of the motor' } },
  result: { kind: 'torque', tex: 'T', meaning: 'torque on the curve; 0 beyond its end' },
  tex: '<torque1>+\\frac{<speed>-<speed1>}{<speed2>-<speed1>}\\,(<torque2>-<torque1>)',
  citation: { basis: 'derived', text: 'Straight line between two points of the curve' },
  range: 'Between the two points; below the first its torque, beyond the last nothing.',
  evaluate: ({ speed1, torque1, speed2, torque2, speed }) =>
    speed <= speed1
      ? torque1
      : speed > speed2
        ? 0
        : torque1 + ((speed - speed1) / (speed2 - speed1)) * (torque2 - torque1),
});

export const speedOnCurve = defineFormula({
  id: 'curve/speed',
  title: 'Speed at which the usable torque no longer suffices',
  symbols: {
    ...points,
    share: { kind: 'ratio', tex: 's', meaning: 'usable share of the curve' },
    torque: { kind: 'torque', tex: 'T_{asked}', meaning: 'torque that is asked' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel of the axis per radian of the motor' },
  },
  result: {
    kind: 'speed',
    tex: 'v_T',
    meaning: 'highest axis speed; 0 where even standing still is too much',
  },
  tex:
    '<k>\\left(<speed1>+' +
    '\\frac{<torque1>-<torque>/<share>}{<torque1>-<torque2>}\\,(<speed2>-<speed1>)\\right)',
  citation: {
    basis: 'derived',
    text: 'Where the straight line between two points meets the torque that is asked',
  },
  range: 'The stretch in which the curve falls through the torque; where it never does, the last point.',
  evaluate: ({ speed1, torque1, speed2, torque2, share, torque, k }) => {
    const wanted = torque / share;
    if (wanted > torque1) return 0;
    if (wanted <= torque2) return k * speed2;
    return k * (speed1 + ((torque1 - wanted) / (torque1 - torque2)) * (speed2 - speed1));
  },
});

export const curveScale = defineFormula({
  id: 'curve/voltage-scale',
  title: 'How a lower supply shrinks a torque curve',
  symbols: {
    supply: { kind: 'voltage', tex: 'V', meaning: 'supply of this axis' },
    curve: { kind: 'voltage', tex: 'V_c', meaning: 'supply that the curve was taken at' },
  },
  result: { kind: 'ratio', tex: 'f_V', meaning: 'factor on the speeds of the curve' },
  tex: '\\min\\left(1,\\frac{<supply>}{<curve>}\\right)',
  citation: {
    basis: 'derived',
    text:
      'With resistance left out, reactance and induced voltage grow with speed: the same torque at ' +
      'a speed that goes with the voltage (Acarnley, Stepping Motors)',
  },
  range: 'A higher supply is not credited.',
  evaluate: ({ supply, curve }) => Math.min(1, supply / curve),
});

export const servoPeakPower = defineFormula({
  id: 'servo/peak-at-top-speed',
  title: 'Peak torque of a servo at its highest speed',
  symbols: {
    rated: { kind: 'torque', tex: 'T_N', meaning: 'rated torque' },
    ratedSpeed: { kind: 'angularSpeed', tex: 'n_N', meaning: 'rated speed' },
    maxSpeed: { kind: 'angularSpeed', tex: 'n_{max}', meaning: 'highest speed' },
  },
  result: { kind: 'torque', tex: 'T_{max}', meaning: 'peak torque at the highest speed' },
  tex: '<rated>\\,\\frac{<ratedSpeed>}{<maxSpeed>}',
  citation: {
    basis: 'memory',
    text: 'No more than rated power at the highest speed; datasheet curves lie above it',
  },
  range: 'Only where the datasheet’s value is not given.',
  evaluate: ({ rated, ratedSpeed, maxSpeed }) => (rated * ratedSpeed) / maxSpeed,
});

export const heatShare = defineFormula({
  id: 'curve/heat-share',
  title: 'Heat of a motor at its rated load',
  symbols: {
    share: { kind: 'ratio', tex: 'q', meaning: 'share of the power that becomes heat' },
    torque: { kind: 'torque', tex: 'T_N', meaning: 'rated torque' },
    speed: { kind: 'angularSpeed', tex: 'n', meaning: 'rated speed' },
  },
  result: { kind: 'power', tex: 'P_h', meaning: 'heat' },
  tex: '<share>\\,<torque>\\,<speed>',
  citation: {
    basis: 'memory',
    text: 'About 15 % of the rated power of servos, 30 % of small brushed gear motors',
  },
  range: 'For choosing a supply, not for cooling.',
  evaluate: ({ share, torque, speed }) => share * torque * speed,
});

export const pulsesFromCounts = defineFormula({
  id: 'curve/pulses-from-counts',
  title: 'Pulses per length of travel',
  symbols: {
    counts: { kind: 'count', tex: 'c', meaning: 'command pulses for one turn of the motor' },
    ratio: { kind: 'ratio', tex: 'i', meaning: 'reduction, motor turns per turn of the drive' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the drive' },
  },
  result: { kind: 'pulsesPerLength', tex: 'p', meaning: 'pulses per length' },
  tex: '\\frac{<counts>\\,<ratio>}{2\\pi\\,<k>}',
  citation: { basis: 'derived', text: 'Pulses of a turn over travel of a turn' },
  range: 'As set in the electronic gear of the drive.',
  evaluate: ({ counts, ratio, k }) => (counts * ratio) / (2 * Math.PI * k),
});
