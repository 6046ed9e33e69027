import type { Motion, Place } from '@/core/gcode';

/**
 * A rapid of a controller whose axes do not wait for one another: each goes at its own top speed until it is
 * there, so that the way bends wherever one of them arrives.
 * @param speed of each axis, m/s. @returns its straight pieces, in their order; as long in all as it takes.
 */
export function bentWay(motion: Motion, speed: Place): readonly Motion[] {
  const { from, to } = motion;
  const times = [0, 1, 2].map((i) => Math.abs(to[i]! - from[i]!) / speed[i]!);
  const ends = [...new Set(times)].filter((t) => t > 0).sort((a, b) => a - b);
  const placeAt = (t: number): Place => {
    const [x, y, z] = [0, 1, 2].map((i) =>
      t >= times[i]! ? to[i]! : from[i]! + ((to[i]! - from[i]!) * t) / times[i]!,
    );
    return [x!, y!, z!];
  };
  let begin = from;
  return ends.map((t) => {
    const end = placeAt(t);
    const length = Math.hypot(end[0] - begin[0], end[1] - begin[1], end[2] - begin[2]);
    const piece = { ...motion, from: begin, to: end, length };
    begin = end;
    return piece;
  });
}
