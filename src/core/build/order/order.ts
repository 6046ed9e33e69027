import { indexed, type Indexed, type OrderStep } from './task';
import { undone } from './undo';

/** An order of all steps, or those that stand in one another's way. */
export type Ordered =
  | {
      readonly ok: true;
      readonly order: readonly string[];
      /** For every step those that come before it: what it needs, and what would be hidden by it. */
      readonly before: ReadonlyMap<string, readonly string[]>;
    }
  | { readonly ok: false; readonly stuck: readonly string[] };

/** Who is done before whom once for every condition the best option that some order leaves free is taken. */
function settled(graph: Indexed, back: readonly number[]): number[][] {
  const place = new Int32Array(graph.steps.length);
  back.forEach((s, i) => (place[s] = back.length - i));
  const before: number[][] = graph.needs.map((needs) => [...needs]);
  graph.reach.forEach((conditions, step) =>
    conditions.forEach((options) => {
      const free = options.find((o) => o.every((b) => place[b]! > place[step]!));
      for (const b of free ?? []) before[b]!.push(step);
    }),
  );
  return before;
}

/**
 * Which of two steps that could be done comes first: what is to be first, what is done at the same place,
 * with the same tool, low before high, heavy before light, as proposed.
 */
function sooner(steps: readonly OrderStep[], a: number, b: number, last: OrderStep | undefined): number {
  const [p, q] = [steps[a]!, steps[b]!];
  return (
    Number(q.first) - Number(p.first) ||
    Number(q.area === last?.area) - Number(p.area === last?.area) ||
    Number(q.area === last?.area && q.tool === last.tool) -
      Number(p.area === last?.area && p.tool === last.tool) ||
    p.height - q.height ||
    q.mass - p.mass ||
    a - b
  );
}

/** The order out of numbers. */
export function orderOf(graph: Indexed): Ordered {
  const { back, stuck } = undone(graph);
  const { steps } = graph;
  if (stuck.length) return { ok: false, stuck: stuck.map((i) => steps[i]!.id) };
  const before = settled(graph, back);
  const left = Int32Array.from(before, (b) => b.length);
  const after: number[][] = steps.map(() => []);
  before.forEach((list, s) => list.forEach((b) => after[b]!.push(s)));
  const ready = steps.flatMap((_, i) => (left[i] === 0 ? [i] : []));
  const order: string[] = [];
  let last: OrderStep | undefined;
  while (ready.length) {
    let best = 0;
    for (let i = 1; i < ready.length; i++) if (sooner(steps, ready[i]!, ready[best]!, last) < 0) best = i;
    const [next] = ready.splice(best, 1) as [number];
    last = steps[next]!;
    order.push(last.id);
    for (const s of after[next]!) if (--left[s]! === 0) ready.push(s);
  }
  const links = before.map((list, s) => [steps[s]!.id, list.map((b) => steps[b]!.id)] as const);
  return { ok: true, order, before: new Map(links) };
}

/**
 * An order in which every step finds done what it needs and undone what would hide it; no order: the steps
 * that stand in one another's way, and all that hangs on them.
 */
export const orderSteps = (steps: readonly OrderStep[]): Ordered => orderOf(indexed(steps));
