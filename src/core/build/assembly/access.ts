import type { Scene } from '@/core/machine';
import type { CoverSaid, Project } from '@/core/model';
import { type Move, reachOf, type Reach, type Solid, type ToolKind, toolsFor } from '../reach';
import type { Joint } from './part';
import { solidsOf } from './parts';

/** One screw, and how it can be turned with the whole machine on. */
export interface ScrewReach {
  readonly id: string;
  /** What is in the way, by every way that asks for no more than another; the first is the handiest. */
  readonly ways: readonly Reach[];
}

/** How the screws of a joint are reached. */
export interface JointReach {
  readonly joint: string;
  readonly screws: readonly ScrewReach[];
  /** Sets of parts one of which must be off, for every screw that differs from the others. */
  readonly demand: readonly (readonly (readonly string[])[])[];
  /** Screws that some tool reaches with everything on, and with which tools. */
  readonly free: number;
  readonly tools: readonly ToolKind[];
  /** The answer rests on sizes and places that are only usual. */
  readonly usual: boolean;
  /** The model knows nothing of it: no screws, and nothing was said by hand. */
  readonly unknown: boolean;
}

/** Directions and travels of the axes. */
export const movesOf = ({ moves }: Scene): readonly Move[] =>
  moves.flatMap(({ axisId, way, travel }): Move[] => {
    const at = way.findIndex((v) => v !== 0);
    return at < 0 ? [] : [{ axisId, way: at as 0 | 1 | 2, travel: way[at]! * travel }];
  });

/** What was said by hand of a joint goes before what was found. */
function corrected(options: readonly (readonly string[])[], said: readonly CoverSaid[]): string[][] {
  const not = new Set(said.filter((c) => !c.hides).map((c) => c.part));
  const also = said.filter((c) => c.hides).map((c) => c.part);
  const all = options.map((o) => [...new Set([...o.filter((p) => !not.has(p)), ...also])].sort());
  return all.filter((o, i) => !all.some((b, j) => j !== i && within(b, o) && (b.length < o.length || j < i)));
}

const within = (a: readonly string[], b: readonly string[]) => a.every((x) => b.includes(x));

/** Reach of every joint, with all parts on. */
export function accessOf(project: Project, scene: Scene, joints: readonly Joint[]): readonly JointReach[] {
  const solids: readonly Solid[] = solidsOf(scene, project.axes);
  const moves = movesOf(scene);
  return joints.map((joint): JointReach => {
    const said = project.covers.filter((c) => c.joint === joint.id);
    const tools = toolsFor(joint.thread, joint.length);
    const screws = tools.length
      ? joint.fasteners.map((f) => ({ id: f.id, ways: reachOf(f, solids, moves, tools) }))
      : [];
    const found = screws.map(({ ways }) =>
      corrected(
        ways.map((w) => w.hidden),
        said,
      ),
    );
    const byHand = !screws.length && said.some((c) => c.hides) ? [corrected([[]], said)] : [];
    const demand = new Map([...found, ...byHand].map((o) => [JSON.stringify(o), o]));
    const open = screws.filter((_, i) => found[i]!.some((o) => !o.length));
    return {
      joint: joint.id,
      screws,
      demand: [...demand.values()].filter((options) => !options.some((o) => !o.length)),
      free: open.length,
      tools: [...new Set(open.map((s) => s.ways[0]!.tool.kind))],
      usual: joint.usual || screws.some((s) => s.ways.some((w) => w.usual)),
      unknown: !screws.length && !said.length,
    };
  });
}
