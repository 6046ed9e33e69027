import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, LEAST_COVER, misread, MOST_COVER, normal } from '@test/helpers/errors';
import { leastOf } from '@test/helpers/optimise';
import {
  between,
  heightsByLevel,
  leastSquaresLine,
  minimumZone,
  rangeAbout,
  shimsFor,
  sidewaysFor,
  straightFormulas,
  zoneDoubt,
} from '.';

const rail = (heights: readonly number[], step = 1) => heights.map((h, i) => ({ x: i * step, h }));
const dice = chance(SEED);
const anyRail = (n: number) =>
  Array.from({ length: n }, (_, i) => ({ x: i * 0.2 + 0.1 * dice.next(), h: 1e-4 * normal(dice) }));

describe('straightness', () => {
  it('check value: heights 0 10 4 12 0 lie within 12.2 by least squares, 12 by the minimum zone', () => {
    const points = rail([0, 10, 4, 12, 0]);
    expect(rangeAbout(points, leastSquaresLine(points).slope)).toBeCloseTo(12.2, 9);
    const zone = minimumZone(points);
    expect(zone).toMatchObject({ range: 12, slope: 0, top: 12, bottom: 0 });
    expect(zone.contacts.map((p) => p.x)).toEqual([0, 3, 4]);
  });
  it('least squares is the least of all lines (a search without derivatives)', () => {
    for (let i = 0; i < 40; i++) {
      const points = anyRail(4 + dice.below(12));
      const { slope, offset } = leastSquaresLine(points);
      const squares = ([s, o]: readonly number[]) =>
        points.reduce((sum, p) => sum + (1e4 * (p.h - o! - s! * p.x)) ** 2, 0);
      const found = leastOf(squares, [0, 0], 1e-4);
      expect(squares([slope, offset])).toBeLessThanOrEqual(found.value * (1 + 1e-9));
      expect(slope).toBeCloseTo(found.x[0]!, 7);
    }
  });
  it('no slope gives a narrower band than the minimum zone, and one gives the same (a search)', () => {
    for (let i = 0; i < 200; i++) {
      const points = anyRail(3 + dice.below(20));
      const zone = minimumZone(points);
      const found = leastOf(([s]) => 1e4 * rangeAbout(points, s!), [zone.slope * 0.5], 1e-4);
      expect(1e4 * zone.range).toBeCloseTo(found.value, 7);
      // Three points touch: two at one side, the third at the other between them.
      const at = zone.contacts.map((p) => p.h - zone.slope * p.x);
      expect(Math.abs(at[0]! - at[1]!)).toBeCloseTo(zone.range, 12);
      expect(Math.abs(at[1]! - at[2]!)).toBeCloseTo(zone.range, 12);
    }
  });
  it('two places are a line; several readings at one place count with the highest and the lowest', () => {
    expect(minimumZone(rail([1, 5])).range).toBe(0);
    const twice = [...rail([0, 0, 0]), { x: 1, h: 2 }, { x: 1, h: -1 }];
    expect(minimumZone(twice).range).toBeCloseTo(3, 12);
  });
  it('refuses what is no line', () => {
    expect(() => minimumZone([{ x: 1, h: 0 }])).toThrow('two places');
    expect(() => minimumZone(rail([0, NaN]))).toThrow('no number');
    expect(() => leastSquaresLine([])).toThrow(RangeError);
  });
  it.each([
    ['a straight rail', 0],
    ['a bow as large as a reading’s doubt', 1],
    ['a bow five times as large', 5],
    ['a bow forty times as large', 40],
  ])('%s: the interval holds the true zone as often as it says, or oftener', (_name, times) => {
    const [n, u] = [13, 10e-6];
    const own = chance(SEED + times);
    const share = covered(CASES, () => {
      const bow = times * u * (0.6 + 0.8 * own.next());
      const truth = Array.from({ length: n }, (_, i) => ({
        x: i * 0.2,
        h: bow * Math.sin((Math.PI * i) / 12),
      }));
      const read = truth.map((p) => ({ x: p.x, h: p.h + u * normal(own) }));
      const zone = minimumZone(read);
      const doubt = zoneDoubt(read, zone, u);
      const expanded = 1.96 * doubt.standard + doubt.wider;
      return { value: zone.range, truth: minimumZone(truth).range, expanded };
    });
    expect(share).toBeGreaterThan(LEAST_COVER);
  });
  it('over rails of every shape the interval is neither too narrow nor idle', () => {
    const own = chance(SEED + 3);
    const share = covered(CASES, () => {
      const [bow, kink] = [200e-6 * own.next(), 100e-6 * own.next()];
      const at = own.below(13);
      const truth = Array.from({ length: 13 }, (_, i) => ({
        x: i * 0.2,
        h: bow * Math.sin((Math.PI * i) / 12) + (i === at ? kink : 0),
      }));
      const limits = { digit: 10e-6, limit: 15e-6, scatter: 5e-6 };
      const read = truth.map((p) => ({ x: p.x, h: misread(own, p.h, limits) }));
      const u = Math.sqrt(100 / 12 + 225 / 3 + 25) * 1e-6;
      const zone = minimumZone(read);
      const doubt = zoneDoubt(read, zone, u);
      const expanded = 1.96 * doubt.standard + doubt.wider;
      return { value: zone.range, truth: minimumZone(truth).range, expanded };
    });
    expect(share).toBeGreaterThan(LEAST_COVER);
    expect(share).toBeLessThan(MOST_COVER);
  });
});

describe('shims', () => {
  const bolts = [0, 0.2, 0.4, 0.6, 0.8, 1];
  it('the rail then lies on a line, nothing is taken out, and no other line wants fewer', () => {
    for (let i = 0; i < 100; i++) {
      const points = anyRail(6);
      const at = points.map((p) => p.x);
      const { moves, line, left } = shimsFor(points, at, 0);
      expect(left).toBeLessThan(1e-15);
      expect(Math.min(...moves.map((m) => m.by))).toBeGreaterThanOrEqual(0);
      const sum = moves.reduce((s, m) => s + m.by, 0);
      // Every line through two points that lies on or above all: the least of them by hand.
      const sums = points.flatMap((a, j) =>
        points.slice(j + 1).flatMap((b) => {
          const slope = (b.h - a.h) / (b.x - a.x);
          const gaps = points.map((p) => a.h + slope * (p.x - a.x) - p.h);
          return Math.min(...gaps) < -1e-15 ? [] : [gaps.reduce((s, g) => s + g, 0)];
        }),
      );
      expect(sum).toBeCloseTo(Math.min(...sums), 12);
      expect(line.offset + line.slope * moves[0]!.x - moves[0]!.by).toBeCloseTo(points[0]!.h, 12);
    }
  });
  it('come in the steps in which they are sold, and what that leaves is told', () => {
    const points = bolts.map((x) => ({ x, h: -1e-4 * x * (1 - x) }));
    const { moves, left } = shimsFor(points, bolts, 10e-6);
    for (const { by } of moves) expect(Math.round(by / 10e-6) * 10e-6).toBeCloseTo(by, 15);
    expect(left).toBeLessThanOrEqual(10e-6);
    expect(left).toBeGreaterThan(0);
  });
  it('a slope that is asked lies on the highest place', () => {
    const points = bolts.map((x) => ({ x, h: x === 0.4 ? 5e-5 : 0 }));
    const { line, moves } = shimsFor(points, bolts, 0, 0);
    expect(line).toEqual({ slope: 0, offset: 5e-5 });
    expect(moves.find((m) => m.x === 0.4)!.by).toBe(0);
    expect(moves.find((m) => m.x === 1)!.by).toBe(5e-5);
  });
  it('sideways the rail goes both ways, as little as can be', () => {
    const points = bolts.map((x) => ({ x, h: 1e-4 * Math.sin(3 * x) }));
    const { moves, left } = sidewaysFor(points, bolts);
    expect(moves.reduce((s, m) => s + m.by, 0)).toBeCloseTo(0, 12);
    expect(left).toBeLessThan(1e-15);
  });
  it('between bolts the height is that of the line between them', () => {
    expect(between(rail([0, 2, 2]), 0.5)).toBe(1);
    expect(between(rail([1, 2]), -3)).toBe(1);
    expect(between(rail([1, 2]), 9)).toBe(2);
  });
});

describe('ways to a height', () => {
  const f = straightFormulas;
  it('check value: a wire of 3 m steel at 600 MPa sags 0.1443 mm', () => {
    const sag = f.wireSag.evaluate({
      density: q('density', 7850),
      span: q('length', 3),
      stress: q('modulus', 600e6),
    });
    expect(sag * 1e3).toBeCloseTo(0.1443, 4);
    expect(f.sagAt.evaluate({ sag, share: q('ratio', 0.25) })).toBeCloseTo(0.75 * sag, 12);
  });
  it('an edge that is turned over tells its own shape from that of the rail', () => {
    const [rail0, edge] = [30e-6, 12e-6];
    const found = f.edgeTurned.evaluate({
      first: q('length', rail0 + edge),
      turned: q('length', rail0 - edge),
    });
    expect(found).toBeCloseTo(rail0, 12);
  });
  it('a level walks from end to end; its doubt is largest in the middle (simulated)', () => {
    expect(heightsByLevel(0.2, [1e-4, -1e-4]).map((p) => p.h)).toEqual([0, 2e-5, 0]);
    expect(heightsByLevel(0.2, [])).toEqual([{ x: 0, h: 0 }]);
    const own = chance(SEED);
    const [n, k] = [10, 4];
    const found = Array.from({ length: 4000 }, () => {
      const slopes = Array.from({ length: n }, () => 2e-5 * normal(own));
      return heightsByLevel(0.2, slopes)[k]!.h;
    });
    const seen = Math.sqrt(found.reduce((s, h) => s + h * h, 0) / found.length);
    const said = f.levelWalk.evaluate({
      base: q('length', 0.2),
      slope: q('slope', 2e-5),
      step: q('count', k),
      steps: q('count', n),
    });
    expect(seen / said).toBeGreaterThan(0.96);
    expect(seen / said).toBeLessThan(1.04);
    expect(said).toBeCloseTo(0.2 * 2e-5 * Math.sqrt(2.4), 12);
  });
});
