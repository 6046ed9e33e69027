import { type Point } from '../doubt';
import { between, leastSquaresLine, type Line, rangeAbout } from './line';
import { hullOf, minimumZone } from './zone';

/** What goes in under one bolt, or which way the rail goes there. */
export interface Move {
  readonly x: number;
  /** m; of shims never negative. */
  readonly by: number;
}

/** Shims and the line that the rail then lies on. */
export interface Shims {
  readonly line: Line;
  readonly moves: readonly Move[];
  /** Width of the zone that is expected afterwards, from the readings, with the shims as they are sold. */
  readonly left: number;
}

/**
 * Line on or above all points with the least sum of gaps below it: the edge of the upper hull over the mean
 * of the places.
 */
function restingLine(points: readonly Point[]): Line {
  const hull = hullOf(points, 1);
  const mean = points.reduce((s, p) => s + p.x, 0) / points.length;
  const after = Math.max(
    1,
    hull.findIndex((p) => p.x >= mean),
  );
  const [a, b] = [hull[after - 1]!, hull[after] ?? hull[after - 1]!];
  const slope = a === b ? 0 : (b.h - a.h) / (b.x - a.x);
  return { slope, offset: a.h - slope * a.x };
}

/** Line of a given slope on the highest of the points. */
function lineAbove(points: readonly Point[], slope: number): Line {
  return { slope, offset: Math.max(...points.map((p) => p.h - slope * p.x)) };
}

/** Points after something was put in at the bolts: what lies between two bolts follows them. */
const moved = (points: readonly Point[], moves: readonly Move[]): readonly Point[] => {
  const bolts = moves.map((m) => ({ x: m.x, h: m.by }));
  return points.map((p) => ({ x: p.x, h: p.h + between(bolts, p.x) }));
};

/**
 * Shims under the bolts of a rail that make it straight in height: none is taken out, so the line lies on the
 * highest place.
 * @param points heights that were read.
 * @param bolts places of the bolts, at least two.
 * @param stock the steps in which shims are to be had, m; 0: any.
 * @param slope wanted slope of the rail; null: free.
 * @throws RangeError where fewer than two places are given.
 */
export function shimsFor(
  points: readonly Point[],
  bolts: readonly number[],
  stock: number,
  slope: number | null = null,
): Shims {
  const at = bolts.map((x) => ({ x, h: between(points, x) }));
  // A line needs two places: this throws for fewer.
  leastSquaresLine(at);
  const line = slope === null ? restingLine(at) : lineAbove(at, slope);
  const moves = at.map(({ x, h }) => {
    const gap = Math.max(0, line.offset + line.slope * x - h);
    return { x, by: stock > 0 ? Math.round(gap / stock) * stock : gap };
  });
  const after = moved(points, moves);
  const left = slope === null ? minimumZone(after).range : rangeAbout(after, slope);
  return { line, moves, left };
}

/**
 * Moves of the bolts that make a rail straight sideways: to the line of least squares, so that it goes as
 * little as possible.
 */
export function sidewaysFor(points: readonly Point[], bolts: readonly number[]): Shims {
  const line = leastSquaresLine(points);
  const moves = bolts.map((x) => ({ x, by: line.offset + line.slope * x - between(points, x) }));
  return { line, moves, left: minimumZone(moved(points, moves)).range };
}
