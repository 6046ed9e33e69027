/** Money in the builder's own, masses in kg, shares as such. */

/** A price that somebody named for one thing. */
export interface Offer {
  readonly id: string;
  readonly seller: string;
  /** Of one piece, before tax and duty. */
  readonly price: number;
  /** Lower prices from so many pieces on. */
  readonly breaks: readonly { readonly from: number; readonly price: number }[];
  /** Pieces in a pack; only whole packs are sold. */
  readonly pack: number;
  /** Days until it is here; null: nobody has said. */
  readonly days: number | null;
}

/** What a seller asks on top of prices. */
export interface Seller {
  readonly id: string;
  readonly shipping: {
    /** For a parcel at all. */
    readonly fixed: number;
    /** For each step of weight that is begun; a step of 0: weight costs nothing. */
    readonly step: number;
    readonly perStep: number;
    /** Nothing is asked from this sum of goods on; null: always. */
    readonly freeFrom: number | null;
  };
  /** Shares of the goods, and of goods with duty and shipping. */
  readonly duty: number;
  readonly tax: number;
}

/** Something that is wanted. */
export interface Item {
  readonly id: string;
  readonly quantity: number;
  /** Of one piece, kg; null: not known, and then it counts nothing. */
  readonly mass: number | null;
  readonly offers: readonly Offer[];
}

/** What is really bought for a wanted number, and for how much. */
export interface Bought {
  readonly count: number;
  readonly goods: number;
}

const packs = (quantity: number, pack: number) => Math.ceil(quantity / pack - 1e-9) * pack;

/** Price of a piece where so many are taken. */
export const priceAt = ({ price, breaks }: Offer, quantity: number): number =>
  breaks.reduce((best, b) => (quantity >= b.from && b.from > best.from ? b : best), { from: 0, price }).price;

/**
 * The cheapest way to have at least so many: so many, or as many as a break above wants, in whole packs. Ten
 * at the price of ten may cost less than eight at that of one.
 */
export function bought(offer: Offer, quantity: number): Bought {
  const wanted = [quantity, ...offer.breaks.map((b) => b.from).filter((from) => from > quantity)];
  return wanted
    .map((q) => packs(q, offer.pack))
    .map((count): Bought => ({ count, goods: count * priceAt(offer, count) }))
    .reduce((best, b) => (b.goods < best.goods - 1e-9 ? b : best));
}

/** What a seller asks to send goods of this sum and weight. */
export function shippingOf({ shipping }: Seller, goods: number, mass: number): number {
  const { fixed, step, perStep, freeFrom } = shipping;
  if (freeFrom !== null && goods >= freeFrom - 1e-9) return 0;
  return fixed + (step > 0 ? Math.ceil(mass / step - 1e-9) * perStep : 0);
}

/** Goods, duty on them, shipping, and tax on all that. Common practice, no source; customs decide. */
export const landed = ({ duty, tax }: Seller, goods: number, shipping: number): number =>
  (goods * (1 + duty) + shipping) * (1 + tax);
