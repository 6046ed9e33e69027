import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { chance, SEED } from '@test/helpers/chance';
import { normal } from '@test/helpers/errors';
import { leastOf } from '@test/helpers/optimise';
import { JACK_DAMP, jackMoves, leastSquaresPlane, planeFormulas as f, type Spot } from '.';

const dice = chance(SEED);
const grid = (of: (x: number, y: number) => number): Spot[] =>
  [0, 0.6, 1.2].flatMap((x) => [0, 0.5, 1].map((y) => ({ x, y, h: of(x, y) })));

describe('plane of a table', () => {
  it('finds the plane that was put in, and what lies off it', () => {
    const plane = leastSquaresPlane(grid((x, y) => 1e-3 + 2e-4 * x - 3e-4 * y));
    expect(plane.alongX).toBeCloseTo(2e-4, 12);
    expect(plane.alongY).toBeCloseTo(-3e-4, 12);
    expect(plane.offset).toBeCloseTo(1e-3, 12);
    expect(plane.flatness).toBeLessThan(1e-15);
  });
  it('no plane has a lesser sum of squares (a search without derivatives)', () => {
    for (let i = 0; i < 30; i++) {
      const spots = grid(() => 1e-4 * normal(dice));
      const { offset, alongX, alongY } = leastSquaresPlane(spots);
      const squares = ([c, a, b]: readonly number[]) =>
        spots.reduce((s, p) => s + (1e4 * (p.h - c! - a! * p.x - b! * p.y)) ** 2, 0);
      const found = leastOf(squares, [0, 0, 0], 1e-4);
      expect(squares([offset, alongX, alongY])).toBeLessThanOrEqual(found.value * (1 + 1e-9));
      expect(alongX).toBeCloseTo(found.x[1]!, 7);
    }
  });
  it('wants three spots off one line', () => {
    const line = [0, 1, 2].map((x) => ({ x, y: 2 * x, h: 0 }));
    expect(() => leastSquaresPlane(line)).toThrow(RangeError);
    expect(() => leastSquaresPlane([])).toThrow(RangeError);
  });
  it('the twist of four corners is what the plane leaves there', () => {
    const h = [1e-3, -2e-4, 4e-4, 0];
    const corners = [
      [0, 0],
      [1, 0],
      [1, 0.7],
      [0, 0.7],
    ].map(([x, y], i) => ({ x: x!, y: y!, h: h[i]! }));
    const [first, second, third, fourth] = h.map((v) => q('length', v)) as never as ReturnType<
      typeof q<'length'>
    >[];
    const twist = f.twistOfFour.evaluate({ first: first!, second: second!, third: third!, fourth: fourth! });
    const { left } = leastSquaresPlane(corners);
    [1, -1, 1, -1].forEach((sign, i) => expect(left[i]).toBeCloseTo(sign * twist, 12));
  });
});

describe('jacks under a frame', () => {
  it('turns are lift by pitch', () =>
    expect(
      f.jackTurns.evaluate({ lift: q('length', 0.5e-3), pitch: q('linearPerTurn', 1.25e-3) }),
    ).toBeCloseTo(0.4, 12));
  const rise = [
    [1e-3, 2e-4, 0, 1e-4],
    [2e-4, 1e-3, 1e-4, 0],
    [0, 1e-4, 1e-3, 2e-4],
    [1e-4, 0, 2e-4, 1e-3],
  ];
  const corners = (h: readonly number[]): Spot[] =>
    [
      [0, 0],
      [1, 0],
      [1, 0.7],
      [0, 0.7],
    ].map(([x, y], i) => ({ x: x!, y: y!, h: h[i]! }));
  it('level: all heights come to nought, though each jack lifts its neighbours too', () => {
    const { turns, left } = jackMoves({
      spots: corners([4e-4, -2e-4, 1e-4, 0]),
      rise,
      level: true,
      down: 5,
      up: 5,
    });
    expect(left).toBeLessThan(1e-8);
    const after = rise.map(
      (row, i) => [4e-4, -2e-4, 1e-4, 0][i]! + row.reduce((s, c, j) => s + c * turns[j]!, 0),
    );
    for (const h of after) expect(Math.abs(h)).toBeLessThan(1e-8);
  });
  it('a jack at its end is worked around, and nothing is better (a search)', () => {
    for (let i = 0; i < 20; i++) {
      const spots = corners([0, 1, 2, 3].map(() => 5e-4 * normal(dice)));
      const input = { spots, rise, level: true, down: 0.1, up: 0.3 };
      const { turns } = jackMoves(input);
      const clipped = (u: readonly number[]) => u.map((v) => Math.min(0.3, Math.max(-0.1, v)));
      const squares = (u: readonly number[]) =>
        spots.reduce(
          (s, p, k) => s + (1e4 * (p.h + rise[k]!.reduce((t, c, j) => t + c * clipped(u)[j]!, 0))) ** 2,
          0,
        );
      for (const t of turns) expect(t).toBeGreaterThanOrEqual(-0.1);
      for (const t of turns) expect(t).toBeLessThanOrEqual(0.3);
      expect(squares(turns)).toBeLessThanOrEqual(leastOf(squares, turns, 0.05).value * (1 + 1e-6) + 1e-9);
    }
  });
  it('flat only: three jacks stay as they are where the fourth takes the twist out', () => {
    const { left, turns } = jackMoves({
      spots: corners([1e-4, 0, 1e-4, 0]),
      rise,
      level: false,
      down: 5,
      up: 5,
    });
    expect(left).toBeLessThan(1e-8);
    expect(turns.reduce((s, t) => s + Math.abs(t), 0)).toBeLessThan(1);
  });
  it('seven tenths of the moves a round level a frame that lifts otherwise than was tried', () => {
    const real = rise.map((row) => row.map((c) => 1.3 * c));
    let h = [4e-4, -2e-4, 1e-4, 3e-4];
    for (let round = 0; round < 6; round++) {
      const { turns } = jackMoves({ spots: corners(h), rise, level: true, down: 5, up: 5 });
      h = h.map((v, i) => v + real[i]!.reduce((s, c, j) => s + c * JACK_DAMP * turns[j]!, 0));
    }
    expect(Math.max(...h.map(Math.abs))).toBeLessThan(2e-6);
  });
  it('refuses effects that do not fit', () =>
    expect(() =>
      jackMoves({ spots: corners([0, 0, 0, 0]), rise: [[1]], level: true, down: 1, up: 1 }),
    ).toThrow(RangeError));
});
