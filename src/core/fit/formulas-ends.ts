import { defineFormula } from '@/core/worksheet';

export const stopPath = defineFormula({
  id: 'fit/stop-path',
  title: 'Path from a switch to standstill',
  symbols: {
    speed: { kind: 'speed', tex: 'v', meaning: 'speed at the switch' },
    reaction: { kind: 'time', tex: 't_r', meaning: 'until the controller brakes: switch, filter, poll' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'deceleration' },
    jerk: { kind: 'jerk', tex: 'j', meaning: 'jerk; without limit: constant deceleration' },
  },
  result: { kind: 'length', tex: 'd', meaning: 'path to standstill under control' },
  tex:
    '<speed>\\,<reaction> + \\frac{<speed>^2}{2\\,<acceleration>} + ' +
    '\\frac{<speed>\\,<acceleration>}{2\\,<jerk>}',
  citation: {
    basis: 'textbook',
    text: 'Biagiotti and Melchiorri, Trajectory Planning for Automatic Machines and Robots, ch. 3',
  },
  range:
    'With power. Where the speed is below a²/j full deceleration is not reached: v t_r + v √(v/j) then. ' +
    'Without power the axis runs on by its energy.',
  evaluate({ speed: v, reaction, acceleration: a, jerk: j }) {
    if (Number.isFinite(j) && v < (a * a) / j) return v * reaction + v * Math.sqrt(v / j);
    return v * reaction + (v * v) / (2 * a) + (v * a) / (2 * j);
  },
});

export const tripPlace = defineFormula({
  id: 'fit/trip-place',
  title: 'Where a switch must trip at least',
  symbols: {
    crash: { kind: 'length', tex: 'z', meaning: 'stroke of the cushion and crash zone' },
    stop: { kind: 'length', tex: 'd', meaning: 'path from the switch to standstill' },
    scatter: { kind: 'length', tex: 'w', meaning: 'spread of the point where the switch trips' },
  },
  result: { kind: 'length', tex: 't', meaning: 'from the hard contact inwards to the trip' },
  tex: '<crash> + <stop> + <scatter>',
  citation: { basis: 'derived', text: 'Sum of what lies between the trip and the hard stop' },
  range: 'Each end by itself, from the speed at which the switch may be met.',
  evaluate: ({ crash, stop, scatter }) => crash + stop + scatter,
});

export const endLength = defineFormula({
  id: 'fit/end-length',
  title: 'What an end takes of the stroke',
  symbols: {
    trip: { kind: 'length', tex: 't', meaning: 'from the hard contact inwards to the trip of the switch' },
    margin: { kind: 'length', tex: 'm', meaning: 'from the trip inwards to the soft limit' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'between soft limit and hard stop' },
  tex: '<trip> + <margin>',
  citation: { basis: 'derived', text: 'Sum of what lies between the soft limit and the hard stop' },
  range: 'Each end by itself. Margins of 2 to 5 mm are common practice, no source.',
  evaluate: ({ trip, margin }) => trip + margin,
});

export const softTravel = defineFormula({
  id: 'fit/soft-travel',
  title: 'Travel between the soft limits',
  symbols: {
    stroke: { kind: 'length', tex: 'S', meaning: 'free stroke between the hard contacts' },
    near: { kind: 'length', tex: 'e_1', meaning: 'what the near end takes' },
    far: { kind: 'length', tex: 'e_2', meaning: 'what the far end takes' },
  },
  result: { kind: 'length', tex: 'T', meaning: 'travel that is left' },
  tex: '<stroke> - <near> - <far>',
  citation: { basis: 'derived', text: 'What the ends take comes off the free stroke' },
  range: 'Negative: the ends take more than there is.',
  evaluate: ({ stroke, near, far }) => stroke - near - far,
});

const speed = { kind: 'speed', tex: 'v', meaning: 'speed' } as const;
const mass = { kind: 'mass', tex: 'm_e', meaning: 'mass as it is felt along the axis' } as const;
const force = { kind: 'force', tex: 'F', meaning: 'what brakes it: drag less weight' } as const;

export const feltMass = defineFormula({
  id: 'fit/felt-mass',
  title: 'Mass that runs on with its rotors and screw',
  symbols: {
    mass: { kind: 'mass', tex: 'm', meaning: 'what moves along' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'of the drive, turning into travel' },
    inertia: { kind: 'inertia', tex: 'J', meaning: 'all that turns, at the shaft of the drive' },
    travel: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of that shaft' },
  },
  result: mass,
  tex: '<mass> + \\frac{<efficiency>\\,<inertia>}{<travel>^2}',
  citation: { basis: 'derived', text: 'Energy of what turns, v/k, added to that of what moves' },
  range: 'An efficiency of 1 is on the safe side. A motor behind a reducer counts with its ratio squared.',
  evaluate: ({ mass: m, efficiency, inertia, travel }) => m + (efficiency * inertia) / (travel * travel),
});

export const coastPath = defineFormula({
  id: 'fit/coast-path',
  title: 'Run without power',
  symbols: { mass, speed, force },
  result: { kind: 'length', tex: 's', meaning: 'path until the drag has taken the energy' },
  tex: '\\frac{<mass>\\,<speed>^2}{2\\,<force>}',
  citation: { basis: 'derived', text: 'Energy: F s = m v² / 2' },
  range: 'Nothing but drag brakes. Where the weight pulls harder than the drag resists it never stops.',
  evaluate: ({ mass: m, speed: v, force: f }) => (f > 0 ? (m * v * v) / (2 * f) : Infinity),
});

export const meetingEnergy = defineFormula({
  id: 'fit/meeting-energy',
  title: 'Energy when the stop is met',
  symbols: {
    mass,
    speed,
    force,
    path: { kind: 'length', tex: 's', meaning: 'run free before the stop is met' },
  },
  result: { kind: 'energy', tex: 'E', meaning: 'left for cushion and stop' },
  tex: '\\frac{<mass>\\,<speed>^2}{2} - <force>\\,<path>',
  citation: { basis: 'derived', text: 'Energy: what drag took on the way is gone' },
  range: 'Negative means that it stands before it meets the stop: taken as 0.',
  evaluate: ({ mass: m, speed: v, force: f, path }) => Math.max(0, (m * v * v) / 2 - f * path),
});

const energy = { kind: 'energy', tex: 'E', meaning: 'energy when the cushion is met' } as const;
const rate = { kind: 'stiffness', tex: 'c', meaning: 'rate of the cushion' } as const;

export const springStroke = defineFormula({
  id: 'fit/spring-stroke',
  title: 'How far a spring is pressed',
  symbols: { energy, rate, force },
  result: { kind: 'length', tex: 'y', meaning: 'stroke of the cushion' },
  tex: '\\frac{\\sqrt{<force>^2 + 2\\,<rate>\\,<energy>} - <force>}{<rate>}',
  citation: { basis: 'derived', text: 'Energy: F y + c y² / 2 = E' },
  range: 'A constant rate and a steady drag, which is negative where weight pushes on.',
  evaluate: ({ energy: e, rate: c, force: f }) => (Math.sqrt(f * f + 2 * c * e) - f) / c,
});

export const foamStroke = defineFormula({
  id: 'fit/foam-stroke',
  title: 'How far foam is crushed',
  symbols: {
    energy,
    force,
    crush: { kind: 'force', tex: 'F_c', meaning: 'pressure of crushing times its face' },
  },
  result: { kind: 'length', tex: 'y', meaning: 'stroke of the cushion' },
  tex: '\\frac{<energy>}{<force> + <crush>}',
  citation: { basis: 'derived', text: 'Energy: (F + F_c) y = E' },
  range: 'Up to six tenths of its thickness; then it is a wall (common practice).',
  evaluate: ({ energy: e, force: f, crush }) => (f + crush > 0 ? e / (f + crush) : Infinity),
});

export const rubberRate = defineFormula({
  id: 'fit/rubber-rate',
  title: 'Rate of a bonded rubber pad',
  symbols: {
    modulus: { kind: 'modulus', tex: 'E_0', meaning: "Young's modulus of the rubber" },
    factor: { kind: 'ratio', tex: "k'", meaning: 'by hardness' },
    shape: { kind: 'ratio', tex: 'S_f', meaning: 'loaded face over the face that may bulge' },
    area: { kind: 'area', tex: 'A', meaning: 'loaded face' },
    thickness: { kind: 'length', tex: 't', meaning: 'thickness of the pad' },
  },
  result: rate,
  tex: '\\frac{<modulus>\\,(1 + 2\\,<factor>\\,<shape>^2)\\,<area>}{<thickness>}',
  citation: {
    basis: 'memory',
    text: 'Lindley, Engineering Design with Natural Rubber; constants from memory',
  },
  range: 'Bonded to metal on both faces, pressed by no more than three tenths of its thickness.',
  evaluate: ({ modulus, factor, shape, area, thickness }) =>
    (modulus * (1 + 2 * factor * shape * shape) * area) / thickness,
});

export const rigidForce = defineFormula({
  id: 'fit/rigid-force',
  title: 'Force of meeting a stop without a cushion',
  symbols: { energy, stiffness: { kind: 'stiffness', tex: 'K', meaning: 'of stop and frame together' } },
  result: { kind: 'force', tex: 'F_p', meaning: 'peak force' },
  tex: '\\sqrt{2\\,<energy>\\,<stiffness>}',
  citation: { basis: 'derived', text: 'Energy into a spring without loss: F = v √(m K)' },
  range: 'What gives elsewhere makes it less.',
  evaluate: ({ energy: e, stiffness }) => Math.sqrt(2 * e * stiffness),
});

export const leaningForce = defineFormula({
  id: 'fit/leaning-force',
  title: 'What the motor pushes with when it stands at the stop',
  symbols: {
    torque: { kind: 'torque', tex: 'T', meaning: 'greatest torque of all motors of the axis' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'of drive and reducer' },
    travel: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'force', tex: 'F_l', meaning: 'force on the stop' },
  tex: '\\frac{<torque>\\,<efficiency>}{<travel>}',
  citation: { basis: 'derived', text: 'Work of the motor is work of the axis less losses' },
  range: 'As long as nobody switches off: an open-loop axis does not know that it stands.',
  evaluate: ({ torque, efficiency, travel }) => (torque * efficiency) / travel,
});

export const homingSpeed = defineFormula({
  id: 'fit/homing-speed',
  title: 'Highest speed at which a switch is homed',
  symbols: {
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'deceleration' },
    reaction: { kind: 'time', tex: 't_r', meaning: 'until the controller brakes' },
    over: { kind: 'length', tex: 'o', meaning: 'how far the switch may be run over' },
  },
  result: speed,
  tex: '\\sqrt{(<acceleration>\\,<reaction>)^2 + 2\\,<acceleration>\\,<over>} - <acceleration>\\,<reaction>',
  citation: { basis: 'derived', text: 'v t_r + v² / 2a = o, solved for v' },
  range: 'A constant deceleration; with a jerk limit the path is longer.',
  evaluate: ({ acceleration: a, reaction: t, over }) => Math.sqrt((a * t) ** 2 + 2 * a * over) - a * t,
});

export const homingSpread = defineFormula({
  id: 'fit/homing-spread',
  title: 'How far a home position may be off by polling',
  symbols: {
    speed: { kind: 'speed', tex: 'v', meaning: 'speed of the second pass' },
    poll: { kind: 'time', tex: 't_p', meaning: 'between two looks at the input' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'spread from homing to homing' },
  tex: '<speed>\\,<poll>',
  citation: { basis: 'derived', text: 'The axis moves on between two looks' },
  range: 'The switch itself scatters as well. 1 ms between looks is common practice, no source.',
  evaluate: ({ speed: v, poll }) => v * poll,
});

export const powerUpSkew = defineFormula({
  id: 'fit/power-up-skew',
  title: 'How far two steppers may stand apart when they are switched on',
  symbols: {
    steps: { kind: 'count', tex: 'n', meaning: 'full steps that each may jump' },
    stepsPerTurn: { kind: 'count', tex: 'N', meaning: 'full steps of a turn' },
    travel: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'length', tex: '\\Delta', meaning: 'one side ahead of the other' },
  tex: '\\frac{2\\,<steps>\\cdot 2\\pi\\,<travel>}{<stepsPerTurn>}',
  citation: {
    basis: 'derived',
    text: 'Each rotor falls to the nearest pole: up to two full steps either way',
  },
  range: 'Steppers without a brake, moved by hand or sprung while they were off.',
  evaluate: ({ steps, stepsPerTurn, travel }) => (2 * steps * 2 * Math.PI * travel) / stepsPerTurn,
});
