import { earlier, later, type OpenTime, type Span, type Wall, type Zone } from './open-time';

/** A piece of work to be dated. */
export interface Task {
  readonly id: string;
  /** Minutes of work, and real minutes that pass after it by themselves. */
  readonly work: number;
  readonly wait: number;
  readonly needs: readonly string[];
  /** Before then its parts are not here. */
  readonly ready: Wall | null;
  /** Cannot be left half done. */
  readonly whole: boolean;
}

/** When a piece of work is done. */
export interface Dated extends Span {
  readonly id: string;
  /** When its wait is over too. */
  readonly done: Wall;
  /** It can begin so late without moving the end; undefined: there is no end. */
  readonly latest: Wall | undefined;
  /** Open minutes by which it can slip. */
  readonly float: number;
  readonly critical: boolean;
}

/** Why a piece of work has no date. */
export interface Undated {
  readonly id: string;
  /** No stretch is long enough, no time is left in sight, or it waits for another without a date. */
  readonly why: 'no-stretch' | 'no-time' | 'waits';
}

export interface Schedule {
  readonly dated: readonly Dated[];
  readonly undated: readonly Undated[];
  readonly end: Wall | undefined;
}

interface Placed extends Span {
  readonly task: Task;
  readonly done: Wall;
}

/** Tasks so that each comes after what it needs; @throws RangeError for a circle: the order has none. */
function sorted(tasks: readonly Task[]): readonly Task[] {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const state = new Map<string, 'open' | 'done'>();
  const list: Task[] = [];
  const visit = (task: Task) => {
    const at = state.get(task.id);
    if (at === 'done') return;
    if (at === 'open') throw new RangeError(`${task.id} waits for itself`);
    state.set(task.id, 'open');
    for (const n of task.needs) {
      const before = byId.get(n);
      if (before) visit(before);
    }
    state.set(task.id, 'done');
    list.push(task);
  };
  tasks.forEach(visit);
  return list;
}

/** Where a task fits; work of nothing is done at once, open or not. */
const fit = (open: OpenTime, at: Wall, { work, whole }: Task): Span | undefined =>
  work === 0 ? { from: at, to: at } : open.fit(at, work, whole);
const fitBefore = (open: OpenTime, at: Wall, { work, whole }: Task): Span | undefined =>
  work === 0 ? { from: at, to: at } : open.fitBefore(at, work, whole);

const whyNot = ({ whole, work }: Task, open: OpenTime): Undated['why'] =>
  whole && !open.spans.some((s) => s.to - s.from >= work) ? 'no-stretch' : 'no-time';

/** Everything as early as its needs and parts let it be, as if there were hands for all. */
function together(tasks: readonly Task[], open: OpenTime, start: Wall, zone: Zone) {
  const placed = new Map<string, Placed>();
  const undated: Undated[] = [];
  const without = new Set<string>();
  for (const task of tasks) {
    if (task.needs.some((n) => without.has(n))) {
      without.add(task.id);
      undated.push({ id: task.id, why: 'waits' });
      continue;
    }
    const from = Math.max(start, task.ready ?? start, ...task.needs.map((n) => placed.get(n)?.done ?? start));
    const span = fit(open, from, task);
    if (!span) {
      without.add(task.id);
      undated.push({ id: task.id, why: whyNot(task, open) });
      continue;
    }
    placed.set(task.id, { ...span, task, done: later(zone, span.to, task.wait) });
  }
  return { placed, undated };
}

/** The latest dates that keep an end. @param after tasks by those that must be over before them. */
function latestOf(
  placed: ReadonlyMap<string, Placed>,
  order: readonly Task[],
  end: Wall,
  open: OpenTime,
  zone: Zone,
  chain: ReadonlyMap<string, string>,
): ReadonlyMap<string, Wall> {
  const latest = new Map<string, Wall>();
  const due = new Map<string, Wall>();
  const by = (id: string, moment: Wall) => due.set(id, Math.min(due.get(id) ?? Infinity, moment));
  for (const task of [...order].reverse()) {
    if (!placed.has(task.id)) continue;
    const next = chain.get(task.id);
    // Hands are free once the work is done; what needs it waits for its wait too.
    const hands = next === undefined ? Infinity : (latest.get(next) ?? Infinity);
    const over = Math.min(earlier(zone, Math.min(due.get(task.id) ?? end, end), task.wait), hands);
    const from = fitBefore(open, over, task)?.from;
    latest.set(task.id, from ?? placed.get(task.id)!.from);
    for (const n of task.needs) by(n, latest.get(task.id)!);
  }
  return latest;
}

/** One pair of hands: of what can be done now, what has the least time to spare. */
function oneByOne(
  tasks: readonly Task[],
  open: OpenTime,
  start: Wall,
  zone: Zone,
  rank: ReadonlyMap<string, number>,
): { placed: Map<string, Placed>; chain: Map<string, string>; order: Task[] } {
  const placed = new Map<string, Placed>();
  const chain = new Map<string, string>();
  const order: Task[] = [];
  const there = new Set(tasks.map((t) => t.id));
  const waiting = new Map(tasks.map((t) => [t.id, t.needs.filter((n) => there.has(n)).length]));
  const after = new Map<string, Task[]>();
  for (const t of tasks) for (const n of t.needs) after.set(n, [...(after.get(n) ?? []), t]);
  // Only what waits for nothing any more is looked at, and when it could begin is known from then on.
  const can = new Map<Task, Wall>();
  const readyAt = (task: Task) =>
    Math.max(start, task.ready ?? start, ...task.needs.map((n) => placed.get(n)?.done ?? start));
  for (const t of tasks) if (waiting.get(t.id) === 0) can.set(t, readyAt(t));
  let free = start;
  let before: string | undefined;
  while (can.size) {
    let best: { task: Task; span: Span } | undefined;
    for (const [task, ready] of can) {
      const span = fit(open, task.work ? Math.max(free, ready) : ready, task);
      if (!span) continue;
      const sooner = !best || span.from < best.span.from;
      // What begins before the next of the others could is taken by its rank.
      const alike = best && span.from === best.span.from;
      if (sooner || (alike && rank.get(task.id)! < rank.get(best!.task.id)!)) best = { task, span };
    }
    if (!best) break;
    const { task, span } = best;
    can.delete(task);
    placed.set(task.id, { ...span, task, done: later(zone, span.to, task.wait) });
    order.push(task);
    for (const next of after.get(task.id) ?? []) {
      const left = waiting.get(next.id)! - 1;
      waiting.set(next.id, left);
      if (left === 0) can.set(next, readyAt(next));
    }
    if (task.work) {
      if (before !== undefined) chain.set(before, task.id);
      before = task.id;
      free = span.to;
    }
  }
  return { placed, chain, order };
}

/**
 * Dates for work: it is done in the open times, waits run round the clock, nothing begins before its parts
 * are here. With one pair of hands one thing is done after another, what has the least time to spare first.
 */
export function scheduleOf(
  list: readonly Task[],
  open: OpenTime,
  start: Wall,
  { hands, zone }: { readonly hands: 'one' | 'many'; readonly zone: Zone },
): Schedule {
  const tasks = sorted(list);
  const free = together(tasks, open, start, zone);
  const none = new Map<string, string>();
  const endOf = (placed: ReadonlyMap<string, Placed>) =>
    placed.size ? Math.max(...[...placed.values()].map((p) => p.done)) : undefined;
  const soonest = endOf(free.placed);
  let [placed, chain, order]: [ReadonlyMap<string, Placed>, ReadonlyMap<string, string>, readonly Task[]] = [
    free.placed,
    none,
    tasks,
  ];
  if (hands === 'one' && soonest !== undefined) {
    const spare = latestOf(free.placed, tasks, soonest, open, zone, none);
    const rank = new Map(tasks.map((t, i) => [t.id, (spare.get(t.id) ?? 0) + i * 1e-6] as const));
    const possible = tasks.filter((t) => free.placed.has(t.id));
    ({ placed, chain, order } = oneByOne(possible, open, start, zone, rank));
  }
  const end = endOf(placed);
  const latest =
    end === undefined ? new Map<string, Wall>() : latestOf(placed, order, end, open, zone, chain);
  const dated = order.flatMap((task): Dated[] => {
    const p = placed.get(task.id);
    if (!p) return [];
    const last = latest.get(task.id);
    const slack = last === undefined ? 0 : open.count(last) - open.count(p.from);
    const float = task.work ? slack : Math.max(0, (last ?? p.from) - p.from);
    return [{ id: task.id, from: p.from, to: p.to, done: p.done, latest: last, float, critical: float < 1 }];
  });
  const lost = tasks.filter((t) => !placed.has(t.id) && !free.undated.some((u) => u.id === t.id));
  return {
    dated,
    undated: [...free.undated, ...lost.map((t) => ({ id: t.id, why: 'no-time' as const }))],
    end,
  };
}
