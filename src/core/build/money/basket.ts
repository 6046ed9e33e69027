import { type Wanted, type Way, waysOf } from './choices';
import { type Item, landed, type Seller, shippingOf } from './offer';
import { searched } from './search';
import { best, partsOf } from './sets';

/** What is bought of whom. */
export interface Parcel {
  readonly seller: Seller;
  readonly lines: readonly { readonly item: Item; readonly way: Way }[];
  readonly goods: number;
  readonly mass: number;
  readonly shipping: number;
  /** All of it with duty and tax. */
  readonly total: number;
}

export interface Basket {
  readonly parcels: readonly Parcel[];
  readonly total: number;
  /** What any basket costs at least, and whether this one is known to be the cheapest. */
  readonly least: number;
  readonly proved: boolean;
  /** Sets of sellers, or ways to buy, that were gone through. */
  readonly tried: number;
  /** Items without a way: no price, or none in time. */
  readonly without: readonly Item[];
}

const GUARD = 1e-7;

/** The cheapest basket of all items with its proof or bound. @param days until which all must be here. */
export function cheapestBasket(
  items: readonly Item[],
  sellers: readonly Seller[],
  days: number | null = null,
): Basket {
  const all = items.map((item) => waysOf(item, sellers, days));
  const wanted = all.filter((w) => w.ways.length > 0);
  const without = all.filter((w) => !w.ways.length).map((w) => w.item);
  const first = best(wanted, sellers);
  const found = first.exact ? { ...first, least: first.total } : searched(wanted, sellers, first);
  return {
    parcels: parcelsOf(wanted, found.ways, sellers),
    total: found.total,
    least: Math.min(found.least, found.total),
    proved: found.total <= found.least + GUARD,
    tried: found.tried,
    without,
  };
}

function parcelsOf(
  wanted: readonly Wanted[],
  ways: readonly Way[],
  sellers: readonly Seller[],
): readonly Parcel[] {
  return partsOf(ways, sellers.length).flatMap(({ goods, mass, any }, i): Parcel[] => {
    if (!any) return [];
    const seller = sellers[i]!;
    const shipping = shippingOf(seller, goods, mass);
    const lines = wanted.flatMap(({ item }, k) => (ways[k]!.seller === i ? [{ item, way: ways[k]! }] : []));
    return [{ seller, lines, goods, mass, shipping, total: landed(seller, goods, shipping) }];
  });
}
