import { describe, expect, it } from 'vitest';
import { instrumentKinds } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, misread, MOST_COVER, normal } from '@test/helpers/errors';
import {
  chiSquare,
  decide,
  doubtOf,
  instrumentOf,
  instruments,
  meanOf,
  normalRange95,
  rangeDoubt,
  readingsWanted,
  standingOut,
  student95,
  tooCoarse,
  widerBy,
} from '.';

const UM = 1e-6;

describe('Student’s distribution', () => {
  // NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.2, column 0.975.
  it.each([
    [1, 12.706],
    [2, 4.303],
    [3, 3.182],
    [4, 2.776],
    [5, 2.571],
    [7, 2.365],
    [10, 2.228],
    [15, 2.131],
    [30, 2.042],
    [100, 1.984],
  ])('%i degrees of freedom', (freedom, t) => expect(student95(freedom)).toBeCloseTo(t, 3));
  it('between whole degrees it lies between, and ends at the normal one', () => {
    expect(student95(3.5)).toBeLessThan(student95(3));
    expect(student95(3.5)).toBeGreaterThan(student95(4));
    expect(student95(1.5)).toBeGreaterThan(student95(2));
    expect(student95(Infinity)).toBeCloseTo(1.95996, 5);
    expect(student95(99_000)).toBeCloseTo(1.95996, 3);
  });
  it('refuses what is no number of freedoms', () => {
    expect(() => student95(0.5)).toThrow(RangeError);
    expect(() => student95(NaN)).toThrow(RangeError);
  });
});

describe('instruments', () => {
  it('limits grow with the length as the standards have it (µm, mm)', () => {
    // DIN 875 and DIN 874 from memory: 5 + L/50, 10 + L/20, 20 + L/10; 4 + L/60, 8 + L/40.
    const at = (kind: 'square-0' | 'square-1' | 'square-2' | 'straight-edge-1' | 'straight-edge-2') =>
      instruments[kind].limit(0.4) / UM;
    expect(at('square-0')).toBeCloseTo(13, 9);
    expect(at('square-1')).toBeCloseTo(30, 9);
    expect(at('square-2')).toBeCloseTo(60, 9);
    expect(at('straight-edge-1')).toBeCloseTo(4 + 400 / 60, 9);
    expect(at('straight-edge-2')).toBeCloseTo(18, 9);
    expect(instruments.tape.limit(3)).toBeCloseTo(0.0009, 9);
  });
  it('each knows its step and its limit', () => {
    for (const kind of instrumentKinds) {
      expect(instruments[kind].kind).toBe(kind);
      expect(instruments[kind].digit).toBeGreaterThan(0);
      expect(instruments[kind].limit(1)).toBeGreaterThan(0);
    }
  });
  it('what its owner says counts for what is usual', () => {
    const own = instrumentOf('dial', { digit: 1 * UM, limit: null });
    expect([own.digit, own.limit(1), own.source]).toEqual([1 * UM, 15 * UM, 'memory']);
    expect(instrumentOf('dial', { digit: null, limit: 2 * UM }).limit(9)).toBe(2 * UM);
    expect(instrumentOf('dial', { digit: null, limit: 2 * UM }).source).toBe('own');
    expect(instrumentOf('caliper')).toBe(instruments.caliper);
  });
});

describe('doubt of a reading', () => {
  const dial = instruments.dial;
  it('adds its sources as squares (GUM 5.1.2)', () => {
    const { standard } = doubtOf({
      instrument: dial,
      size: 2,
      readings: 4,
      scatter: 6 * UM,
      ends: 2,
      warm: 1,
    });
    const squares = 2 * (10 ** 2 / 12) + 36 / 4 + 15 ** 2 / 3 + 23 ** 2;
    expect(standard / UM).toBeCloseTo(Math.sqrt(squares), 9);
  });
  it('few readings count with Student, and by how much of the doubt is scatter (GUM G.4)', () => {
    const found = doubtOf({ instrument: dial, size: 0, readings: 3, scatter: 30 * UM });
    const u = Math.sqrt(100 / 12 + 900 / 3 + 75);
    expect(found.freedom).toBeCloseTo(2 * ((3 * u * u) / 900) ** 2, 9);
    expect(found.expanded / UM).toBeCloseTo(student95(found.freedom) * u, 9);
    expect(doubtOf({ instrument: dial, size: 0, readings: 1, scatter: 0 }).freedom).toBe(Infinity);
  });
  it('refuses no reading and negative scatter', () => {
    expect(() => doubtOf({ instrument: dial, size: 0, readings: 0, scatter: 0 })).toThrow(RangeError);
    expect(() => doubtOf({ instrument: dial, size: 0, readings: 2, scatter: -1 })).toThrow(RangeError);
  });
  it.each([3, 4, 6, 12])('%i readings: the interval holds the truth as often as it says', (readings) => {
    const dice = chance(SEED + readings);
    // Of one series the dial errs one way; a scatter that leads the doubt, as a carriage comes back.
    const share = covered(CASES, () => {
      const [truth, off] = [even(dice, 2e-3), even(dice, 15 * UM)];
      const values = Array.from({ length: readings }, () =>
        misread(dice, truth + off, { digit: 10 * UM, limit: 0, scatter: 20 * UM }),
      );
      const { mean, scatter } = meanOf(values);
      return { value: mean, truth, ...doubtOf({ instrument: dial, size: 0, readings, scatter }) };
    });
    expect(share).toBeGreaterThan(LEAST_COVER);
    expect(share).toBeLessThan(MOST_COVER);
  });
});

describe('decision against a limit (ISO 14253-1)', () => {
  it.each([
    [66, 'holds'],
    [79, 'not-known'],
    [94, 'not-known'],
    [95, 'gives-out'],
    [-66, 'holds'],
    [-95, 'gives-out'],
  ])('%f with 14 in doubt, of 80: %s', (value, verdict) =>
    expect(decide(value, 14, 80).verdict).toBe(verdict),
  );
  it('says what would settle it, and nothing of what is no number', () => {
    expect(decide(79, 14, 80, true).want).toBe('more-readings');
    expect(decide(79, 14, 80).want).toBe('better-instrument');
    expect(decide(NaN, 14, 80)).toEqual({ verdict: 'not-known', want: 'none' });
  });
  it('a third of the limit is the most that an instrument may be out', () => {
    expect(tooCoarse(27, 80)).toBe(true);
    expect(tooCoarse(26, 80)).toBe(false);
  });
  it('so many readings that their scatter takes no more than three tenths', () => {
    const n = readingsWanted(10, 40)!;
    expect((student95(n - 1) * 10) / Math.sqrt(n)).toBeLessThanOrEqual(12);
    expect((student95(n - 2) * 10) / Math.sqrt(n - 1)).toBeGreaterThan(12);
    expect(readingsWanted(0, 40)).toBe(1);
    expect(readingsWanted(100, 40)).toBeNull();
  });
});

describe('readings that stand out', () => {
  const wave = Array.from({ length: 13 }, (_, i) => ({ x: i * 0.2, h: 60e-6 * Math.sin(i / 2) }));
  it('a slip of the pencil does, a wave does not', () => {
    expect(standingOut(wave, 8e-6)).toEqual([]);
    const slip = wave.map((p, i) => (i === 6 ? { ...p, h: p.h + 300e-6 } : p));
    expect(standingOut(slip, 8e-6).map((o) => o.index)).toEqual([6]);
    expect(standingOut(slip, 8e-6)[0]!.off).toBeCloseTo(300e-6, 4);
  });
  it('plain scatter is asked about in few of a hundred', () => {
    const dice = chance(SEED);
    const asked = Array.from({ length: 400 }, () =>
      standingOut(
        wave.map((p) => ({ x: p.x, h: p.h + 8e-6 * normal(dice) })),
        8e-6,
      ),
    ).filter((found) => found.length).length;
    expect(asked).toBeLessThan(20);
  });
  it('four places are too few to tell', () => expect(standingOut(wave.slice(0, 4), 0)).toEqual([]));
});

describe('what scatter alone spreads', () => {
  it.each([
    [2, 2.77],
    [3, 3.31],
    [5, 3.86],
    [10, 4.47],
    [20, 5.01],
  ])('range of %i normal figures: 95 of 100 stay within %f (Harter 1960, from memory)', (count, q) => {
    expect(normalRange95(count)).toBeCloseTo(q, 2);
    // What is remembered is the same.
    expect(normalRange95(count)).toBe(normalRange95(count));
  });
  it('a range that is all scatter may be none; one far above it is as good as its two ends', () => {
    expect(widerBy(3, 10, 1)).toBe(3);
    expect(widerBy(1000, 10, 1)).toBeLessThan(0.02);
    expect(rangeDoubt(1000, 10, 1)).toBeCloseTo(1.96 * Math.SQRT2, 1);
    expect(() => normalRange95(1)).toThrow(RangeError);
  });
  it.each([
    [10, -1.96, 3.247],
    [10, 1.96, 20.483],
    [30, 1.645, 43.773],
  ])('chi-square of %i: %f deviations out lies %f (Abramowitz and Stegun, table 26.8)', (n, z, chi) => {
    expect(Math.abs(chiSquare(n, z) / chi - 1)).toBeLessThan(0.01);
  });
});
