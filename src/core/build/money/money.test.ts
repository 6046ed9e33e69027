import { describe, expect, it } from 'vitest';
import { bought, cheapestBasket, type Item, landed, type Offer, priceAt, type Seller, shippingOf } from '.';

const offer = (seller: string, price: number, more: Partial<Offer> = {}): Offer => ({
  id: `${seller} ${price}`,
  seller,
  price,
  breaks: [],
  pack: 1,
  days: 3,
  ...more,
});
const seller = (id: string, fixed: number, shipping: Partial<Seller['shipping']> = {}): Seller => ({
  id,
  shipping: { fixed, step: 0, perStep: 0, freeFrom: null, ...shipping },
  duty: 0,
  tax: 0,
});
const item = (id: string, quantity: number, offers: readonly Offer[], mass: number | null = null): Item => ({
  id,
  quantity,
  mass,
  offers,
});

describe('what a number of pieces costs', () => {
  const screws = offer('s', 0.2, { breaks: [{ from: 50, price: 0.1 }], pack: 10 });
  it('takes whole packs, and the price from a break on', () => {
    expect(priceAt(screws, 49)).toBe(0.2);
    expect(priceAt(screws, 50)).toBe(0.1);
    expect(bought(screws, 12)).toEqual({ count: 20, goods: 4 });
  });
  it('takes more where more costs less', () => {
    // 40 at 0.20 are 8.00, 50 at 0.10 are 5.00.
    expect(bought(screws, 34)).toEqual({ count: 50, goods: 5 });
  });
  it('sends by begun steps of weight, and free from a sum on', () => {
    const s = seller('s', 4, { step: 5, perStep: 3, freeFrom: 100 });
    expect(shippingOf(s, 50, 5.1)).toBe(10);
    expect(shippingOf(s, 100, 50)).toBe(0);
  });
  it('puts duty on the goods, and tax on goods, duty and shipping', () => {
    expect(landed({ ...seller('s', 0), duty: 0.1, tax: 0.2 }, 100, 10)).toBeCloseTo(144, 9);
  });
});

describe('a basket', () => {
  const near = seller('near', 5);
  const far = seller('far', 20);
  const items = [
    item('screw', 1, [offer('near', 118, { days: 1 }), offer('far', 71, { days: 21 })]),
    item('nut', 1, [offer('near', 10)]),
  ];
  it('opens a second parcel only where that pays', () => {
    const basket = cheapestBasket(items, [near, far]);
    expect(basket).toMatchObject({ total: 106, proved: true, without: [] });
    expect(basket.parcels.map((p) => p.seller.id)).toEqual(['near', 'far']);
    const dearFar = { ...far, shipping: { ...far.shipping, fixed: 60 } };
    expect(cheapestBasket(items, [near, dearFar])).toMatchObject({ total: 133 });
  });
  it('leaves out who is too slow, and what has no price', () => {
    const bare = item('plate', 1, []);
    const late = cheapestBasket([...items, bare], [near, far], 7);
    expect(late).toMatchObject({ total: 133, without: [bare] });
  });
  it('gathers goods with one seller where that makes shipping free', () => {
    const sellers = [seller('a', 9, { freeFrom: 100 }), seller('b', 9)];
    const two = [
      item('x', 1, [offer('a', 60), offer('b', 59)]),
      item('y', 1, [offer('a', 41), offer('b', 40)]),
    ];
    expect(cheapestBasket(two, sellers)).toMatchObject({ total: 101, proved: true });
  });
  it('says a bound where there are too many ways to go through', () => {
    const sellers = Array.from({ length: 16 }, (_, i) =>
      seller(`s${i}`, 7 + (i % 5), { step: 1, perStep: 1 }),
    );
    const many = Array.from({ length: 60 }, (_, i) =>
      item(
        `i${i}`,
        1 + (i % 4),
        sellers.filter((_, k) => (k + i) % 3).map((s, k) => offer(s.id, 5 + ((i * k) % 11))),
        0.3,
      ),
    );
    const basket = cheapestBasket(many, sellers);
    expect(basket.least).toBeLessThanOrEqual(basket.total);
    expect(basket.parcels.flatMap((p) => p.lines)).toHaveLength(60);
  });
});
