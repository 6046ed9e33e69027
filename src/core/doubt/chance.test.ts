import { describe, expect, it } from 'vitest';
import { normalCdf, normalQuantile } from '@/core/numerics';
import { binsOf, explained, varying } from './bins';
import type { DoubtInput } from './inputs';
import { deviatesOf, layersOf, streamOf, streamsOf, valueAt } from './streams';
import { noneOf, wilson } from './wilson';
import { toldSteps } from './worth';

const input = (path: string, more: Partial<DoubtInput> = {}): DoubtInput => ({
  path,
  kind: 'ratio',
  value: 1,
  half: 0.2,
  positive: false,
  least: -Infinity,
  most: Infinity,
  ours: false,
  group: null,
  ...more,
});

const column = (seed: number, name: string, of: number) =>
  Float64Array.from({ length: of }, (_, d) => deviatesOf(of)(streamOf(seed, name), d));

const moments = (v: Float64Array) => {
  const mean = v.reduce((s, x) => s + x, 0) / v.length;
  return { mean, variance: v.reduce((s, x) => s + (x - mean) ** 2, 0) / v.length };
};

const correlation = (a: Float64Array, b: Float64Array) => {
  const [ma, mb] = [moments(a), moments(b)];
  const product = a.reduce((s, x, i) => s + (x - ma.mean) * (b[i]! - mb.mean), 0) / a.length;
  return product / Math.sqrt(ma.variance * mb.variance);
};

const told = (...args: Parameters<typeof toldSteps>) => {
  const steps = toldSteps(...args);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};

describe('the normal distribution', () => {
  it('backwards is forwards backwards, far into the tails', () => {
    for (const share of [1e-9, 1e-4, 0.02, 0.024, 0.025, 0.3, 0.5, 0.7, 0.975, 0.9999])
      expect(normalCdf(normalQuantile(share)) / share).toBeCloseTo(1, 6);
  });
  it('97.5 % lie below 1.959964, 84.134 % below one deviation (ISO 3534-1, any table)', () => {
    expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 6);
    expect(normalQuantile(0.841344746)).toBeCloseTo(1, 7);
  });
});

describe('draws', () => {
  it('every layer is taken once, in an order that looks like none', () => {
    for (const of of [1, 2, 7, 100, 10_000]) {
      const layers = Array.from({ length: of }, (_, d) => layersOf(of)(streamOf(1, 'a'), d));
      expect(new Set(layers).size).toBe(of);
      expect(Math.max(...layers)).toBe(of - 1);
    }
    const [a, b] = [column(1, 'a', 5000), column(1, 'b', 5000)];
    expect(Math.abs(correlation(a, b))).toBeLessThan(0.04);
    // Neighbours know nothing of one another.
    expect(Math.abs(correlation(a.slice(1), a.slice(0, -1)))).toBeLessThan(0.04);
  });
  it('mean and variance are those of the distribution, nearer than free draws would be', () => {
    const { mean, variance } = moments(column(3, 'mass', 10_000));
    expect(Math.abs(mean)).toBeLessThan(1e-3);
    expect(variance).toBeCloseTo(1, 2);
  });
  it('the same seed gives the same, another one others; an input more moves no other', () => {
    const few = [input('a'), input('b')];
    const many = [input('x'), ...few];
    const at = (inputs: readonly DoubtInput[], seed: number) => {
      const z = new Float64Array(inputs.length);
      streamsOf(inputs, seed, 500).fill(17, z);
      return [...z];
    };
    expect(at(few, 5)).toEqual(at(few, 5));
    expect(at(many, 5).slice(1)).toEqual(at(few, 5));
    expect(at(few, 6)).not.toEqual(at(few, 5));
  });
  it('what shares its doubt is correlated as it says, and by nothing where it does not', () => {
    const tied = (path: string, r: number) => input(path, { group: { id: 'motor', tied: r } });
    const inputs = [tied('a', 0.9), tied('b', 0.9), tied('c', 1), tied('d', 1), input('e')];
    const z = inputs.map(() => new Float64Array(4000));
    const row = new Float64Array(5);
    const streams = streamsOf(inputs, 2, 4000);
    for (let d = 0; d < 4000; d++) {
      streams.fill(d, row);
      row.forEach((v, i) => (z[i]![d] = v));
    }
    expect(correlation(z[0]!, z[1]!)).toBeCloseTo(0.9, 1);
    expect(correlation(z[2]!, z[3]!)).toBeCloseTo(1, 9);
    expect(Math.abs(correlation(z[0]!, z[4]!))).toBeLessThan(0.05);
  });
  it('what is always above nought is drawn by its logarithm, its median the value; limits hold', () => {
    const mass = input('mass', { value: 10, half: 3, positive: true, least: 0 });
    expect(valueAt(mass, 0)).toBe(10);
    expect(valueAt(mass, 1.959964)).toBeCloseTo(10 * Math.exp(0.3), 9);
    expect(valueAt(mass, -40)).toBeGreaterThan(0);
    expect(valueAt(input('efficiency', { value: 0.95, half: 0.2, positive: true, most: 1 }), 3)).toBe(1);
  });
});

describe('how sure a chance is', () => {
  it('Wilson: 50 of 100 is 0.404 to 0.596, 0 of 10 at most 0.278 (E. B. Wilson 1927; Newcombe 1998)', () => {
    const half = wilson(50, 100);
    expect(half.low).toBeCloseTo(0.4038, 4);
    expect(half.high).toBeCloseTo(0.5962, 4);
    expect(wilson(0, 10).low).toBe(0);
    expect(wilson(0, 10).high).toBeCloseTo(0.2775, 4);
    expect(wilson(5000, 10_000).high - 0.5).toBeCloseTo(0.0098, 4);
  });
  it('none of N is below 3/N (the rule of three)', () => {
    expect(noneOf(10_000) * 10_000).toBeCloseTo(3, 1);
  });
});

describe('what makes the doubt', () => {
  const weights = [3, 2, 1, 0.5];
  const inputs = ['a', 'b', 'c', 'd'].map((p) => input(p));
  const draws = 10_000;
  const sum = Float64Array.from({ length: draws }, (_, d) =>
    weights.reduce((s, w, i) => s + w * deviatesOf(draws)(streamOf(4, 'abcd'[i]!), d), 0),
  );

  it('of a sum of 3, 2, 1 and 0.5 it is 0.632, 0.281, 0.070, 0.018, and they add up (JCGM 100, E.3)', () => {
    const shares = 'abcd'
      .split('')
      .map((name) => explained(varying(sum), binsOf(column(4, name, draws), 30), 30));
    [0.632, 0.281, 0.07, 0.018].forEach((share, i) =>
      expect(Math.abs(shares[i]! - share)).toBeLessThan(0.02),
    );
    expect(shares.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 1);
  });
  it('mean and variance of a sum are the sum’s (JCGM 100, 5.1.2; JCGM 101, 9.2)', () => {
    const { mean, variance } = moments(sum);
    expect(Math.abs(mean)).toBeLessThan(0.02);
    expect(variance).toBeCloseTo(9 + 4 + 1 + 0.25, 0);
  });
  it('a column without meaning explains nothing', () => {
    expect(explained(varying(sum), binsOf(column(4, 'noise', draws), 30), 30)).toBeLessThan(0.01);
  });
  it('what is told is the largest first; an input that does nothing is not named', () => {
    const margins = new Map([['bed|whip|', sum.map((v) => Math.exp(v / 10))]]);
    const asked = { project: undefined as never, seed: 4, draws };
    const found = told(asked, [...inputs, input('idle')], margins).causes.get('bed|whip|')!;
    expect(found.map((c) => c.path)).toEqual(['a', 'b', 'c']);
  });
});

describe('what is worth measuring', () => {
  const draws = 10_000;
  const asked = { project: undefined as never, seed: 9, draws };
  const mass = input('stand.0.mass', { kind: 'mass', value: 20, half: 6, positive: true });
  const drag = input('axes.0.loads.otherDrag', { kind: 'force', value: 20, half: 1, positive: true });
  const z = column(9, mass.path, draws);

  it('is what decides: a weight that turns the check, and no pull that does nothing', () => {
    const margins = new Map([['bed|torque-rapid|', z.map((v) => Math.exp(-v / 8))]]);
    const next = told(asked, [mass, drag], margins).next;
    expect(next.map((n) => [n.path, n.method.id])).toEqual([['stand.0.mass', 'scale-large']]);
    // An even chance costs 1/2 of a mistake; a reading that is nearly exact spares nearly all of it.
    expect(next[0]!.gain).toBeGreaterThan(0.4);
    expect(next[0]!.gain).toBeLessThan(0.5);
  });
  it('is nothing where all is decided, or where a reading is less sure than what is known', () => {
    const sure = new Map([['bed|torque-rapid|', z.map(() => 2)]]);
    expect(told(asked, [mass], sure).next).toEqual([]);
    const known = { ...mass, half: 0.3 };
    const margins = new Map([['bed|torque-rapid|', z.map((v) => Math.exp(-v / 8))]]);
    expect(told(asked, [known], margins).next).toEqual([]);
  });
});
