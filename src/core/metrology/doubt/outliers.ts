/** A place along a line and what was read there. */
export interface Point {
  readonly x: number;
  readonly h: number;
}

/** How often the usual jump between neighbours a reading must stand out before it is asked about. */
const TIMES = 4;
/** A median of deviations as a standard deviation, for a normal scatter. */
const MEDIAN_TO_SIGMA = 1.4826;

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** How far a point stands off the line through its two neighbours. */
function offNeighbours(points: readonly Point[], i: number): number {
  const [a, b, c] = [points[i - 1]!, points[i]!, points[i + 1]!];
  const share = (b.x - a.x) / (c.x - a.x);
  return b.h - (a.h + share * (c.h - a.h));
}

/**
 * Readings that stand off the line of their neighbours by far more than the others do, and by more than the
 * doubt explains. A wave does not: its neighbours bend with it. They are asked about, never left out.
 * @param points in order of place, all different.
 * @param standard standard uncertainty of one reading.
 * @returns their places in the list and how far they stand off.
 */
export function standingOut(
  points: readonly Point[],
  standard: number,
): readonly { readonly index: number; readonly off: number }[] {
  if (points.length < 5) return [];
  const off = points.map((_, i) => (i === 0 || i === points.length - 1 ? 0 : offNeighbours(points, i)));
  const usual = MEDIAN_TO_SIGMA * median(off.slice(1, -1).map(Math.abs));
  // A reading and half of each neighbour: its deviation scatters by the root of 1.5.
  const least = Math.max(TIMES * usual, 3 * Math.sqrt(1.5) * standard);
  return off.flatMap((d, index) => {
    const larger = Math.abs(d) > Math.abs(off[index - 1] ?? 0) && Math.abs(d) > Math.abs(off[index + 1] ?? 0);
    return larger && Math.abs(d) > least ? [{ index, off: d }] : [];
  });
}
