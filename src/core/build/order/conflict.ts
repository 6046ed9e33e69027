import { indexed, type Indexed, type OrderStep, withoutThese } from './task';
import { undone } from './undo';

/** Why a step cannot come last among those it contradicts. */
export type Reason =
  | { readonly kind: 'needed'; readonly step: string; readonly by: string }
  /** Which of its conditions, and what hides it there: one of every option. */
  | {
      readonly kind: 'hidden';
      readonly step: string;
      readonly reach: number;
      readonly by: readonly string[];
    };

/** Demands that no order can meet together; without any one of them these would be met. */
export interface Conflict {
  readonly reasons: readonly Reason[];
  /** Whether no smaller set of demands contradicts itself. */
  readonly least: boolean;
}

interface Why {
  readonly step: number;
  readonly reach: number;
  readonly by: readonly number[];
}

/** How many looks a search for the smallest set may take: some hundredths of a second. */
const MOST_LOOKS = 100_000;

/** Every way to pick one of each option; those inside already cost nothing and come first. */
function* hits(options: readonly (readonly number[])[], inside: ReadonlySet<number>): Generator<number[]> {
  const open = options.filter((o) => !o.some((b) => inside.has(b)));
  function* rest(i: number, taken: number[]): Generator<number[]> {
    if (i === open.length) return yield taken;
    if (open[i]!.some((b) => taken.includes(b))) return yield* rest(i + 1, taken);
    for (const b of open[i]!) yield* rest(i + 1, [...taken, b]);
  }
  yield* rest(0, []);
}

/**
 * Steps each of which has a reason among the others: as long as they are all there none can be last. As every
 * step needs one demand for its reason, the smallest such set is the smallest contradiction.
 * @returns its reasons; undefined: none of that size; null: looked too long.
 */
function ofSize(graph: Indexed, stuck: ReadonlySet<number>, most: number, looks: { left: number }) {
  const neededBy: number[][] = graph.steps.map(() => []);
  graph.needs.forEach((needs, s) => {
    if (stuck.has(s)) for (const b of needs) neededBy[b]!.push(s);
  });
  const grow = (inside: ReadonlySet<number>, open: readonly number[], why: readonly Why[]): Why[] | null => {
    if (looks.left-- <= 0) return null;
    const [step, ...later] = open;
    if (step === undefined) return [...why];
    const added = (by: readonly number[], reason: Why) => {
      const fresh = by.filter((b) => !inside.has(b));
      if (inside.size + fresh.length > most) return null;
      return grow(new Set([...inside, ...fresh]), [...later, ...fresh], [...why, reason]);
    };
    for (const by of neededBy[step]!) {
      const found = added([by], { step, reach: -1, by: [by] });
      if (found) return found;
    }
    for (const [reach, options] of graph.reach[step]!.entries()) {
      const within = options.map((o) => o.filter((b) => stuck.has(b)));
      if (within.some((o) => !o.length)) continue;
      for (const fresh of hits(within, inside)) {
        const known = within.flatMap((o) => o.find((b) => inside.has(b)) ?? []);
        const by = [...new Set([...known, ...fresh])];
        const found = added(fresh, { step, reach, by });
        if (found) return found;
        if (looks.left <= 0) return null;
      }
    }
    return null;
  };
  for (const root of stuck) {
    const found = grow(new Set([root]), [root], []);
    if (found) return found;
  }
  return undefined;
}

/** Leaves demands out one by one while the rest still contradict one another: small, if not the smallest. */
function dwindled(graph: Indexed, stuck: readonly number[]): Why[] {
  let needs = graph.needs.map((list, s) => (stuck.includes(s) ? list.filter((b) => stuck.includes(b)) : []));
  let reach = graph.reach.map((list, s) => (stuck.includes(s) ? list : []));
  const contradicts = () => undone({ steps: graph.steps, needs, reach }).stuck.length > 0;
  for (const s of stuck) {
    const [hadNeeds, hadReach] = [needs, reach];
    needs = hadNeeds.map((list, i) => (i === s ? [] : list));
    reach = hadReach.map((list, i) => (i === s ? [] : list));
    if (contradicts()) continue;
    [needs, reach] = [hadNeeds, hadReach];
    for (const b of needs[s]!) {
      const had = needs;
      needs = had.map((list, i) => (i === s ? list.filter((x) => x !== b) : list));
      if (!contradicts()) needs = had;
    }
    for (const condition of reach[s]!) {
      const had = reach;
      reach = had.map((list, i) => (i === s ? list.filter((x) => x !== condition) : list));
      if (!contradicts()) reach = had;
    }
  }
  const left = undone({ steps: graph.steps, needs, reach }).stuck;
  return left.flatMap((s): Why[] => [
    ...needs[s]!.map((b): Why => ({ step: b, reach: -1, by: [s] })),
    ...reach[s]!.map((options): Why => {
      const by = [...new Set(options.flatMap((o) => o.filter((b) => left.includes(b)).slice(0, 1)))];
      return { step: s, reach: graph.reach[s]!.indexOf(options), by };
    }),
  ]);
}

/**
 * The smallest set of demands that contradict one another; undefined where an order exists. Sets are tried by
 * size; what takes too long is answered by a set from which nothing can be left out, and `least` is false.
 * @param ignored steps whose parts come off again wherever they hide something.
 */
export function conflictOf(
  steps: readonly OrderStep[],
  ignored: ReadonlySet<string> = new Set(),
): Conflict | undefined {
  const off = new Set(steps.flatMap((s, i) => (ignored.has(s.id) ? [i] : [])));
  const graph = withoutThese(indexed(steps), off);
  const { stuck } = undone(graph);
  if (!stuck.length) return undefined;
  const looks = { left: MOST_LOOKS };
  const told = (why: readonly Why[], least: boolean): Conflict => ({
    least,
    reasons: why.map(({ step, reach, by }) => {
      const ids = by.map((b) => steps[b]!.id);
      const id = steps[step]!.id;
      return reach < 0
        ? { kind: 'needed', step: id, by: ids[0]! }
        : { kind: 'hidden', step: id, reach, by: ids };
    }),
  });
  for (let size = 1; size <= stuck.length && looks.left > 0; size++) {
    const why = ofSize(graph, new Set(stuck), size, looks);
    if (why) return told(why, looks.left > 0);
  }
  return told(dwindled(graph, stuck), false);
}
