import type { Place } from '@/core/gcode';
import type { Cornering } from './machine';

/** Two moves that meet: unit ways of both, and what their axes can. */
export interface Corner {
  readonly before: Place;
  readonly behind: Place;
  readonly acceleration: Place;
  /** Half of the shorter of both moves, m: no corner is cut farther back. */
  readonly half: number;
}

/** Ways that differ by less run straight on. */
const STRAIGHT = 1e-9;

/** Acceleration along a way, m/s²: what its axes can together, none asked for more than it has. */
export function alongWay(way: Place, each: Place): number {
  let least = Infinity;
  for (const i of [0, 1, 2] as const) {
    const share = Math.abs(way[i]);
    if (share > STRAIGHT) least = Math.min(least, each[i] / share);
  }
  return least;
}

/**
 * The highest speed at which two moves run into one another, m/s; Infinity where they run straight on.
 * Deviation d, angle b between the ways, c = cos(b/2): v² = a d c / (1 - c). Overlap: v² = 4 a d / sin(b/2),
 * and the corner begins no farther back than half of a move. Both common practice of controllers.
 */
export function cornerSpeed({ before, behind, acceleration, half }: Corner, how: Cornering): number {
  const cosine = Math.max(
    -1,
    Math.min(1, before[0] * behind[0] + before[1] * behind[1] + before[2] * behind[2]),
  );
  if (cosine > 1 - STRAIGHT) return Infinity;
  if (how.kind === 'stop') return 0;
  const jump: Place = [behind[0] - before[0], behind[1] - before[1], behind[2] - before[2]];
  if (how.kind === 'jump') {
    const [x, y, z] = [0, 1, 2].map((i) => {
      const change = Math.abs(jump[i as 0 | 1 | 2]);
      return change > STRAIGHT ? how.by[i as 0 | 1 | 2] / change : Infinity;
    });
    return Math.min(x!, y!, z!);
  }
  const size = Math.hypot(...jump);
  const a = alongWay([jump[0] / size, jump[1] / size, jump[2] / size], acceleration);
  const c = Math.sqrt((1 + cosine) / 2);
  if (how.kind === 'deviation') return Math.sqrt((a * how.by * c) / (1 - c));
  const sine = Math.sqrt((1 - cosine) / 2);
  return Math.sqrt(Math.min((4 * a * how.by) / sine, 2 * a * half));
}
