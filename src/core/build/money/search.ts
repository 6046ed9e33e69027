import type { Wanted, Way } from './choices';
import { landed, type Seller, shippingOf } from './offer';
import type { Chosen } from './sets';

/** Most nodes that are looked at: some tenths of a second. */
const MOST_NODES = 150_000;

/** How much dearer the second cheapest way is: what it costs to be wrong about an item. */
const regret = ({ ways }: Wanted) => (ways[1] ? ways[1].cost - ways[0]!.cost : Infinity);

/**
 * The cheapest basket where shipping goes by weight or is free from a sum on, by branch and bound: items
 * one after another, that with the largest regret first. A branch is left when what is spent, the cheapest
 * of what is still to come, and the shipping that can no longer be saved, is not below what was found.
 */
export function searched(
  wanted: readonly Wanted[],
  sellers: readonly Seller[],
  start: Chosen,
): Chosen & { readonly least: number } {
  const order = wanted.map((w, at) => ({ w, at })).sort((a, b) => regret(b.w) - regret(a.w));
  const rest = restOf(order.map(({ w }) => w));
  // What each seller may still get on top: with it a parcel may become free.
  const may = mayOf(
    order.map(({ w }) => w),
    sellers.length,
  );
  const parts = sellers.map(() => ({ goods: 0, mass: 0, any: false }));
  const chosen: Way[] = [];
  let best = start;
  let nodes = 0;
  let open = Infinity;
  const shipping = (depth: number) =>
    sellers.reduce((sum, seller, i) => {
      const { goods, mass, any } = parts[i]!;
      const free = seller.shipping.freeFrom;
      if (!any || (free !== null && goods + may[depth]![i]! >= free - 1e-9)) return sum;
      return sum + landed(seller, 0, shippingOf(seller, goods, mass));
    }, 0);
  const walk = (depth: number, spent: number): void => {
    const bound = spent + rest[depth]! + shipping(depth);
    if (bound >= best.total - 1e-9) return;
    if (depth === order.length) {
      const total = spent + trueShipping(sellers, parts);
      if (total < best.total - 1e-9) {
        const ways: Way[] = [];
        order.forEach(({ at }, i) => (ways[at] = chosen[i]!));
        best = { ways, total, tried: best.tried };
      }
      return;
    }
    if (nodes++ >= MOST_NODES) {
      open = Math.min(open, bound);
      return;
    }
    for (const way of order[depth]!.w.ways) {
      const part = parts[way.seller]!;
      const was = { ...part };
      Object.assign(part, { goods: was.goods + way.goods, mass: was.mass + way.mass, any: true });
      chosen[depth] = way;
      walk(depth + 1, spent + way.cost);
      Object.assign(part, was);
    }
  };
  walk(0, 0);
  return { ...best, tried: best.tried + nodes, least: Math.min(open, best.total) };
}

const trueShipping = (
  sellers: readonly Seller[],
  parts: readonly { readonly goods: number; readonly mass: number; readonly any: boolean }[],
) =>
  sellers.reduce((sum, seller, i) => {
    const { goods, mass, any } = parts[i]!;
    return any ? sum + landed(seller, 0, shippingOf(seller, goods, mass)) : sum;
  }, 0);

/** The cheapest of all items from each place on. */
function restOf(order: readonly Wanted[]): readonly number[] {
  const rest = [0];
  for (const { ways } of [...order].reverse()) rest.unshift(rest[0]! + ways[0]!.cost);
  return rest;
}

/** Goods that each seller may still get from each place on. */
function mayOf(order: readonly Wanted[], sellers: number): readonly (readonly number[])[] {
  const may = [Array.from({ length: sellers }, () => 0)];
  for (const { ways } of [...order].reverse()) {
    const next = [...may[0]!];
    for (const { seller, goods } of ways) next[seller]! += goods;
    may.unshift(next);
  }
  return may;
}
