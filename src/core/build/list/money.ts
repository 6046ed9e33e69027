import type { Project, QuoteInput, SellerInput } from '@/core/model';
import { dayOf } from '../days';
import { type Basket, bought, cheapestBasket, type Item, landed, type Offer, type Seller } from '../money';
import { isGot, type ListLine } from './lines';

/** Money of one line. */
export interface LineMoney {
  readonly key: string;
  /** What it cost or will cost; null: nobody knows. */
  readonly cost: number | null;
  /** What of it is known: all of the cost, or what was paid of a line that wants more. */
  readonly known: number;
  /**
   * Paid; by the quote that was picked, or of the cheapest basket, with its share of shipping; by the example
   * price of its like; or not known.
   */
  readonly from: 'paid' | 'quote' | 'like' | 'nothing';
}

/** Something that can be left out, and what the whole costs with it less what it costs without. */
export interface OptionPrice {
  readonly name: string;
  readonly lines: number;
  readonly price: number;
  readonly unpriced: number;
}

/** Money of the whole list, in the builder's own. */
export interface MoneyReport {
  readonly lines: ReadonlyMap<string, LineMoney>;
  /** What is ordered or here, as far as it has a price. */
  readonly paid: number;
  /** What is still to be bought, options left out, as it is cheapest. */
  readonly basket: Basket;
  /** The same with all here by the wanted day; null where no day is wanted or the first is in time. */
  readonly inTime: Basket | null;
  /**
   * Lines that go by the example price of their like, with what that comes to; and those of which nobody
   * knows what they cost, bought or not: with them the total is at least so much.
   */
  readonly unpriced: { readonly likes: number; readonly like: number; readonly unknown: number };
  readonly total: number;
  readonly budget: number | null;
  /** By axis id, the machine last under an empty id. */
  readonly byOwner: readonly { readonly owner: string; readonly cost: number; readonly unknown: number }[];
  readonly options: readonly OptionPrice[];
}

export const sellerOf = (s: SellerInput): Seller => ({
  id: s.id,
  shipping: { fixed: s.fixed, step: s.step?.si ?? 0, perStep: s.perStep, freeFrom: s.freeFrom },
  duty: s.duty / 100,
  tax: s.tax / 100,
});

export const offerOf = ({ id, seller, price, breaks, pack, days }: QuoteInput): Offer => ({
  id,
  seller,
  price,
  breaks,
  pack,
  days,
});

/** The quote that was picked, or all of them; one that is gone picks nothing. */
function quotesFor({ quotes, said }: ListLine): readonly QuoteInput[] {
  const picked = quotes.find((q) => q.id === said?.quote);
  return picked ? [picked] : quotes;
}

/** What is bought of a line by the basket: by the quote that was picked, or by any. */
const itemOf = (line: ListLine): Item => ({
  id: line.key,
  quantity: line.toBuy,
  mass: line.mass,
  offers: quotesFor(line).map(offerOf),
});

/** What a line that is ordered or here cost: as it was typed, else by its quote without shipping. */
function paidFor(line: ListLine, sellers: readonly Seller[]): number | null {
  if (line.said?.paid != null) return line.said.paid;
  const quote = line.quotes.find((q) => q.id === line.said?.quote);
  const seller = quote && sellers.find((s) => s.id === quote.seller);
  if (line.state === 'on-hand') return 0;
  if (!quote || !seller || !line.said) return null;
  return landed(seller, bought(offerOf(quote), line.said.count).goods, 0);
}

/** Each line of a basket with its share of the shipping, by what its goods cost. */
function sharesOf(basket: Basket): Map<string, number> {
  const shares = new Map<string, number>();
  for (const { lines, goods, total } of basket.parcels)
    for (const { item, way } of lines)
      shares.set(item.id, goods > 0 ? (total * way.goods) / goods : total / lines.length);
  return shares;
}

/** What such parts cost as an example; null where none has a price, or nobody knows how many are wanted. */
const like = ({ need, toBuy, wanted }: ListLine): number | null =>
  need?.price == null || wanted === null ? null : need.price * toBuy;

/** Days from one to the other; null where no day is wanted. */
const daysLeft = (wantedBy: string | null, today: string) =>
  wantedBy === null ? null : Math.max(0, dayOf(wantedBy) - dayOf(today));

function lineMoney(line: ListLine, sellers: readonly Seller[], shares: Map<string, number>): LineMoney {
  const { key } = line;
  const paid = isGot(line) ? paidFor(line, sellers) : 0;
  const known = paid ?? 0;
  if (isGot(line) && line.toBuy === 0)
    return { key, cost: paid, known, from: paid === null ? 'nothing' : 'paid' };
  // What is sawn, or not wanted, costs nothing by itself.
  if (line.sawn || (line.toBuy === 0 && line.wanted !== null))
    return { key, cost: 0, known: 0, from: 'paid' };
  const share = shares.get(key);
  // Of a line that was paid, and nobody knows how much, what more it wants is not all of it.
  if (share !== undefined)
    return { key, cost: paid === null ? null : known + share, known: known + share, from: 'quote' };
  const example = paid === null ? null : like(line);
  if (example === null) return { key, cost: null, known, from: 'nothing' };
  return { key, cost: known + example, known: known + example, from: 'like' };
}

function optionPrices(
  lines: readonly ListLine[],
  sellers: readonly Seller[],
  base: Basket,
  always: readonly ListLine[],
): readonly OptionPrice[] {
  const names = [...new Set(lines.map((l) => l.option).filter((o) => o !== ''))];
  return names.map((name) => {
    const own = lines.filter((l) => l.option === name && l.toBuy > 0);
    const both = cheapestBasket([...always, ...own].map(itemOf), sellers);
    const without = new Set(both.without.map((i) => i.id));
    const likes = own.filter((l) => without.has(l.key)).map(like);
    return {
      name,
      lines: own.length,
      price: both.total - base.total + likes.reduce<number>((s, c) => s + (c ?? 0), 0),
      unpriced: likes.filter((c) => c === null).length,
    };
  });
}

/** What the list costs. @param today `2026-11-27`. */
export function moneyOf(
  { sellers: said, buying, brief }: Pick<Project, 'sellers' | 'buying' | 'brief'>,
  lines: readonly ListLine[],
  today: string,
): MoneyReport {
  const sellers = said.map(sellerOf);
  const needed = lines.filter((l) => l.option === '');
  const wanted = needed.filter((l) => l.toBuy > 0 && l.quotes.length > 0);
  const basket = cheapestBasket(wanted.map(itemOf), sellers);
  const days = daysLeft(buying.wantedBy, today);
  const late = basket.parcels.some((p) =>
    p.lines.some(({ way }) => way.offer.days === null || way.offer.days > (days ?? Infinity)),
  );
  const inTime = days !== null && late ? cheapestBasket(wanted.map(itemOf), sellers, days) : null;
  const shares = sharesOf(basket);
  const money = new Map(lines.map((l) => [l.key, lineMoney(l, sellers, shares)]));
  const paid = needed.filter(isGot).reduce((s, l) => s + (paidFor(l, sellers) ?? 0), 0);
  const costs = needed.map((l) => money.get(l.key)!);
  const known = costs.reduce((s, m) => s + m.known, 0);
  const likely = known - paid - basket.total;
  const owners = [...new Set(needed.map((l) => l.owner))];
  return {
    lines: money,
    paid,
    basket,
    inTime,
    unpriced: {
      likes: costs.filter((m) => m.from === 'like').length,
      like: likely,
      unknown: costs.filter((m) => m.cost === null).length,
    },
    total: known,
    budget: brief.budget,
    byOwner: owners.map((owner) => {
      const own = needed.filter((l) => l.owner === owner).map((l) => money.get(l.key)!);
      const cost = own.reduce((s, m) => s + m.known, 0);
      return { owner, cost, unknown: own.filter((m) => m.cost === null).length };
    }),
    options: optionPrices(lines, sellers, basket, wanted),
  };
}
