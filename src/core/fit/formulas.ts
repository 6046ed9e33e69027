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

export const screwLength = defineFormula({
  id: 'fit/screw-length',
  title: 'Length of a screw with its journals',
  symbols: {
    thread: { kind: 'length', tex: 'L_t', meaning: 'length of the thread' },
    drive: { kind: 'length', tex: 'J_1', meaning: 'seat, lock nut and shank at the drive' },
    far: { kind: 'length', tex: 'J_2', meaning: 'seat and ring groove at the other end' },
  },
  result: { kind: 'length', tex: 'L', meaning: 'of the whole screw' },
  tex: '<thread> + <drive> + <far>',
  citation: { basis: 'derived', text: 'Sum of what is turned on the screw' },
  range: 'Block faces stand a thread apart where the inner rings are flush with them.',
  evaluate: ({ thread, drive, far }) => thread + drive + far,
});

export const beltCut = defineFormula({
  id: 'fit/belt-cut',
  title: 'Length to which a belt is cut',
  symbols: {
    centre: { kind: 'length', tex: 'C', meaning: 'distance of the pulley shafts' },
    teeth: { kind: 'count', tex: 'z', meaning: 'teeth of a pulley' },
    pitch: { kind: 'length', tex: 'p', meaning: 'pitch of the belt' },
    mouths: { kind: 'length', tex: 'g', meaning: 'between the mouths of the clamps' },
    grip: { kind: 'length', tex: 'l_k', meaning: 'belt in each clamp' },
  },
  result: { kind: 'length', tex: 'L_b', meaning: 'belt before it is laid in' },
  tex: '2\\,<centre> + <teeth>\\,<pitch> - <mouths> + 2\\,<grip>',
  citation: { basis: 'derived', text: 'Two strands and half a turn of each pulley, clamped at a carriage' },
  range: 'Equal pulleys. At least six teeth in each clamp (common practice).',
  evaluate: ({ centre, teeth, pitch, mouths, grip }) => 2 * centre + teeth * pitch - mouths + 2 * grip,
});

const share = { kind: 'ratio', tex: 'y', meaning: 'share of the loaded length that hangs out' } as const;

export const overhangShare = defineFormula({
  id: 'fit/overhang-share',
  title: 'How much of a carriage hangs out',
  symbols: {
    overhang: { kind: 'length', tex: 'o', meaning: 'past the rail end' },
    carriage: { kind: 'length', tex: 'L_c', meaning: 'length of the carriage over its caps' },
    loaded: { kind: 'length', tex: 'L_b', meaning: 'its loaded length' },
  },
  result: share,
  tex: '\\frac{\\max(0,\\; <overhang> - (<carriage> - <loaded>)/2)}{<loaded>}',
  citation: { basis: 'derived', text: 'End caps may hang out free; then balls are missing' },
  range: 'Balls must be held off the rail too. The loaded length is about 0.7 of the whole (from memory).',
  evaluate: ({ overhang, carriage, loaded }) => Math.max(0, overhang - (carriage - loaded) / 2) / loaded,
});

export const overhangStatic = defineFormula({
  id: 'fit/overhang-static',
  title: 'Static rating that is left past the rail end',
  symbols: { share },
  result: { kind: 'ratio', tex: 'f_0', meaning: 'share of the static rating' },
  tex: '1 - <share>',
  citation: { basis: 'derived', text: 'Balls that are off the rail bear nothing' },
  range: 'Up to a quarter of a carriage, light load, parked (common practice).',
  evaluate: ({ share: y }) => 1 - y,
});

export const overhangDynamic = defineFormula({
  id: 'fit/overhang-dynamic',
  title: 'Dynamic rating that is left past the rail end',
  symbols: { share },
  result: { kind: 'ratio', tex: 'f', meaning: 'share of the dynamic rating' },
  tex: '(1 - <share>)^{0.7}',
  citation: {
    basis: 'memory',
    text: 'Dynamic ratings go with the power 0.7 of the rolling bodies (from memory)',
  },
  range: 'As for the static rating.',
  evaluate: ({ share: y }) => (1 - y) ** 0.7,
});

export const overhangPeak = defineFormula({
  id: 'fit/overhang-peak',
  title: 'Peak load in a single carriage past the rail end',
  symbols: { share },
  result: { kind: 'ratio', tex: 'f_p', meaning: 'over that of a carriage on its rail' },
  tex: '\\frac{1}{1 - <share>}\\left(1 + \\frac{3\\,<share>}{1 - <share>}\\right)',
  citation: { basis: 'derived', text: 'The load sits off the middle of what still bears, and tilts it' },
  range: 'One carriage on a rail. Two share the tilt through their plate.',
  evaluate: ({ share: y }) => (1 / (1 - y)) * (1 + (3 * y) / (1 - y)),
});
