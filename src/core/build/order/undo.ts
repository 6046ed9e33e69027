import type { Indexed } from './task';

/** Steps taken back one after another, last first, and those that cannot be. */
export interface Undone {
  readonly back: readonly number[];
  readonly stuck: readonly number[];
}

/** An option of a condition: how many of its steps are still done. */
interface Option {
  readonly step: number;
  readonly condition: { free: boolean };
  left: number;
}

/**
 * Takes the finished machine apart in thought. A step can be the last one when no other needs it and
 * everything in it can be reached with all others done. Both only become easier as steps go, so it never
 * matters which is taken first: what cannot be taken back in the end is in nobody's order. Exact, in time
 * that grows with the links.
 */
export function undone(graph: Indexed): Undone {
  const n = graph.steps.length;
  const wanted = new Int32Array(n);
  for (const needs of graph.needs) for (const b of needs) wanted[b]!++;
  // Of each option how many still hide; of each step how many conditions have no free option.
  const closed = new Int32Array(n);
  const hides: Option[][] = Array.from({ length: n }, () => []);
  graph.reach.forEach((conditions, step) =>
    conditions.forEach((options) => {
      const condition = { free: false };
      for (const option of options) {
        const entry = { step, condition, left: option.length };
        if (!option.length) condition.free = true;
        for (const b of option) hides[b]!.push(entry);
      }
      if (!condition.free) closed[step]!++;
    }),
  );
  const ready = graph.steps.flatMap((_, i) => (wanted[i] === 0 && closed[i] === 0 ? [i] : []));
  const back: number[] = [];
  const gone = new Uint8Array(n);
  while (ready.length) {
    const last = ready.pop()!;
    gone[last] = 1;
    back.push(last);
    const looser = new Set<number>();
    for (const b of graph.needs[last]!) if (--wanted[b]! === 0) looser.add(b);
    for (const entry of hides[last]!)
      if (--entry.left === 0 && !entry.condition.free) {
        entry.condition.free = true;
        if (--closed[entry.step]! === 0) looser.add(entry.step);
      }
    for (const s of looser) if (!gone[s] && wanted[s] === 0 && closed[s] === 0) ready.push(s);
  }
  return { back, stuck: graph.steps.flatMap((_, i) => (gone[i] ? [] : [i])) };
}
