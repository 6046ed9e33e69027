import { describe, expect, it } from 'vitest';
import { chance, SEED } from '@test/helpers/chance';
import { even, normal } from '@test/helpers/errors';
import { leastOf } from '@test/helpers/optimise';
import { factorSeen, groupEffect, roundFactor, roundsLeft, solveTogether, stopOf } from '.';

const dice = chance(SEED);
const matrix = (rows: number, columns: number, diagonal: number, rest: number) =>
  Array.from({ length: rows }, (_, i) =>
    Array.from({ length: columns }, (_u, j) => (i === j ? diagonal : even(dice, rest))),
  );

describe('moves that spoil one another', () => {
  it('check value: (1 0.6; 0.7 1) leaves 0.42 a round', () =>
    expect(
      roundFactor([
        [1, 0.6],
        [0.7, 1],
      ]),
    ).toBeCloseTo(0.42, 12));
  it('one by one they come down by the factor, in the rounds that are foretold', () => {
    for (let i = 0; i < 60; i++) {
      const n = 2 + dice.below(3);
      const effect = matrix(n, n, 1, 0.45);
      const factor = roundFactor(effect);
      if (!(factor < 0.9 && factor > 0.05)) continue;
      const start = Array.from({ length: n }, () => 20 * normal(dice));
      const r = [...start];
      const round = () =>
        effect.forEach((_, k) => {
          const by = -r[k]! / effect[k]![k]!;
          effect.forEach((row, m) => (r[m]! += row[k]! * by));
        });
      // After the first round the shape of the slowest mode is left.
      round();
      const worst = Math.max(...r.map(Math.abs));
      const foretold = roundsLeft(worst, factor)!;
      let taken = 0;
      while (Math.max(...r.map(Math.abs)) > 1 && taken < 200) {
        round();
        taken++;
      }
      expect(Math.abs(taken - foretold)).toBeLessThanOrEqual(3 + 0.3 * foretold);
    }
  });
  it('together they are done in one', () => {
    for (let i = 0; i < 60; i++) {
      const effect = matrix(3, 3, 1, 0.45);
      const readings = [0, 1, 2].map(() => normal(dice));
      const found = solveTogether({ readings, limits: [1, 1, 1], effect });
      if (found.trimmed) continue;
      for (const v of found.left) expect(Math.abs(v)).toBeLessThan(1e-9);
    }
  });
  it('more readings than moves: the least squares in tolerances (a search)', () => {
    for (let i = 0; i < 30; i++) {
      const coupled = {
        readings: [0, 1, 2, 3].map(() => normal(dice)),
        limits: [1, 2, 0.5, 1],
        effect: matrix(4, 2, 1, 0.6),
      };
      const { moves } = solveTogether(coupled);
      const squares = (v: readonly number[]) =>
        coupled.readings.reduce(
          (s, r, k) =>
            s + ((r + coupled.effect[k]!.reduce((t, e, j) => t + e * v[j]!, 0)) / coupled.limits[k]!) ** 2,
          0,
        );
      expect(squares(moves)).toBeLessThanOrEqual(leastOf(squares, moves, 0.3).value * (1 + 1e-9));
    }
  });
  it('two moves that do nearly the same are not set against each other', () => {
    const found = solveTogether({
      readings: [1, -1],
      limits: [1, 1],
      effect: [
        [1, 1.001],
        [1, 0.999],
      ],
    });
    expect(found.trimmed).toBe(true);
    expect(Math.max(...found.moves.map(Math.abs))).toBeLessThan(2);
  });
  it('runs away, is there already, or is not square', () => {
    expect(roundsLeft(5, 1.2)).toBeNull();
    expect(roundsLeft(0.9, 1.2)).toBe(0);
    expect(roundsLeft(5, 0)).toBe(1);
    expect(roundsLeft(8, 0.5)).toBe(3);
    expect(() => roundFactor([[1, 2]])).toThrow(RangeError);
    expect(() => roundFactor([[0]])).toThrow('does nothing');
    expect(() => solveTogether({ readings: [1], limits: [0], effect: [[1]] })).toThrow(RangeError);
    expect(() => solveTogether({ readings: [1], limits: [1], effect: [] })).toThrow(RangeError);
  });
  it('the factor that past rounds show is their mean', () => {
    expect(factorSeen([400, 200, 100])).toBeCloseTo(0.5, 12);
    expect(factorSeen([400])).toBeNull();
  });
});

describe('tilt and lift on one group of bolts', () => {
  it('the moves of two bolts at both ends make the height and the tilt that a stiff body takes', () => {
    const [first, second, place] = [-0.1, 0.3, 0.9];
    const [height, tilt] = groupEffect({ first, second }, place);
    // A straight body through both bolts, moved by v: its height and slope at the place.
    const v = [2e-4, -1e-4];
    const slope = (v[1]! - v[0]!) / (second - first);
    expect(height[0]! * v[0]! + height[1]! * v[1]!).toBeCloseTo(v[0]! + slope * (place - first), 15);
    expect(tilt[0]! * v[0]! + tilt[1]! * v[1]!).toBeCloseTo(slope, 15);
    expect(() => groupEffect({ first: 1, second: 1 }, 0)).toThrow(RangeError);
  });
  it('both at once are solved in one go, where one after the other would run away', () => {
    const rows = groupEffect({ first: 0, second: 0.1 }, 0.3);
    const readings = [3e-4, 1e-4];
    expect(roundFactor(rows)).toBeCloseTo(1.5, 9);
    const { left } = solveTogether({ readings, limits: [5e-5, 5e-4], effect: rows });
    for (const v of left) expect(Math.abs(v)).toBeLessThan(1e-12);
  });
});

describe('when another round is worth its time', () => {
  it('ends when all hold, when nothing is brought nearer by its doubt, or two rounds brought nothing', () => {
    const readings = [4, 1];
    const best = [0, 1];
    const doubts = (u: number) => ({ readings, doubts: [u, u] });
    expect(stopOf(['holds', 'holds'], best, doubts(1), [9])).toBe('all-hold');
    expect(stopOf(['gives-out', 'holds'], best, doubts(5), [9])).toBe('below-doubt');
    expect(stopOf(['gives-out', 'holds'], undefined, doubts(1), [9])).toBe('below-doubt');
    expect(stopOf(['gives-out', 'holds'], best, doubts(1), [4, 4.1, 4])).toBe('no-progress');
    expect(stopOf(['gives-out', 'holds'], best, doubts(1), [8, 6, 4])).toBeNull();
  });
});
