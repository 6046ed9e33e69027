import type { Wanted, Way } from './choices';
import { landed, type Seller, shippingOf } from './offer';

/** Goods and mass that each seller would send. */
export interface Part {
  goods: number;
  mass: number;
  any: boolean;
}

export function partsOf(ways: readonly Way[], sellers: number): readonly Part[] {
  const parts = Array.from({ length: sellers }, (): Part => ({ goods: 0, mass: 0, any: false }));
  for (const { seller, goods, mass } of ways) {
    const part = parts[seller]!;
    part.goods += goods;
    part.mass += mass;
    part.any = true;
  }
  return parts;
}

/** All of it with shipping, duty and tax. */
export const totalOf = (ways: readonly Way[], sellers: readonly Seller[]): number =>
  partsOf(ways, sellers.length).reduce((sum, { goods, mass, any }, i) => {
    const seller = sellers[i]!;
    return any ? sum + landed(seller, goods, shippingOf(seller, goods, mass)) : sum;
  }, 0);

/** A way for each item, in their order, and what all of it costs. */
export interface Chosen {
  readonly ways: readonly Way[];
  readonly total: number;
  readonly tried: number;
}

/** Most sellers of whom every set is gone through. */
const MOST_SETS = 14;

/** Sellers of whom anything may be bought. */
const concerned = (wanted: readonly Wanted[]) => [
  ...new Set(wanted.flatMap((w) => w.ways.map((way) => way.seller))),
];

/** Whether what a seller asks for a parcel does not depend on what is in it. */
const flat = ({ shipping }: Seller) =>
  shipping.freeFrom === null && (shipping.step === 0 || shipping.perStep === 0);

/** Each item at the cheapest of the sellers that are open; undefined where one cannot be had. */
function within(wanted: readonly Wanted[], open: (seller: number) => boolean): Way[] | undefined {
  const ways: Way[] = [];
  for (const { ways: all } of wanted) {
    const way = all.find((w) => open(w.seller));
    if (!way) return undefined;
    ways.push(way);
  }
  return ways;
}

/** One item moved to another seller, or one seller left out, as long as it gains. */
function improved(wanted: readonly Wanted[], start: Chosen, sellers: readonly Seller[]): Chosen {
  let { ways, total, tried } = start;
  for (let gained = true; gained;) {
    gained = false;
    const used = [...new Set(ways.map((w) => w.seller))];
    const others = [
      ...used.map((out) => within(wanted, (s) => s !== out && used.includes(s))),
      ...wanted.flatMap(({ ways: all }, i) =>
        all.filter((w) => w !== ways[i]).map((w) => ways.map((old, k) => (k === i ? w : old))),
      ),
    ];
    for (const other of others) {
      if (!other) continue;
      tried++;
      const cost = totalOf(other, sellers);
      if (cost >= total - 1e-9) continue;
      ways = other;
      total = cost;
      gained = true;
    }
  }
  return { ways, total, tried };
}

/**
 * The best of all sets of sellers, each item at the cheapest of its set. That is exact where a parcel costs
 * the same whatever is in it; else it is a start, bettered by moving one thing at a time.
 */
export function best(wanted: readonly Wanted[], sellers: readonly Seller[]): Chosen & { exact: boolean } {
  const named = concerned(wanted);
  const few = named.length <= MOST_SETS;
  let found: Chosen | undefined;
  const look = (open: (seller: number) => boolean) => {
    const ways = within(wanted, open);
    if (!ways) return;
    const total = totalOf(ways, sellers);
    if (!found || total < found.total - 1e-9) found = { ways, total, tried: 0 };
  };
  const sets = few ? 2 ** named.length : 1;
  for (let set = 1; set < sets; set++) look((s) => ((set >> named.indexOf(s)) & 1) === 1);
  if (!few) look(() => true);
  const start = { ...(found ?? { ways: [], total: 0 }), tried: sets };
  const exact = few && named.every((s) => flat(sellers[s]!));
  return exact ? { ...start, exact } : { ...improved(wanted, start, sellers), exact };
}
