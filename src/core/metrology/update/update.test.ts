import { describe, expect, it } from 'vitest';
import { quantity } from '@/core/units';
import { chance, SEED } from '@test/helpers/chance';
import { normal } from '@test/helpers/errors';
import { apartBy, CONFLICT, learn, updateFormulas as f } from '.';

const r = (v: number) => quantity('ratio', v);

describe('what is learnt from a reading', () => {
  it('check value: 20 ± 5 and 32 ± 2 are 30.34 ± 1.857, and contradict one another by 2.23', () => {
    const given = { before: 20, prior: 5, slope: 1, measured: 32, foretold: 20, reading: 2, others: 0 };
    const { value, standard } = learn(given);
    expect(value).toBeCloseTo(30.34, 2);
    expect(standard).toBeCloseTo(1.857, 3);
    expect(apartBy(32, 20, 5, 2)).toBeCloseTo(2.228, 3);
    expect(apartBy(32, 20, 5, 2)).toBeGreaterThan(CONFLICT);
  });
  it('its formulas by themselves', () => {
    expect(f.gain.evaluate({ prior: r(3), slope: r(2), reading: r(8) })).toBeCloseTo(18 / 100, 12);
    expect(f.learnt.evaluate({ before: r(10), gain: r(0.5), measured: r(7), foretold: r(4) })).toBe(11.5);
    expect(f.left.evaluate({ prior: r(3), gain: r(0.18), slope: r(2) })).toBeCloseTo(3 * 0.8, 12);
    expect(f.apart.evaluate({ measured: r(2), foretold: r(7), plan: r(3), reading: r(4) })).toBe(1);
  });
  it('agrees with numbers drawn from both beliefs: those that give the reading are where it says', () => {
    // Prior N(4, 1), answer 3 x + N(0, 1.5), read as 15 ± 1: weights of a thousand draws.
    const dice = chance(SEED);
    let [sum, weights, squares] = [0, 0, 0];
    for (let k = 0; k < 40_000; k++) {
      const x = 4 + normal(dice);
      const answer = 3 * x + 1.5 * normal(dice);
      const weight = Math.exp(-((15 - answer) ** 2) / 2);
      [sum, weights, squares] = [sum + weight * x, weights + weight, squares + weight * x * x];
    }
    const mean = sum / weights;
    const found = learn({
      before: 4,
      prior: 1,
      slope: 3,
      measured: 15,
      foretold: 12,
      reading: 1,
      others: 1.5,
    });
    expect(found.value).toBeCloseTo(mean, 1);
    expect(found.standard / Math.sqrt(squares / weights - mean ** 2)).toBeCloseTo(1, 1);
  });
  it('an input that the answer does not feel learns nothing', () => {
    const given = { before: 20, prior: 5, slope: 0, measured: 32, foretold: 20, reading: 2, others: 0 };
    expect(learn(given)).toEqual({ value: 20, standard: 5 });
  });
});
