import type { Point } from '../doubt';

/**
 * Heights along a rail from slopes that a level reads on a foot, walked from end to end; both ends at nought.
 * @param base distance of the foot's two supports, m.
 * @param slopes as read, + where the far end is high.
 */
export function heightsByLevel(base: number, slopes: readonly number[]): readonly Point[] {
  const raw = [{ x: 0, h: 0 }];
  for (const slope of slopes) {
    const { x, h } = raw[raw.length - 1]!;
    raw.push({ x: x + base, h: h + base * slope });
  }
  const last = raw[raw.length - 1]!;
  return last.x === 0 ? raw : raw.map(({ x, h }) => ({ x, h: h - (last.h * x) / last.x }));
}
