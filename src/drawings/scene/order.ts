import type { Seen } from './faces';

/** What two of a box's three measures differ by: along the view none of it changes. */
const PAIRS = [
  [0, 1],
  [1, 2],
  [0, 2],
] as const;

/** Whether two boxes cover one another on the page, seen along x = y = z. */
const meets = (a: Seen, b: Seen): boolean =>
  PAIRS.every(
    ([i, j]) =>
      a.low[i]! - a.high[j]! < b.high[i]! - b.low[j]! - 1e-9 &&
      b.low[i]! - b.high[j]! < a.high[i]! - a.low[j]! - 1e-9,
  );

/** Whether a box that covers another on the page stands wholly behind it, seen from large x, y and z. */
const behind = (a: Seen, b: Seen): boolean =>
  meets(a, b) &&
  [0, 1, 2].some((i) => a.high[i]! <= b.low[i]! + 1e-9) &&
  ![0, 1, 2].some((i) => b.high[i]! <= a.low[i]! + 1e-9);

/**
 * Boxes in the order in which they are painted: each after all that stand behind it. Sorting by one figure
 * would paint a long table over a beam that stands on its near half.
 */
export function painted(list: readonly Seen[]): Seen[] {
  const rest = [...list].sort((a, b) => a.depth - b.depth);
  const order: Seen[] = [];
  const state = new Map<Seen, 'open' | 'done'>();
  const visit = (d: Seen) => {
    if (state.has(d)) return; // Done, or a ring of boxes that overlap: the first order stands.
    state.set(d, 'open');
    for (const other of rest) if (other !== d && behind(other, d)) visit(other);
    state.set(d, 'done');
    order.push(d);
  };
  rest.forEach(visit);
  return order;
}
