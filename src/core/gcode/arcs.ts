import { type Arc, type Place } from './motion';
import { LineFault, type RemarkCode } from './note';

/** The plane of an arc, both axes in the order in which counter-clockwise goes from one to the other. */
export interface Plane {
  readonly a: 0 | 1 | 2;
  readonly b: 0 | 1 | 2;
  readonly c: 0 | 1 | 2;
  /** Letters of the centre along both. */
  readonly letters: readonly [string, string];
}

/** By the code of the plane, in tenths. */
export const planes: Readonly<Record<number, Plane>> = {
  170: { a: 0, b: 1, c: 2, letters: ['I', 'J'] },
  180: { a: 2, b: 0, c: 1, letters: ['K', 'I'] },
  190: { a: 1, b: 2, c: 0, letters: ['J', 'K'] },
};

/** Radii at both ends may differ by so much and nothing is said (NISTIR 6556, 3.5.3), m: metric, inches. */
const CLOSE = { mm: 2e-6, inch: 0.0002 * 0.0254 } as const;
/** By more than this, and this share of the radius, it is another arc than was meant; common practice. */
const WRONG = { least: 5e-6, share: 1e-3 } as const;
/** Ends so near to one another are one place, m. */
const SAME = 1e-9;

const TURN = 2 * Math.PI;
const turned = (angle: number) => ((angle % TURN) + TURN) % TURN;

interface Ends {
  readonly from: Place;
  readonly to: Place;
  /** Counter-clockwise: G3. */
  readonly ccw: boolean;
  /** Where the word stands that says the arc, for a message. */
  readonly column: number;
}

/** The turn from one angle to another in the way that is said; the same place: all round. */
function sweepOf(start: number, end: number, ccw: boolean, same: boolean): number {
  if (same) return ccw ? TURN : -TURN;
  const ahead = ccw ? turned(end - start) : -turned(start - end);
  return ahead === 0 ? (ccw ? TURN : -TURN) : ahead;
}

const isSame = ({ from, to }: Ends, { a, b }: Plane) =>
  Math.abs(from[a] - to[a]) < SAME && Math.abs(from[b] - to[b]) < SAME;

function around(ends: Ends, plane: Plane, centre: readonly [number, number]): Arc {
  const { a, b, c } = plane;
  const out = (p: Place) => [p[a] - centre[0], p[b] - centre[1]] as const;
  const [first, then] = [out(ends.from), out(ends.to)];
  const start = Math.atan2(first[1], first[0]);
  const sweep = sweepOf(start, Math.atan2(then[1], then[0]), ends.ccw, isSame(ends, plane));
  return { a, b, c, centre, radius: Math.hypot(...first), last: Math.hypot(...then), start, sweep };
}

/**
 * An arc by its centre.
 * @throws LineFault where it has no radius, or ends on quite another one than it began on.
 */
export function arcAround(
  ends: Ends,
  plane: Plane,
  centre: readonly [number, number],
  inch: boolean,
): { readonly arc: Arc; readonly remark: RemarkCode | null } {
  const arc = around(ends, plane, centre);
  const { radius, last } = arc;
  const off = Math.abs(last - radius);
  if (!(radius > SAME) || off > Math.max(WRONG.least, WRONG.share * radius))
    throw new LineFault('arc-radius', ends.column, '', last, radius);
  return { arc, remark: off > CLOSE[inch ? 'inch' : 'mm'] ? 'arc-warned' : null };
}

/**
 * An arc by its radius, below 0 for more than half a turn.
 * @throws LineFault where it ends where it began, or farther away than twice the radius.
 */
export function arcOfRadius(ends: Ends, plane: Plane, radius: number): Arc {
  const { from, to, ccw, column } = ends;
  const { a, b } = plane;
  const [along, up] = [to[a] - from[a], to[b] - from[b]];
  const chord = Math.hypot(along, up);
  const r = Math.abs(radius);
  if (chord < SAME || chord > 2 * r + WRONG.least) throw new LineFault('arc-chord', column, '', chord, 2 * r);
  const high = Math.sqrt(Math.max(0, r * r - (chord * chord) / 4));
  const side = (ccw === radius > 0 ? high : -high) / chord;
  return around(ends, plane, [(from[a] + to[a]) / 2 - up * side, (from[b] + to[b]) / 2 + along * side]);
}
