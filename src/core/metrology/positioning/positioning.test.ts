import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { recordingWorksheet } from '@/core/worksheet';
import { chance, SEED } from '@test/helpers/chance';
import { normal } from '@test/helpers/errors';
import { compensation, positioningFormulas as f, positioningOf, type Target, targetPlaces } from '.';

const target = (place: number, up: number[], down: number[]): Target => ({ place, up, down });
/** Check value of the handbook: three targets, five runs from each side, µm. */
const check = [
  target(0, [1, 3, 2, 2, 2], [-3, -1, -2, -2, -2]),
  target(0.5, [6, 8, 7, 7, 7], [1, 3, 2, 2, 2]),
  target(1, [4, 5, 3, 4, 4], [1, -1, 0, 0, 0]),
];

describe('positioning by ISO 230-2', () => {
  it('check value: B 5, R 7.828, A 11.828, A from below 7.828, E 9, M 4.5', () => {
    const p = positioningOf(check);
    expect(p.reversal).toBeCloseTo(5, 9);
    expect(p.repeat).toBeCloseTo(7.828, 3);
    expect(p.accuracy).toBeCloseTo(11.828, 3);
    expect(p.accuracyUp).toBeCloseTo(7.828, 3);
    expect(p.systematic).toBeCloseTo(9, 9);
    expect(p.mean).toBeCloseTo(4.5, 9);
    expect(p.meanReversal).toBeCloseTo((4 + 5 + 4) / 3, 9);
    expect(p.systematicUp).toBeCloseTo(5, 9);
    expect(p.systematicDown).toBeCloseTo(4, 9);
    expect(p.repeatUp).toBeCloseTo(4 * Math.sqrt(0.5), 9);
    expect(p.accuracyDown).toBeCloseTo(4 + 4 * Math.sqrt(0.5), 9);
  });
  it('the standard’s formulas, worked out once more from the raw runs, on data of our own', () => {
    const dice = chance(SEED);
    for (let k = 0; k < 50; k++) {
      const runs = () => Array.from({ length: 5 }, () => 10 * normal(dice));
      const targets = Array.from({ length: 6 }, (_, i) =>
        target(
          i,
          runs(),
          runs().map((v) => v - 8),
        ),
      );
      const p = positioningOf(targets);
      const mean = (v: readonly number[]) => v.reduce((a, b) => a + b) / v.length;
      const sd = (v: readonly number[]) =>
        Math.sqrt(v.reduce((a, b) => a + (b - mean(v)) ** 2, 0) / (v.length - 1));
      const R = targets.map(({ up, down }) =>
        Math.max(2 * sd(up) + 2 * sd(down) + Math.abs(mean(up) - mean(down)), 4 * sd(up), 4 * sd(down)),
      );
      expect(p.repeat).toBeCloseTo(Math.max(...R), 9);
      const high = targets.flatMap(({ up, down }) => [mean(up) + 2 * sd(up), mean(down) + 2 * sd(down)]);
      const low = targets.flatMap(({ up, down }) => [mean(up) - 2 * sd(up), mean(down) - 2 * sd(down)]);
      expect(p.accuracy).toBeCloseTo(Math.max(...high) - Math.min(...low), 9);
      const middles = targets.map(({ up, down }) => (mean(up) + mean(down)) / 2);
      expect(p.mean).toBeCloseTo(Math.max(...middles) - Math.min(...middles), 9);
    }
  });
  it('its formulas by themselves', () => {
    expect(f.reversal.evaluate({ up: q('length', 2), down: q('length', 5) })).toBe(-3);
    expect(f.oneWayRepeat.evaluate({ scatter: q('length', 1.5) })).toBe(6);
    const two = { up: q('length', 1), down: q('length', 2) };
    expect(f.twoWayRepeat.evaluate({ ...two, reversal: q('length', -3) })).toBe(9);
    expect(
      f.twoWayRepeat.evaluate({ up: q('length', 0), down: q('length', 5), reversal: q('length', 0) }),
    ).toBe(20);
  });
  it('keeps its working when somebody asks', () => {
    const sheet = recordingWorksheet();
    positioningOf(check, sheet);
    expect(sheet.lines.map((l) => l.key)).toEqual(
      expect.arrayContaining(['reversal/0', 'repeat/2', 'repeat/up']),
    );
  });
  it('a table of corrections brings the means of both sides to nought', () => {
    const by = compensation(positioningOf(check));
    const after = check.map((t, i) =>
      target(
        t.place,
        t.up.map((v) => v + by[i]!.by),
        t.down.map((v) => v + by[i]!.by),
      ),
    );
    expect(positioningOf(after).mean).toBeCloseTo(0, 12);
    expect(positioningOf(after).reversal).toBeCloseTo(5, 9);
  });
  it('targets: five a metre and five at least, their odd parts spread over a lead', () => {
    const dice = chance(SEED);
    for (const travel of [0.3, 1, 1.9]) {
      const places = targetPlaces(travel, 0.01, dice.next);
      expect(places.length).toBeGreaterThanOrEqual(Math.max(5, 5 * travel));
      expect([...places].sort((a, b) => a - b)).toEqual(places);
      expect(places.at(-1)!).toBeLessThanOrEqual(travel);
      expect(places[0]!).toBeGreaterThanOrEqual(0);
      expect(new Set(places.map((p) => (p % 0.01).toFixed(5))).size).toBeGreaterThan(3);
    }
  });
  it('refuses what the standard does not work with', () => {
    expect(() => positioningOf(check.slice(0, 1))).toThrow('two targets');
    expect(() => positioningOf([target(0, [1], [1, 2]), check[1]!])).toThrow('two runs');
  });
});
