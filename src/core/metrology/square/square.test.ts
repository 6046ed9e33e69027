import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, misread, MOST_COVER, normal } from '@test/helpers/errors';
import { fourPoints, type SixLengths, squareFormulas as f } from '.';

const len = (v: number) => q('length', v);
type Place = readonly [number, number];
const apart = (a: Place, b: Place) => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** Where a machine that is out of square goes: x_true = x + gamma y. */
const skewed = (gamma: number, x: number, y: number): Place => [x + gamma * y, y];

const lengthsOf = ([a, b, c, d]: readonly [Place, Place, Place, Place]): SixLengths => ({
  near: apart(a, b),
  right: apart(b, c),
  far: apart(c, d),
  left: apart(d, a),
  rising: apart(a, c),
  falling: apart(b, d),
});

describe('squareness', () => {
  it('check value: diagonals 1.500720 and 1.499280 m over 0.9 by 1.2 m: 1.000 mrad, 0.491 in doubt', () => {
    const sides = { first: len(1.50072), second: len(1.49928), along: len(0.9), across: len(1.2) };
    expect(f.byDiagonals.evaluate(sides) * 1e3).toBeCloseTo(1, 3);
    expect(f.diagonalsDoubt.evaluate({ ...sides, reading: len(0.0005) }) * 1e3).toBeCloseTo(0.491, 3);
  });
  it('every way finds the skew that was put in, with its sign', () => {
    for (const gamma of [-2e-3, 1e-4, 3e-3]) {
      const [a, b] = [0.9, 1.2];
      const corner = (x: number, y: number) => skewed(gamma, x, y);
      const first = apart(corner(0, 0), corner(a, b));
      const second = apart(corner(a, 0), corner(0, b));
      const found = f.byDiagonals.evaluate({
        first: len(first),
        second: len(second),
        along: len(a),
        across: len(b),
      });
      expect(found).toBeCloseTo(gamma, 5);
      const third = apart(corner(a, 0), corner(0, b));
      const across = apart(corner(0, 0), corner(0, b));
      const three = f.byThreeSides.evaluate({ along: len(a), across: len(across), third: len(third) });
      expect(three).toBeCloseTo(gamma, 5);
      // A pin on the bed that is off the middle: it falls away.
      const pin: Place = [0.05, 0.03];
      const delta = (x: number) => apart(corner(x, 0.4), pin) ** 2 - apart(corner(x, -0.4), pin) ** 2;
      const swing = { near: q('area', delta(0.4)), far: q('area', delta(1)), half: len(0.4), way: len(0.6) };
      expect(f.bySwing.evaluate(swing)).toBeCloseTo(gamma, 6);
      // A disc of 0.3 m that such a machine cuts, measured across it at both slants.
      const across45 = (t: number) => apart(corner(0.15 * Math.cos(t), 0.15 * Math.sin(t)), [0, 0]) * 2;
      const disc = f.byDisc.evaluate({
        rising: len(across45(Math.PI / 4)),
        falling: len(across45((3 * Math.PI) / 4)),
        size: len(0.3),
      });
      expect(disc).toBeCloseTo(gamma, 5);
    }
  });
  it('a square that is turned over tells itself from the machine', () => {
    // The blade leans by the square’s own error; the tool by the machine’s.
    const [gamma, own] = [8e-4, 3e-4];
    const q1 = q('slope', gamma - own);
    const q2 = q('slope', gamma + own);
    expect(f.bySquareTurned.evaluate({ kept: q1, turned: q2 })).toBeCloseTo(gamma, 12);
    expect(f.squareItself.evaluate({ kept: q1, turned: q2 })).toBeCloseTo(own, 12);
  });
  it('the end at the larger y leads by the angle over the span', () => {
    const at = skewed(1e-3, 0, 1.1);
    expect(f.leadOfEnd.evaluate({ out: q('slope', 1e-3), span: len(1.1) })).toBeCloseTo(at[0], 12);
  });
  it('three sides: the stated doubt is that of simulated readings', () => {
    const dice = chance(SEED);
    const u = 0.0004;
    const found = Array.from({ length: 4000 }, () =>
      f.byThreeSides.evaluate({
        along: len(0.9 + u * normal(dice)),
        across: len(1.2 + u * normal(dice)),
        third: len(1.5 + u * normal(dice)),
      }),
    );
    const seen = Math.sqrt(found.reduce((s, g) => s + g * g, 0) / found.length);
    const said = f.threeSidesDoubt.evaluate({
      along: len(0.9),
      across: len(1.2),
      third: len(1.5),
      reading: len(u),
    });
    expect(seen / said).toBeGreaterThan(0.97);
    expect(seen / said).toBeLessThan(1.03);
    expect(said).toBeCloseTo(u * Math.hypot(1.5 / 1.08, 1 / 0.9, 1 / 1.2), 12);
  });
  it('diagonals by tape: the interval holds the truth as often as it says', () => {
    const dice = chance(SEED + 1);
    const [a, b, u] = [0.9, 1.2, Math.hypot(0.0005 / Math.sqrt(12), 0.0002, 0.0003 / Math.sqrt(3))];
    const share = covered(CASES, () => {
      const truth = even(dice, 3e-3);
      const tape = { digit: 0.0005, scatter: 0.0002, limit: 0.0003 };
      const read = (v: number) => len(misread(dice, v, tape));
      const [first, second] = [
        read(apart([0, 0], skewed(truth, a, b))),
        read(apart(skewed(truth, a, 0), skewed(truth, 0, b))),
      ];
      const sides = { first, second, along: len(a), across: len(b) };
      const expanded = 1.96 * f.diagonalsDoubt.evaluate({ ...sides, reading: len(u) });
      return { value: f.byDiagonals.evaluate(sides), truth, expanded };
    });
    expect(share).toBeGreaterThan(LEAST_COVER);
    expect(share).toBeLessThan(MOST_COVER);
  });
});

describe('four sides and two diagonals', () => {
  it('finds any four corners again', () => {
    const dice = chance(SEED + 2);
    for (let i = 0; i < 100; i++) {
      const off = () => even(dice, 0.02);
      const corners: [Place, Place, Place, Place] = [
        [0, 0],
        [1 + off(), 0],
        [1 + off(), 0.8 + off()],
        [off(), 0.8 + off()],
      ];
      const found = fourPoints(lengthsOf(corners));
      found.corners.forEach(([x, y], j) => {
        expect(x).toBeCloseTo(corners[j]![0], 9);
        expect(y).toBeCloseTo(corners[j]![1], 9);
      });
      expect(found.residual).toBeLessThan(1e-9);
      expect(found.out[0]).toBeCloseTo(Math.atan2(corners[3][0], corners[3][1]), 9);
      expect(found.out.reduce((s, o) => s + o, 0)).toBeCloseTo(0, 9);
    }
  });
  it('opposite sides that differ do not pass for skew, as they do with diagonals alone', () => {
    const corners: [Place, Place, Place, Place] = [
      [0, 0],
      [0.9, 0],
      [0.904, 1.2],
      [0, 1.2],
    ];
    const six = lengthsOf(corners);
    const alone = f.byDiagonals.evaluate({
      first: len(six.rising),
      second: len(six.falling),
      along: len(0.9),
      across: len(1.2),
    });
    expect(alone).toBeCloseTo(0.004 / (2 * 1.2), 4);
    expect(fourPoints(six).out[0]).toBeCloseTo(0, 9);
  });
  it('a slip in one length is left over, and the stated gain is that of simulated readings', () => {
    const rectangle = lengthsOf([
      [0, 0],
      [0.9, 0],
      [0.9, 1.2],
      [0, 1.2],
    ]);
    expect(fourPoints({ ...rectangle, left: 1.21 }).residual).toBeGreaterThan(0.003);
    const dice = chance(SEED + 3);
    const u = 1e-4;
    const shaken = () =>
      Object.fromEntries(
        Object.entries(rectangle).map(([k, v]) => [k, v + u * normal(dice)]),
      ) as unknown as SixLengths;
    const found = Array.from({ length: 2000 }, () => fourPoints(shaken()).out[0]);
    const seen = Math.sqrt(found.reduce((s, g) => s + g * g, 0) / found.length);
    const { gain } = fourPoints(rectangle);
    expect(seen / (gain * u)).toBeGreaterThan(0.95);
    expect(seen / (gain * u)).toBeLessThan(1.05);
  });
  it('refuses lengths that make no figure', () => {
    const wrong = { near: 1, right: 1, far: 1, left: 1, rising: 5, falling: 1 };
    expect(() => fourPoints(wrong)).toThrow(RangeError);
    expect(() => fourPoints({ ...wrong, rising: 0 })).toThrow('not above nought');
  });
});
