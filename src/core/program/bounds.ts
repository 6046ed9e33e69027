import type { Block, Program, ProgramAxis, ProgramPlace } from './program';

/** What is wrong with a block of a program. */
export interface ProgramFault {
  readonly block: number;
  readonly letter: string;
  readonly what: 'below' | 'above' | 'too-fast' | 'no-axis' | 'no-number' | 'not-placed' | 'no-arc';
  readonly value: number;
  readonly limit: number;
}

/** Rounding of a figure in a file is no way beyond a limit, m. */
const ROUNDING = 1e-9;
/** Radii at both ends of an arc may differ by so much, m: as coarse as a file’s own figures. */
const ARC_CLOSE = 2e-6;

type Moves = Extract<Block, { readonly to: ProgramPlace }>;
const isMove = (block: Block): block is Moves => 'to' in block;

/** Places that an arc reaches on its way, besides its end: quadrants. */
function quadrants(block: Extract<Block, { does: 'arc' }>, from: ProgramPlace): readonly ProgramPlace[] {
  const [a, b] = Object.keys(block.centre) as [string, string];
  const [ca, cb] = [block.centre[a]!, block.centre[b]!];
  const end = { ...from, ...block.to };
  const radius = Math.hypot(from[a]! - ca, from[b]! - cb);
  const turn = (p: ProgramPlace) => Math.atan2(p[b]! - cb, p[a]! - ca);
  const [start, stop] = block.way === 'ccw' ? [turn(from), turn(end)] : [turn(end), turn(from)];
  const whole = 2 * Math.PI;
  const span = (((stop - start) % whole) + whole) % whole || whole;
  return [0, 1, 2, 3].flatMap((k) => {
    const angle = (k * Math.PI) / 2;
    const along = (((angle - start) % whole) + whole) % whole;
    return along <= span ? [{ [a]: ca + radius * Math.cos(angle), [b]: cb + radius * Math.sin(angle) }] : [];
  });
}

function arcFault(block: Extract<Block, { does: 'arc' }>, from: ProgramPlace, i: number): ProgramFault[] {
  const [a, b] = Object.keys(block.centre);
  const fault = (letter: string, what: ProgramFault['what'], value = NaN, limit = NaN) => [
    { block: i, letter, what, value, limit },
  ];
  // Heads choose the plane of X and Y; others are not written.
  if (!a || !b || [a, b].toSorted().join('') !== 'XY') return fault(a ?? '', 'no-arc');
  if (from[a] === undefined || from[b] === undefined)
    return fault(from[a] === undefined ? a : b, 'not-placed');
  const far = (p: ProgramPlace) => Math.hypot(p[a]! - block.centre[a]!, p[b]! - block.centre[b]!);
  const [before, after] = [far(from), far({ ...from, ...block.to })];
  return before > 0 && Math.abs(before - after) <= ARC_CLOSE ? [] : fault(a, 'no-arc', after, before);
}

/** Faults of one place: an axis that is not there, a figure that is none, beyond a soft limit. */
function placeFaults(place: ProgramPlace, axes: readonly ProgramAxis[], i: number): ProgramFault[] {
  return Object.entries(place).flatMap(([letter, value]): ProgramFault[] => {
    const axis = axes.find((a) => a.letter === letter);
    if (!axis) return [{ block: i, letter, what: 'no-axis', value, limit: NaN }];
    if (!Number.isFinite(value)) return [{ block: i, letter, what: 'no-number', value, limit: NaN }];
    if (value < axis.low - ROUNDING) return [{ block: i, letter, what: 'below', value, limit: axis.low }];
    return value > axis.high + ROUNDING ? [{ block: i, letter, what: 'above', value, limit: axis.high }] : [];
  });
}

/** The speed of a block by axis: an arc turns all of it into each of its axes. */
function speedFaults(block: Moves, from: ProgramPlace, axes: readonly ProgramAxis[], i: number) {
  if (block.does === 'rapid') return [];
  const { speed } = block;
  if (!(speed > 0) || !Number.isFinite(speed))
    return [{ block: i, letter: '', what: 'no-number' as const, value: speed, limit: NaN }];
  const letters = block.does === 'arc' ? Object.keys(block.centre) : Object.keys(block.to);
  const ways = letters.map((l) => (from[l] === undefined ? 1 : Math.abs((block.to[l] ?? from[l]) - from[l])));
  const length = Math.hypot(...ways);
  return letters.flatMap((letter, k): ProgramFault[] => {
    const share = block.does === 'arc' || !length ? 1 : ways[k]! / length;
    const most = axes.find((a) => a.letter === letter)?.speed ?? Infinity;
    return speed * share > most * (1 + ROUNDING)
      ? [{ block: i, letter, what: 'too-fast', value: speed * share, limit: most }]
      : [];
  });
}

/**
 * What is wrong with a program: moves beyond a soft limit (quadrants of arcs too), faster than an axis may,
 * arcs that do not close. Of a program without axes only what is no number is found.
 */
export function programFaults({ axes, blocks }: Program): readonly ProgramFault[] {
  let at: ProgramPlace = {};
  return blocks.flatMap((block, i): ProgramFault[] => {
    if (block.does === 'dwell' && !(block.time >= 0 && Number.isFinite(block.time)))
      return [{ block: i, letter: '', what: 'no-number', value: block.time, limit: NaN }];
    if (!isMove(block)) return [];
    const from = at;
    at = { ...at, ...block.to };
    if (!axes.length) {
      const bad = Object.entries(block.to).filter(([, v]) => !Number.isFinite(v));
      return bad.map(([letter, value]) => ({ block: i, letter, what: 'no-number', value, limit: NaN }));
    }
    const arc = block.does === 'arc' ? arcFault(block, from, i) : [];
    if (arc.length) return arc;
    const reached = block.does === 'arc' ? quadrants(block, from) : [];
    return [
      ...[block.to, ...reached].flatMap((p) => placeFaults(p, axes, i)),
      ...speedFaults(block, from, axes, i),
    ];
  });
}
