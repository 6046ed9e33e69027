import type { Point } from '../doubt';
import { requirePlaces } from './line';

/** The narrowest band between two parallel lines that holds all points. */
export interface Zone {
  readonly slope: number;
  /** Width of the band along the ordinate, m. */
  readonly range: number;
  /** Heights of the upper and the lower line at x = 0. */
  readonly top: number;
  readonly bottom: number;
  /** The three points that touch it: two on one line, one on the other between them. Two for two points. */
  readonly contacts: readonly Point[];
}

/** Of points at one place only the highest (or lowest) counts for a hull. */
function onePerPlace(points: readonly Point[], side: 1 | -1): Point[] {
  const best = new Map<number, Point>();
  for (const p of points) {
    const known = best.get(p.x);
    if (!known || side * (p.h - known.h) > 0) best.set(p.x, p);
  }
  return [...best.values()].sort((a, b) => a.x - b.x);
}

/** Upper hull (side 1) or lower hull (side -1) of points, from left to right; Andrew's chain. */
export function hullOf(points: readonly Point[], side: 1 | -1): readonly Point[] {
  const hull: Point[] = [];
  for (const p of onePerPlace(points, side)) {
    while (hull.length >= 2) {
      const [a, b] = [hull[hull.length - 2]!, hull[hull.length - 1]!];
      const turn = (b.x - a.x) * (p.h - a.h) - (b.h - a.h) * (p.x - a.x);
      if (side * turn < 0) break;
      hull.pop();
    }
    hull.push(p);
  }
  return hull;
}

/** The point of a hull that stands farthest out when looked at along a slope. */
const farthest = (hull: readonly Point[], slope: number, side: 1 | -1): Point =>
  hull.reduce((best, p) => (side * (p.h - slope * p.x - (best.h - slope * best.x)) > 0 ? p : best));

/**
 * Minimum zone of points (ISO 12780-1: minimum zone reference lines). Its width is a convex function of the
 * slope with corners at the slopes of the hulls' edges, so the least lies at one of them.
 * @throws RangeError where fewer than two different places, or a figure that is none, are given.
 */
export function minimumZone(points: readonly Point[]): Zone {
  requirePlaces(points);
  const hulls = { upper: hullOf(points, 1), lower: hullOf(points, -1) };
  const zones = [
    ...edgesOf(hulls.upper).map(([a, b]) => touching(a, b, farthest(hulls.lower, slopeOf(a, b), -1))),
    ...edgesOf(hulls.lower).map(([a, b]) => touching(a, b, farthest(hulls.upper, slopeOf(a, b), 1))),
  ];
  return zones.reduce((best, z) => (z.range < best.range ? z : best));
}

const slopeOf = (a: Point, b: Point) => (b.h - a.h) / (b.x - a.x);
const edgesOf = (hull: readonly Point[]): readonly (readonly [Point, Point])[] =>
  hull.slice(1).map((b, i) => [hull[i]!, b] as const);

/** The band with an edge on one line and a point on the other. */
function touching(a: Point, b: Point, other: Point): Zone {
  const slope = slopeOf(a, b);
  const line = a.h - slope * a.x;
  const across = other.h - slope * other.x;
  const contacts = other === a || other === b ? [a, b] : [a, b, other].sort((p, q) => p.x - q.x);
  return {
    slope,
    range: Math.abs(line - across),
    top: Math.max(line, across),
    bottom: Math.min(line, across),
    contacts,
  };
}
