import type { Point } from '../doubt';

/** A line h = offset + slope x. */
export interface Line {
  readonly slope: number;
  readonly offset: number;
}

/** Height of a line at a place. */
export const heightAt = ({ slope, offset }: Line, x: number): number => offset + slope * x;

/** Ordinates from here to there over a line: how wide a band parallel to it must be to hold all points. */
export function rangeAbout(points: readonly Point[], slope: number): number {
  let [low, high] = [Infinity, -Infinity];
  for (const { x, h } of points) {
    const off = h - slope * x;
    if (off < low) low = off;
    if (off > high) high = off;
  }
  return high - low;
}

/** @throws RangeError where fewer than two different places, or a figure that is none, are given. */
export function requirePlaces(points: readonly Point[]): void {
  if (points.some((p) => !Number.isFinite(p.x) || !Number.isFinite(p.h)))
    throw new RangeError('a place or a height is no number');
  if (new Set(points.map((p) => p.x)).size < 2) throw new RangeError('a line wants two places at least');
}

/**
 * Line of least squares through points.
 * @throws RangeError as `requirePlaces`.
 */
export function leastSquaresLine(points: readonly Point[]): Line {
  requirePlaces(points);
  const n = points.length;
  const mx = points.reduce((s, p) => s + p.x, 0) / n;
  const mh = points.reduce((s, p) => s + p.h, 0) / n;
  const across = points.reduce((s, p) => s + (p.x - mx) * (p.h - mh), 0);
  const spread = points.reduce((s, p) => s + (p.x - mx) ** 2, 0);
  const slope = across / spread;
  return { slope, offset: mh - slope * mx };
}

/** Height of a run of points at a place, straight between them, level beyond the first and the last. */
export function between(points: readonly Point[], x: number): number {
  const sorted = [...points].sort((a, b) => a.x - b.x);
  const after = sorted.findIndex((p) => p.x >= x);
  if (after === 0) return sorted[0]!.h;
  if (after < 0) return sorted[sorted.length - 1]!.h;
  const [a, b] = [sorted[after - 1]!, sorted[after]!];
  return a.h + ((b.h - a.h) * (x - a.x)) / (b.x - a.x);
}
