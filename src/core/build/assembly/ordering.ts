import { type Conflict, conflictOf, goTwice, type OrderStep, orderSteps, type Turn } from '../order';
import type { JointReach } from './access';
import type { Part } from './part';
import { broughtBy, type JointMap, offAndOn, type WorkStep } from './work';

/** The gate between what is done and what is not: not a step, but what the builder has made of the order. */
export const SO_FAR = 'so-far';

/** The order of the work, what stands in its way, what goes on twice. */
export interface Ordering {
  /** Every step once, with parts that come off and go on again between; what is done comes first. */
  readonly turns: readonly Turn[];
  /** For every step those that come before it. */
  readonly before: ReadonlyMap<string, readonly string[]>;
  /** Parts that go on twice, by the step that puts them on. */
  readonly twice: readonly string[];
  /** Demands that no order meets; undefined: there is an order, if need be with parts that go on twice. */
  readonly conflict: Conflict | undefined;
  /** Why parts go on twice. */
  readonly because: Conflict | undefined;
  /**
   * Joints that would be hidden by the sizes that such parts usually have, so that no order were left: the
   * builder is asked, and the order does without.
   */
  readonly doubted: readonly string[];
}

/** Steps after which a joint's screws need a tool. */
const TURNED: ReadonlySet<string> = new Set(['snug', 'run', 'tight']);

/** A step as the order sees it, and of which joint each of its conditions is. */
interface Orderable extends OrderStep {
  readonly joints: readonly string[];
}

/** The axis at which a step is done; of one of the whole machine, where its parts stand. */
const areaOf = ({ owner, brings, sets }: WorkStep, parts: ReadonlyMap<string, Part>): string => {
  if (owner) return owner;
  const part = parts.get(brings[0] ?? sets[0]?.joint ?? '');
  return parts.get(part?.on[0] ?? '')?.owner ?? '';
};

/** Steps as the order sees them: what hides a screw becomes the steps that put it there. */
function orderable(
  steps: readonly WorkStep[],
  parts: readonly Part[],
  reach: ReadonlyMap<string, JointReach>,
): Orderable[] {
  const by = broughtBy(steps);
  const partOf = new Map(parts.map((p) => [p.id, p]));
  const facts = steps.filter((s) => s.state === 'done').sort((a, b) => a.doneAt.localeCompare(b.doneAt));
  const done = facts.map((s) => s.id);
  const open = steps.some((s) => s.state !== 'done');
  const on = new Set(done);
  const shut = (s: WorkStep) =>
    s.sets
      .flatMap((x) => reach.get(x.joint)?.demand ?? [])
      .some((options) => options.every((o) => o.some((p) => on.has(by.get(p) ?? ''))));
  const unit = (s: WorkStep, part: string) => s.place === 'machine' || partOf.get(part)?.owner === s.owner;
  const plain = { area: '', tool: '', height: 0, mass: 0, first: false, reach: [], joints: [] } as const;
  // What is next to what was done last comes next.
  const area = facts.length ? areaOf(facts.at(-1)!, partOf) : '';
  const gate = done.length && open ? [{ ...plain, area, id: SO_FAR, needs: done }] : [];
  const list = steps.map((s): Orderable => {
    const common = {
      id: s.id,
      area: areaOf(s, partOf),
      tool: '',
      height: 0,
      mass: Math.max(0, ...s.brings.map((p) => partOf.get(p)?.mass ?? 0)),
      // What starts a wait, or what is shut in by what is on already, is taken first.
      first: s.wait > 0 || shut(s),
    };
    // What is done is a fact: in the order in which it was done.
    if (s.state === 'done') {
      const before = facts.slice(0, facts.indexOf(s));
      return { ...common, needs: before.map((x) => x.id), reach: [], joints: [] };
    }
    const turned = s.sets.filter((x) => TURNED.has(x.state)).map((x) => x.joint);
    return {
      ...common,
      needs: gate.length ? [SO_FAR, ...s.needs] : s.needs,
      joints: turned.flatMap((joint) => (reach.get(joint)?.demand ?? []).map(() => joint)),
      reach: turned.flatMap((joint) =>
        (reach.get(joint)?.demand ?? []).map((options) =>
          options.map((o) => o.filter((p) => unit(s, p)).flatMap((p) => by.get(p) ?? [])),
        ),
      ),
    };
  });
  return [...gate, ...list];
}

/**
 * Whether a part can come off for a while, and what that takes, minutes: what carries nothing, or what is on
 * already and carries nothing yet.
 */
function costOf(steps: readonly WorkStep[], parts: readonly Part[], joints: JointMap) {
  const carries = (part: string, among: ReadonlySet<string>) =>
    parts.some((p) => p.on.includes(part) && among.has(p.id));
  const every = new Set(parts.map((p) => p.id));
  const there = new Set(steps.filter((s) => s.state === 'done').flatMap((s) => s.brings));
  const byId = new Map(steps.map((s) => [s.id, s]));
  return (id: string): number | undefined => {
    const step = byId.get(id);
    if (!step?.brings.length) return undefined;
    const among = step.state === 'done' ? there : every;
    // Several parts of a step come off together.
    const rest = new Set([...among].filter((p) => !step.brings.includes(p)));
    if (step.brings.some((p) => carries(p, rest))) return undefined;
    return step.brings.reduce((sum, p) => sum + offAndOn(joints.get(p)), 0);
  };
}

/** Parts that would come off with something standing on them, where the turns are done one after another. */
function burdened(
  turns: readonly Turn[],
  steps: readonly WorkStep[],
  parts: readonly Part[],
): readonly string[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const on = new Set<string>();
  return turns.flatMap(({ kind, id }) => {
    const brings = byId.get(id)?.brings ?? [];
    brings.forEach((p) => (kind === 'off' ? on.delete(p) : on.add(p)));
    if (kind !== 'off') return [];
    return parts.some((p) => on.has(p.id) && p.on.some((x) => brings.includes(x))) ? [id] : [];
  });
}

/** The joint that a contradiction rests on and whose screws are only where such screws usually are. */
function doubtedIn(
  { reasons }: Conflict,
  list: readonly Orderable[],
  reach: ReadonlyMap<string, JointReach>,
): string | undefined {
  const joints = reasons.flatMap((r) =>
    r.kind === 'hidden' ? (list.find((s) => s.id === r.step)?.joints[r.reach] ?? []) : [],
  );
  return joints.find((j) => reach.get(j)?.usual);
}

/** Puts the steps in order; where there is none, the cheapest parts go on twice. */
export function orderingOf(
  steps: readonly WorkStep[],
  parts: readonly Part[],
  joints: JointMap,
  access: readonly JointReach[],
): Ordering {
  const doubted: string[] = [];
  const plain = costOf(steps, parts, joints);
  const fixed = new Set<string>();
  const cost = (id: string) => (fixed.has(id) ? undefined : plain(id));
  for (;;) {
    const reach = new Map(access.filter((a) => !doubted.includes(a.joint)).map((a) => [a.joint, a]));
    const list = orderable(steps, parts, reach);
    const real = (turns: readonly Turn[]) => turns.filter((t) => t.id !== SO_FAR);
    const before = new Map<string, readonly string[]>();
    const none = { before, twice: [], conflict: undefined, because: undefined, doubted };
    const ordered = orderSteps(list);
    if (ordered.ok) {
      const turns = ordered.order.map((id): Turn => ({ kind: 'do', id }));
      return { ...none, turns: real(turns), before: ordered.before };
    }
    const because = conflictOf(list);
    const twice = goTwice(list, cost);
    const heavy = twice ? burdened(twice.turns, steps, parts) : [];
    if (heavy.length) {
      heavy.forEach((id) => fixed.add(id));
      continue;
    }
    if (twice)
      return { ...none, turns: real(twice.turns), before: twice.before, twice: twice.parts, because };
    const may = new Set(list.filter((s) => cost(s.id) !== undefined).map((s) => s.id));
    const conflict = conflictOf(list, may) ?? because;
    const doubt = conflict && doubtedIn(conflict, list, reach);
    if (doubt === undefined) return { ...none, turns: [], conflict, because };
    doubted.push(doubt);
  }
}
