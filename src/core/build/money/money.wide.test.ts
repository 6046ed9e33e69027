import { describe, expect, it } from 'vitest';
import { chance, SEED, WIDE } from '@test/helpers/chance';
import { cheapestBasket, type Item, type Offer, type Seller } from '.';

/** What one buys and pays, written again from the words of the handbook and by nothing else here. */
function pay(items: readonly Item[], picks: readonly Offer[], sellers: readonly Seller[]): number {
  return sellers.reduce((sum, { id, shipping, duty, tax }) => {
    let goods = 0;
    let kilos = 0;
    let any = false;
    items.forEach((item, i) => {
      const offer = picks[i]!;
      if (offer.seller !== id) return;
      any = true;
      let least = { cost: Infinity, count: 0 };
      for (let count = offer.pack; count <= 400; count += offer.pack) {
        if (count < item.quantity) continue;
        const prices = offer.breaks.filter((b) => b.from <= count).sort((a, b) => b.from - a.from);
        const cost = count * (prices[0]?.price ?? offer.price);
        if (cost < least.cost - 1e-9) least = { cost, count };
      }
      goods += least.cost;
      kilos += least.count * (item.mass ?? 0);
    });
    if (!any) return sum;
    const free = shipping.freeFrom !== null && goods >= shipping.freeFrom - 1e-9;
    const steps = shipping.step > 0 ? Math.ceil(kilos / shipping.step - 1e-9) : 0;
    const sent = free ? 0 : shipping.fixed + steps * shipping.perStep;
    return sum + (goods + goods * duty + sent) * (1 + tax);
  }, 0);
}

function dearest(items: readonly Item[], sellers: readonly Seller[]): number {
  let best = Infinity;
  const walk = (picks: readonly Offer[]): void => {
    const item = items[picks.length];
    if (!item) best = Math.min(best, pay(items, picks, sellers));
    else for (const offer of item.offers) walk([...picks, offer]);
  };
  walk([]);
  return best;
}

function draw(seed: number) {
  const { next, pick, below } = chance(seed);
  const euros = (most: number) => Math.round(next() * most * 10) / 10 + 0.5;
  const plain = next() < 0.4;
  const sellers = Array.from({ length: 2 + below(3) }, (_, i): Seller => ({
    id: `s${i}`,
    shipping: {
      fixed: euros(15),
      step: plain ? 0 : pick([0, 1, 5]),
      perStep: plain ? 0 : pick([0, 2, 4.5]),
      freeFrom: plain || next() < 0.5 ? null : 20 + below(150),
    },
    duty: pick([0, 0, 0.05]),
    tax: pick([0, 0.19]),
  }));
  const items = Array.from({ length: 2 + below(4) }, (_, i): Item => ({
    id: `i${i}`,
    quantity: 1 + below(12),
    mass: pick([null, 0.05, 1.2, 6]),
    offers: sellers
      .filter((_, k) => k === i % sellers.length || next() < 0.7)
      .map(({ id }, k): Offer => {
        const price = euros(20);
        return {
          id: `${i}${k}`,
          seller: id,
          price,
          breaks: next() < 0.5 ? [] : [{ from: 5 + below(10), price: price * (0.6 + 0.3 * next()) }],
          pack: pick([1, 1, 4, 10]),
          days: null,
        };
      }),
  }));
  return { items, sellers };
}

describe('the cheapest basket', () => {
  it(`is that of all ways to buy, ${300 * WIDE} times`, () => {
    for (let i = 0; i < 300 * WIDE; i++) {
      const { items, sellers } = draw(SEED + i);
      const basket = cheapestBasket(items, sellers);
      const at = `seed ${SEED + i}`;
      const best = dearest(items, sellers);
      expect(basket.total, at).toBeCloseTo(best, 6);
      expect(basket.proved, at).toBe(true);
      expect(basket.least, at).toBeLessThanOrEqual(best + 1e-6);
      expect(
        basket.parcels.reduce((s, p) => s + p.total, 0),
        at,
      ).toBeCloseTo(basket.total, 6);
    }
  });
});
