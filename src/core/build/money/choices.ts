import { bought, type Bought, type Item, landed, type Offer, type Seller } from './offer';

/** One way to have an item: from whom, how many, for how much. */
export interface Way extends Bought {
  readonly offer: Offer;
  /** Place of the seller in the list. */
  readonly seller: number;
  /** Goods with duty and tax, without shipping. */
  readonly cost: number;
  readonly mass: number;
}

/** An item with its ways, the cheapest first, one for each seller. */
export interface Wanted {
  readonly item: Item;
  readonly ways: readonly Way[];
}

/** @param days what comes later is no way; null: time does not matter. What nobody knows counts as late. */
export function waysOf(item: Item, sellers: readonly Seller[], days: number | null): Wanted {
  const best = new Map<number, Way>();
  for (const offer of item.offers) {
    if (days !== null && (offer.days === null || offer.days > days)) continue;
    const seller = sellers.findIndex((s) => s.id === offer.seller);
    if (seller < 0) continue;
    const found = bought(offer, item.quantity);
    const cost = landed(sellers[seller]!, found.goods, 0);
    const before = best.get(seller);
    if (before && before.cost <= cost) continue;
    best.set(seller, { ...found, offer, seller, cost, mass: found.count * (item.mass ?? 0) });
  }
  return { item, ways: [...best.values()].sort((a, b) => a.cost - b.cost) };
}
