import type { Place3, Way } from '@/core/machine';
import type { Move, Pose, Solid } from './solid';
import { crosses, overlaps, posed, TOUCH } from './solid';
import type { Tool } from './tools';

/** A screw by its head, m, with every axis at the start of its travel. */
export interface Fastener {
  readonly id: string;
  readonly at: Place3;
  /** The direction out of its head. */
  readonly way: Way;
  readonly sign: 1 | -1;
  readonly rides: readonly string[];
  /** Parts that it joins: they are there, and never in the way of it. */
  readonly joins: readonly string[];
}

/** One way to turn a screw: with what, where the axes stand, and what is in the way then. */
export interface Reach {
  readonly tool: Tool;
  readonly pose: Pose;
  readonly hidden: readonly string[];
  /** Whether it is told by sizes that are only usual. */
  readonly usual: boolean;
}

/** A rod that a tool takes up, and the square in which its arm swings. */
interface Shape {
  readonly tool: Tool;
  readonly leans: boolean;
  readonly to: Place3;
  readonly radius: number;
  readonly arm: { readonly at: Place3; readonly size: Place3 } | null;
}

const others = (way: Way): readonly [Way, Way] => (way === 0 ? [1, 2] : way === 1 ? [0, 2] : [0, 1]);

/** How a tool may stand: leaning to eight sides or straight, its arm in one of four quarters. */
function shapesOf({ way, sign }: Fastener, from: Place3, tool: Tool): Shape[] {
  const [u, v] = others(way);
  const leans = tool.lean ? Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4) : [null];
  return leans.flatMap((turn): Shape[] => {
    const to: [number, number, number] = [...from];
    to[way] += sign * tool.shaft * Math.cos(turn === null ? 0 : tool.lean);
    if (turn !== null) {
      to[u] += tool.shaft * Math.sin(tool.lean) * Math.cos(turn);
      to[v] += tool.shaft * Math.sin(tool.lean) * Math.sin(turn);
    }
    const rod = { tool, leans: turn !== null, to, radius: tool.radius };
    if (!tool.arm) return [{ ...rod, arm: null }];
    const size: [number, number, number] = [tool.arm, tool.arm, tool.arm];
    size[way] = 2 * tool.radius;
    return [-1, 1].flatMap((a) =>
      [-1, 1].map((b): Shape => {
        const at: [number, number, number] = [...to];
        at[u] += (a * tool.arm) / 2;
        at[v] += (b * tool.arm) / 2;
        return { ...rod, arm: { at, size } };
      }),
    );
  });
}

/** Whether a rod goes through an open hole of a piece without touching it. */
function passes({ way }: Fastener, from: Place3, radius: number, solid: Solid, at: Place3): boolean {
  if (solid.holes?.way !== way) return false;
  const [u, v] = others(way);
  return solid.holes.list.some((h) => {
    if (!h.open) return false;
    const off = Math.hypot(from[u] - at[u] - h.at[u], from[v] - at[v] - h.at[v]);
    return off + radius <= h.diameter / 2 - TOUCH;
  });
}

/** Whether a piece that stands there is in the way of a tool that stands so. */
function hides(fastener: Fastener, from: Place3, shape: Shape, solid: Solid, at: Place3): boolean {
  const rod =
    crosses(from, shape.to, shape.radius, at, solid.size) &&
    (shape.leans || !passes(fastener, from, shape.radius, solid, at));
  return rod || (shape.arm !== null && overlaps(shape.arm.at, shape.arm.size, at, solid.size));
}

/** The furthest a tool reaches from a head, m. */
const span = (tools: readonly Tool[]) =>
  Math.max(0, ...tools.map((t) => Math.hypot(t.shaft, t.arm) + t.radius));

/** Pieces that a tool could meet in any pose. */
function near(fastener: Fastener, solids: readonly Solid[], moves: readonly Move[], far: number): Solid[] {
  return solids.filter((s) => {
    if (fastener.joins.includes(s.part)) return false;
    return ([0, 1, 2] as const).every((w) => {
      // By how much the piece can stand elsewhere against the screw.
      let [least, most] = [0, 0];
      for (const m of moves) {
        if (m.way !== w) continue;
        const by =
          m.travel * (Number(s.rides.includes(m.axisId)) - Number(fastener.rides.includes(m.axisId)));
        if (by < 0) least += by;
        else most += by;
      }
      const off = s.at[w] - fastener.at[w];
      const half = s.size[w] / 2 + far;
      return off + least < half && off + most > -half;
    });
  });
}

/** Poses are looked at by so many places along an axis at most. */
const MOST_PLACES = 6;

/**
 * Places along an axis that are worth a look: both ends, and just past the edges of every piece that moves
 * against the screw, where a tool begins to clear it.
 */
function placesOf(
  fastener: Fastener,
  solids: readonly Solid[],
  move: Move,
  reaches: readonly number[],
): number[] {
  const own = fastener.rides.includes(move.axisId);
  const edges = solids.flatMap((s) => {
    if (s.rides.includes(move.axisId) === own) return [];
    const off = (fastener.at[move.way] - s.at[move.way]) / (own ? -move.travel : move.travel);
    const holes = (s.holes?.list ?? []).map((h) => off - h.at[move.way] / (own ? -move.travel : move.travel));
    const sides = reaches.flatMap((r) => {
      const by = (s.size[move.way] / 2 + r + TOUCH) / Math.abs(move.travel);
      return [off - by, off + by];
    });
    return [...sides, ...holes];
  });
  const inside = [...new Set(edges.map((e) => Math.round(e * 1e4) / 1e4))].filter((e) => e > 0 && e < 1);
  inside.sort((a, b) => a - b);
  const step = Math.max(1, Math.ceil(inside.length / (MOST_PLACES - 2)));
  return [0, ...inside.filter((_, i) => i % step === 0), 1];
}

/** Every pose worth a look for a screw. */
function posesFor(
  fastener: Fastener,
  solids: readonly Solid[],
  moves: readonly Move[],
  tools: readonly Tool[],
) {
  const turning = moves.filter(
    (m) =>
      Math.abs(m.travel) > 1e-6 &&
      solids.some((s) => s.rides.includes(m.axisId) !== fastener.rides.includes(m.axisId)),
  );
  const reaches = [...new Set(tools.flatMap((t) => [t.radius, t.arm]))];
  let poses: Map<string, number>[] = [new Map()];
  for (const m of turning) {
    const places = placesOf(fastener, solids, m, reaches);
    poses = poses.flatMap((p) => places.map((at) => new Map([...p, [m.axisId, at] as const])));
  }
  return poses;
}

/** Leaves out what asks for more off than another does. */
function fewest(found: readonly Reach[]): Reach[] {
  const kept: Reach[] = [];
  for (const r of [...found].sort((a, b) => a.hidden.length - b.hidden.length))
    if (!kept.some((k) => k.hidden.every((p) => r.hidden.includes(p)))) kept.push(r);
  return kept;
}

/**
 * How a screw can be turned with everything on: for every tool and pose what is in the way, without those
 * that ask for more off than another. The first with nothing hidden is the handiest. Exact for boxes that lie
 * square; of a pose the edges of pieces and holes are looked at. @param tools the handiest first.
 */
export function reachOf(
  fastener: Fastener,
  solids: readonly Solid[],
  moves: readonly Move[],
  tools: readonly Tool[],
): readonly Reach[] {
  const about = near(fastener, solids, moves, span(tools));
  const moving = moves.filter((m) => fastener.rides.includes(m.axisId));
  const goesAlong = (s: Solid) =>
    moves.every((m) => s.rides.includes(m.axisId) === fastener.rides.includes(m.axisId));
  const still = about.filter(goesAlong);
  const other = about.filter((s) => !goesAlong(s));
  // Everything is seen from the screw: what goes along with it hides the same in every pose.
  const shapes = tools
    .flatMap((tool) => shapesOf(fastener, fastener.at, tool))
    .map((shape) => {
      const hiding = still.filter((s) => hides(fastener, fastener.at, shape, s, s.at));
      return { shape, hiding, parts: new Set(hiding.map((s) => s.part)) };
    });
  const found = new Map<string, Reach>();
  for (const pose of posesFor(fastener, other, moves, tools)) {
    const back = posed([0, 0, 0], fastener.rides, moving, pose);
    const there = other.map((solid) => {
      const at = posed(solid.at, solid.rides, moves, pose);
      return { solid, at: [at[0] - back[0], at[1] - back[1], at[2] - back[2]] as const };
    });
    for (const { shape, hiding, parts } of shapes) {
      // Whatever else comes in the way, this asks for no less than a way that is known.
      if (parts.size && [...found.values()].some((f) => f.hidden.every((p) => parts.has(p)))) continue;
      const more = there.filter(({ solid, at }) => hides(fastener, fastener.at, shape, solid, at));
      const all = [...hiding, ...more.map((m) => m.solid)];
      const hidden = [...new Set(all.map((s) => s.part))].sort();
      const key = hidden.join();
      const usual = all.some((s) => s.usual);
      if (!found.has(key)) found.set(key, { tool: shape.tool, pose, hidden, usual });
      if (!hidden.length) return [found.get(key)!];
    }
  }
  return fewest([...found.values()]);
}
