import type { Outline, Point, Vertex } from './shapes';

/** The arc from one corner to the next, or nothing where the way is straight. */
export interface Arc {
  readonly centre: Point;
  readonly radius: number;
  /** Angle at which it begins, and how far it turns, counter-clockwise positive; radians. */
  readonly from: number;
  readonly sweep: number;
}

/** The arc that a bulge stands for. @param from corner with the bulge. @param to the next corner. */
export function arcOf(from: Vertex, to: Point): Arc | undefined {
  const bulge = from.bulge ?? 0;
  const chord = Math.hypot(to.x - from.x, to.y - from.y);
  if (bulge === 0 || chord === 0) return undefined;
  const sweep = 4 * Math.atan(bulge);
  const radius = chord / 2 / Math.sin(Math.abs(sweep) / 2);
  // The middle lies across the chord, on the left of an arc that turns left by less than half a circle.
  const away = (chord / 2) * ((1 - bulge * bulge) / (2 * bulge));
  const centre = {
    x: (from.x + to.x) / 2 - (away * (to.y - from.y)) / chord,
    y: (from.y + to.y) / 2 + (away * (to.x - from.x)) / chord,
  };
  return { centre, radius, from: Math.atan2(from.y - centre.y, from.x - centre.x), sweep };
}

/** Pieces of a full circle. */
const PIECES = 48;

/** An outline as points joined by straight lines alone, fine enough to measure by. */
export function flattened({ points, closed }: Pick<Outline, 'points' | 'closed'>): readonly Point[] {
  if (!points.some((p) => p.bulge)) return points;
  return points.flatMap((from, i) => {
    const to = points[i + 1] ?? (closed ? points[0] : undefined);
    const arc = to && arcOf(from, to);
    if (!arc) return [from];
    const n = Math.max(2, Math.ceil((PIECES * Math.abs(arc.sweep)) / (2 * Math.PI)));
    return Array.from({ length: n }, (_, k) => {
      const angle = arc.from + (arc.sweep * k) / n;
      return {
        x: arc.centre.x + arc.radius * Math.cos(angle),
        y: arc.centre.y + arc.radius * Math.sin(angle),
      };
    });
  });
}
