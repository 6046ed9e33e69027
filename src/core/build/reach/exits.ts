import type { Place3, Way } from '@/core/machine';
import { overlaps, type Solid } from './solid';

/** A way along which a part leaves, and what is in it. */
export interface Exit {
  readonly way: Way;
  readonly sign: 1 | -1;
  readonly hidden: readonly string[];
}

/** A part that is past its neighbours by so much is in the hand and can be turned, m. */
const CLEAR = 0.05;

/** The room that a piece takes on its way out, until it is past where it stood. */
function swept({ at, size }: Solid, way: Way, sign: 1 | -1): { at: Place3; size: Place3 } {
  const [to, room]: [[number, number, number], [number, number, number]] = [[...at], [...size]];
  const far = size[way] + CLEAR;
  to[way] += (sign * far) / 2;
  room[way] += far;
  return { at: to, size: room };
}

/**
 * What is in the way of a part on each way out, axes at the start of their travel. What it lies in already,
 * as a nut on its screw, is not: only what it would have to push through.
 * @param ways it can leave by: a nut only along its screw. @param mates parts it stands on.
 */
export function exitsOf(
  part: string,
  solids: readonly Solid[],
  ways: readonly Way[],
  mates: readonly string[],
): readonly Exit[] {
  const known = solids.filter((s) => !s.usual);
  const own = known.filter((s) => s.part === part);
  const rest = known.filter((s) => s.part !== part && !mates.includes(s.part));
  const inside = new Set(
    rest.filter((s) => own.some((o) => overlaps(o.at, o.size, s.at, s.size))).map((s) => s.part),
  );
  return ways.flatMap((way) =>
    ([1, -1] as const).map((sign): Exit => {
      const hidden = new Set<string>();
      for (const o of own) {
        const room = swept(o, way, sign);
        for (const s of rest)
          if (!inside.has(s.part) && overlaps(room.at, room.size, s.at, s.size)) hidden.add(s.part);
      }
      return { way, sign, hidden: [...hidden] };
    }),
  );
}
