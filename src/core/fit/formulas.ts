import { defineFormula } from '@/core/worksheet';

const DERIVED = 'Travel chain: what a part is long, less what runs on it and what is kept at both ends';
const reach = (meaning: string) => ({ kind: 'length', tex: 's_{max}', meaning }) as const;
const reserve = { kind: 'length', tex: 'u', meaning: 'thread kept at each end' } as const;
const clearance = { kind: 'length', tex: 'c', meaning: 'kept free at each end' } as const;
const NO_MARGIN = 'No margin for stops: what the ends take comes off.';

export const railReach = defineFormula({
  id: 'fit/rail-reach',
  title: 'Travel that the rail leaves room for',
  symbols: {
    rail: { kind: 'length', tex: 'L_r', meaning: 'length of the rail' },
    span: { kind: 'length', tex: 'L_s', meaning: 'outer span of the carriages' },
    overhang: { kind: 'length', tex: 'o', meaning: 'how far a carriage may run past each end' },
  },
  result: reach('travel that the rail allows'),
  tex: '<rail> - <span> + 2\\,<overhang>',
  citation: {
    basis: 'derived',
    text: 'Travel chain: rail length at least travel plus outer carriage span, less what may overhang',
  },
  range:
    'No margin for stops. Up to a quarter of a carriage may overhang at a loss of rating (common practice, ' +
    'no source).',
  evaluate: ({ rail, span, overhang }) => rail - span + 2 * overhang,
});

export const threadReach = defineFormula({
  id: 'fit/thread-reach',
  title: 'Travel that the thread leaves room for',
  symbols: {
    thread: { kind: 'length', tex: 'L_t', meaning: 'length of the thread' },
    nut: { kind: 'length', tex: 'L_n', meaning: 'length of the nut over its wipers' },
    reserve,
  },
  result: reach('travel that the thread allows'),
  tex: '<thread> - <nut> - 2\\,<reserve>',
  citation: { basis: 'derived', text: DERIVED },
  range:
    'A ball nut that leaves its thread sheds its balls: keep a lead and at least 5 mm (common practice).',
  evaluate: ({ thread, nut, reserve: u }) => thread - nut - 2 * u,
});

export const blockReach = defineFormula({
  id: 'fit/block-reach',
  title: 'Travel between the end blocks',
  symbols: {
    between: { kind: 'length', tex: 'b', meaning: 'between the faces of the end blocks' },
    housing: { kind: 'length', tex: 'L_h', meaning: 'nut and housing overall' },
    clearance,
  },
  result: reach('travel that the end blocks allow'),
  tex: '<between> - <housing> - 2\\,<clearance>',
  citation: { basis: 'derived', text: DERIVED },
  range: NO_MARGIN,
  evaluate: ({ between, housing, clearance: c }) => between - housing - 2 * c,
});

export const rackReach = defineFormula({
  id: 'fit/rack-reach',
  title: 'Travel that the rack leaves room for',
  symbols: {
    rack: { kind: 'length', tex: 'L_z', meaning: 'length of the teeth' },
    module: { kind: 'length', tex: 'm', meaning: 'module' },
  },
  result: reach('travel that the rack allows'),
  tex: '<rack> - \\frac{2\\,<module>}{\\tan 20^\\circ}',
  citation: {
    basis: 'derived',
    text: 'Contact of a 20° rack reaches m / tan 20° beyond the pitch point (line of action, ISO 53)',
  },
  range: 'One pinion on the rack. The last tooth bears no full load.',
  evaluate: ({ rack, module }) => rack - (2 * module) / Math.tan(Math.PI / 9),
});

export const loopReach = defineFormula({
  id: 'fit/loop-reach',
  title: 'Travel between the pulleys',
  symbols: {
    centre: { kind: 'length', tex: 'C', meaning: 'distance of the pulley shafts' },
    diameter: { kind: 'length', tex: 'd', meaning: 'diameter of a pulley' },
    clamp: { kind: 'length', tex: 'W', meaning: 'what runs between the pulleys at the height of the belt' },
    clearance,
  },
  result: reach('travel that the pulleys allow'),
  tex: '<centre> - <diameter> - <clamp> - 2\\,<clearance>',
  citation: { basis: 'derived', text: DERIVED },
  range: 'Both pulleys of one size; flanges stand out a little further.',
  evaluate: ({ centre, diameter, clamp, clearance: c }) => centre - diameter - clamp - 2 * c,
});

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

export const endLength = defineFormula({
  id: 'fit/end-length',
  title: 'What an end takes of the stroke',
  symbols: {
    crash: { kind: 'length', tex: 'z', meaning: 'stroke of the cushion and crash zone' },
    stop: { kind: 'length', tex: 'd', meaning: 'path from the switch to standstill' },
    scatter: { kind: 'length', tex: 'w', meaning: 'spread of the point where the switch trips' },
    margin: { kind: 'length', tex: 'm', meaning: 'from the soft limit to the switch' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'between soft limit and hard stop' },
  tex: '<crash> + <stop> + <scatter> + <margin>',
  citation: { basis: 'derived', text: 'Sum of what lies between the soft limit and the hard stop' },
  range: 'Each end by itself. Margins of 2 to 5 mm are common practice, no source.',
  evaluate: ({ crash, stop, scatter, margin }) => crash + stop + scatter + margin,
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
