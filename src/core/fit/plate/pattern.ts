/** A place on a plate, m: x along the travel, y across it, from the corner of the two reference edges. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** Holes about the middle of a part. */
export type Pattern =
  | { readonly kind: 'rect'; readonly along: number; readonly across: number }
  | { readonly kind: 'circle'; readonly circle: number; readonly count: number; readonly start: number }
  | { readonly kind: 'row'; readonly pitch: number; readonly count: number }
  | { readonly kind: 'single' };

/** Where the holes of a pattern lie about the middle of their part. */
export function patternPlaces(pattern: Pattern): readonly Place[] {
  switch (pattern.kind) {
    case 'single':
      return [{ x: 0, y: 0 }];
    case 'row':
      return Array.from({ length: pattern.count }, (_, i) => ({
        x: (i - (pattern.count - 1) / 2) * pattern.pitch,
        y: 0,
      }));
    case 'circle':
      return Array.from({ length: pattern.count }, (_, i) => {
        const angle = pattern.start + (2 * Math.PI * i) / pattern.count;
        return { x: (pattern.circle / 2) * Math.cos(angle), y: (pattern.circle / 2) * Math.sin(angle) };
      });
    case 'rect': {
      const xs = pattern.along > 0 ? [-pattern.along / 2, pattern.along / 2] : [0];
      const ys = pattern.across > 0 ? [-pattern.across / 2, pattern.across / 2] : [0];
      return xs.flatMap((x) => ys.map((y) => ({ x, y })));
    }
  }
}

/** Places about a middle, a quarter turn to the left where the part is turned. */
export const placedAt = (places: readonly Place[], at: Place, quarter: boolean): readonly Place[] =>
  places.map(({ x, y }) => (quarter ? { x: at.x - y, y: at.y + x } : { x: at.x + x, y: at.y + y }));

/** Middles of parts that stand evenly over a span: outer ones flush with its ends. */
export function evenly(count: number, span: number, length: number): readonly number[] {
  if (count < 2) return [0];
  const step = (span - length) / (count - 1);
  return Array.from({ length: count }, (_, i) => -(span - length) / 2 + i * step);
}

/**
 * Holes of a rail so that both ends are equal.
 * @param length of the rail. @param pitch of its holes. @param least from an end to the middle of a hole.
 * @returns how many holes and how far the first is from the end; null for a rail too short for one.
 */
export function railHoles(length: number, pitch: number, least: number) {
  if (length < 2 * least) return null;
  const count = Math.floor((length - 2 * least) / pitch + 1e-9) + 1;
  return { count, end: (length - (count - 1) * pitch) / 2 };
}

/**
 * How far a joint in a rail stands from the nearest of its holes, m. The holes keep their pitch across it.
 * @param place of the joint from the end that `end` is counted from.
 */
export function jointToHole(
  place: number,
  { count, end, pitch }: { count: number; end: number; pitch: number },
) {
  const nearest = Math.min(count - 1, Math.max(0, Math.round((place - end) / pitch)));
  return Math.abs(place - end - nearest * pitch);
}
