import type { Place3, SceneBox, Way } from '@/core/machine';

/** A piece of a part as it may be in the way; m, with every axis at the start of its travel. */
export interface Solid {
  readonly part: string;
  readonly at: Place3;
  readonly size: Place3;
  readonly rides: readonly string[];
  readonly holes: SceneBox['holes'];
  /** Its size or place is only usual. */
  readonly usual: boolean;
}

/** How an axis moves what rides on it. */
export interface Move {
  readonly axisId: string;
  readonly way: Way;
  /** Signed, m. */
  readonly travel: number;
}

/** Where the axes stand: share of the travel by axis. */
export type Pose = ReadonlyMap<string, number>;

/** Where something is with the axes in a pose. */
export function posed(at: Place3, rides: readonly string[], moves: readonly Move[], pose: Pose): Place3 {
  const to: [number, number, number] = [...at];
  for (const m of moves) if (rides.includes(m.axisId)) to[m.way] += m.travel * (pose.get(m.axisId) ?? 0);
  return to;
}

/** What is touched by less than this is not in the way, m. */
export const TOUCH = 0.0005;

/** Whether two boxes take the same room, by more than a touch in every direction. */
export const overlaps = (a: Place3, sizeA: Place3, b: Place3, sizeB: Place3, by = TOUCH): boolean =>
  [0, 1, 2].every((w) => (sizeA[w]! + sizeB[w]!) / 2 - Math.abs(a[w]! - b[w]!) > by);

/**
 * Whether a straight rod from one point to another meets a box that is as much larger as the rod is thick.
 */
export function crosses(from: Place3, to: Place3, radius: number, at: Place3, size: Place3): boolean {
  let [first, last] = [0, 1];
  for (const w of [0, 1, 2] as const) {
    const half = size[w] / 2 + radius - TOUCH;
    const [start, step] = [from[w] - at[w], to[w] - from[w]];
    if (Math.abs(step) < 1e-12) {
      if (Math.abs(start) >= half) return false;
      continue;
    }
    const [a, b] = [(-half - start) / step, (half - start) / step];
    first = Math.max(first, Math.min(a, b));
    last = Math.min(last, Math.max(a, b));
  }
  return first < last;
}
