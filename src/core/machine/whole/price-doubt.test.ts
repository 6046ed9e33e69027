import { describe, expect, it } from 'vitest';
import { priceDoubt, priceDoubtBetween } from './price-doubt';

const row = (name: string, price: number | null, count = 1, typed = false) => ({
  family: 'rack',
  name,
  count,
  price,
  typed,
});

describe('how far a sum of example prices may be off', () => {
  it('one part: two fifths of its price; two of a kind are off together', () => {
    expect(priceDoubt([row('a', 100)])).toBeCloseTo(40, 9);
    expect(priceDoubt([row('a', 100, 2)])).toBeCloseTo(80, 9);
    expect(priceDoubt([row('a', 100), row('a', 100)])).toBeCloseTo(80, 9);
  });
  it('different parts go together in half: u² = ½ (Σ u)² + ½ Σ u² (JCGM 100, 5.2.2)', () => {
    // 40 and 30 at a correlation of 0.5: 40² + 30² + 2·0.5·40·30 = 3700.
    expect(priceDoubt([row('a', 100), row('b', 75)])).toBeCloseTo(Math.sqrt(3700), 9);
  });
  it('what the builder typed is known, what has no price says nothing', () => {
    expect(priceDoubt([row('a', 100, 1, true), row('b', null)])).toBe(0);
    expect(priceDoubt([])).toBe(0);
  });
  it('what both have cancels in a difference; what only one has does not', () => {
    const both = [row('a', 100), row('b', 75)];
    expect(priceDoubtBetween(both, both)).toBe(0);
    expect(priceDoubtBetween(both, [...both, row('c', 50)])).toBeCloseTo(20, 9);
    expect(priceDoubtBetween([...both, row('c', 50)], both)).toBeCloseTo(20, 9);
    // One in the place of another of the same price: the difference is nought, and off by 40 √(2 − 2·0.5).
    expect(priceDoubtBetween([row('a', 100)], [row('b', 100)])).toBeCloseTo(40, 9);
  });
});
