import { indexed, type OrderStep, withoutThese } from './task';
import { orderOf } from './order';
import { undone } from './undo';

/** One thing of an order in which parts may come off and go on again. */
export interface Turn {
  readonly kind: 'do' | 'off' | 'again';
  readonly id: string;
}

/** An order in which some parts go on twice. */
export interface Twice {
  readonly parts: readonly string[];
  readonly turns: readonly Turn[];
  /** For every step those that come before it, as if what comes off for a while were never in the way. */
  readonly before: ReadonlyMap<string, readonly string[]>;
  /** Whether no cheaper choice of parts gives an order. */
  readonly least: boolean;
}

/** How many choices of parts are tried: some tenths of a second for the largest works. */
const mostTried = (steps: number) => Math.min(4000, Math.ceil(100_000 / steps));

/** Sets of so many out of a list. */
function* choose<T>(list: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) return yield [];
  for (let i = from; i <= list.length - size; i++)
    for (const rest of choose(list, size - 1, i + 1)) yield [list[i]!, ...rest];
}

/** Puts the turns in: a part comes off before what it hides, and goes on again before what needs it. */
function turnsOf(steps: readonly OrderStep[], order: readonly string[], parts: ReadonlySet<string>): Turn[] {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const on = new Set<string>();
  const off = new Set<string>();
  const turns: Turn[] = [];
  const again = (ids: Iterable<string>) => {
    for (const id of [...ids].filter((i) => off.has(i))) {
      off.delete(id);
      on.add(id);
      turns.push({ kind: 'again', id });
    }
  };
  for (const id of order) {
    const step = byId.get(id)!;
    const blocking = new Set<string>();
    for (const options of step.reach) {
      const hiding = options.map((o) => o.filter((b) => on.has(b) && b !== id));
      const open = hiding.filter((o) => o.every((b) => parts.has(b) && !step.needs.includes(b)));
      open.sort((a, b) => a.length - b.length)[0]?.forEach((b) => blocking.add(b));
    }
    again(step.needs);
    for (const b of blocking) {
      on.delete(b);
      off.add(b);
      turns.push({ kind: 'off', id: b });
    }
    turns.push({ kind: 'do', id });
    on.add(id);
  }
  again([...off]);
  return turns;
}

/**
 * The cheapest parts that go on twice so that there is an order at all; undefined where none does, for needs
 * alone contradict one another.
 * @param cost of taking the part of a step off and putting it on again, in minutes; undefined: it stays on.
 */
export function goTwice(
  steps: readonly OrderStep[],
  cost: (id: string) => number | undefined,
): Twice | undefined {
  const graph = indexed(steps);
  const { stuck } = undone(graph);
  const blockers = new Set(stuck.flatMap((s) => graph.reach[s]!.flat(2)));
  const may = [...blockers].filter((b) => stuck.includes(b) && cost(steps[b]!.id) !== undefined);
  const price = (set: readonly number[]) => set.reduce((sum, b) => sum + (cost(steps[b]!.id) ?? 0), 0);
  const done = (set: readonly number[], least: boolean): Twice | undefined => {
    const ordered = orderOf(withoutThese(graph, new Set(set)));
    if (!ordered.ok) return undefined;
    const ids = set.map((b) => steps[b]!.id);
    const turns = turnsOf(steps, ordered.order, new Set(ids));
    return { parts: ids, turns, before: ordered.before, least };
  };
  if (undone(withoutThese(graph, new Set(may))).stuck.length) return undefined;
  const most = mostTried(steps.length);
  let tried = 0;
  for (let size = 1; size <= may.length; size++) {
    let best: number[] | undefined;
    for (const set of choose(may, size)) {
      if (++tried > most) break;
      if (best && price(best) <= price(set)) continue;
      if (!undone(withoutThese(graph, new Set(set))).stuck.length) best = set;
    }
    if (best) return done(best, tried <= most);
    if (tried > most) break;
  }
  // Too many to try: none that can be done without, dearest first.
  let set = [...may].sort((a, b) => price([b]) - price([a]));
  for (const b of [...set]) {
    const without = set.filter((x) => x !== b);
    if (!undone(withoutThese(graph, new Set(without))).stuck.length) set = without;
  }
  return done(set, false);
}
