import { describe, expect, it } from 'vitest';
import { chance, SEED } from '@test/helpers/chance';
import { normal } from '@test/helpers/errors';
import { leastOf } from '@test/helpers/optimise';
import { circleOf, leastSquaresCircle, ringZone, type Trace } from '.';

const R = 0.1;
interface Faults {
  readonly scaleX: number;
  readonly scaleY: number;
  readonly gamma: number;
  readonly lostX: number;
  readonly lostY: number;
  readonly mismatch: number;
  readonly off: readonly [number, number];
}
const none: Faults = { scaleX: 0, scaleY: 0, gamma: 0, lostX: 0, lostY: 0, mismatch: 0, off: [0, 0] };

/**
 * A circle as a machine with such faults traces it: motion that is lost keeps an axis back in the way it
 * goes, an axis that lags is where it was asked to be a moment ago.
 */
function traced(faults: Faults, ccw: boolean, n = 360, noise = () => 0): Trace {
  const k = ccw ? 1 : -1;
  const spots = Array.from({ length: n }, (_, i) => {
    const t = (2 * Math.PI * (i + 0.5)) / n;
    // Mismatch g = v (Tx − Ty)/2: X is late by Tx, Y early by as much.
    const late = (k * faults.mismatch) / R;
    const x = R * Math.cos(t - late) * (1 + faults.scaleX);
    const y = R * Math.sin(t + late) * (1 + faults.scaleY);
    const goingX = -k * Math.sin(t);
    const goingY = k * Math.cos(t);
    const px = x - (Math.sign(goingX) * faults.lostX) / 2;
    const py = y - (Math.sign(goingY) * faults.lostY) / 2;
    return {
      x: px + faults.gamma * py + faults.off[0] + noise(),
      y: py + faults.off[1] + noise(),
    };
  });
  return { spots, ccw };
}
const found = (faults: Partial<Faults>, noise?: () => number) => {
  const all = { ...none, ...faults };
  return circleOf(traced(all, true, 360, noise), traced(all, false, 360, noise), R);
};

describe('circular test by ISO 230-4', () => {
  it('a true circle has no deviation', () => {
    const c = found({});
    expect(c.both.width).toBeLessThan(1e-12);
    expect(Math.abs(c.square) + Math.abs(c.scale) + Math.abs(c.lostX)).toBeLessThan(1e-9);
  });
  it('each fault is found alone and among others, and no other with it', () => {
    const faults = {
      scaleX: 3e-4,
      gamma: -4e-4,
      lostX: 2e-5,
      lostY: 5e-5,
      mismatch: 1.2e-5,
      off: [1e-5, -2e-5] as const,
    };
    for (const only of [
      { gamma: 4e-4 },
      { scaleX: 2e-4 },
      { lostX: 4e-5 },
      { lostY: 3e-5 },
      { mismatch: 1e-5 },
      faults,
    ] as Partial<Faults>[]) {
      const all = { ...none, ...only };
      const c = found(only);
      expect(c.square).toBeCloseTo(all.gamma, 5);
      expect(c.scale).toBeCloseTo(all.scaleX - all.scaleY, 5);
      expect(c.lostX * 1e6).toBeCloseTo(all.lostX * 1e6, 0);
      expect(c.lostY * 1e6).toBeCloseTo(all.lostY * 1e6, 0);
      expect(c.mismatch * 1e6).toBeCloseTo(all.mismatch * 1e6, 0);
    }
  });
  it('closed form: axes out of square by gamma make an ellipse as wide as R gamma', () => {
    const { both, most, least } = found({ gamma: 1e-3 });
    expect(both.width).toBeCloseTo(R * 1e-3, 6);
    expect(most - least).toBeCloseTo(R * 1e-3, 6);
  });
  it('radius that shrinks shows as the mean of both', () => {
    const small = (t: Trace): Trace => ({
      ...t,
      spots: t.spots.map((p) => ({ x: 0.999 * p.x, y: 0.999 * p.y })),
    });
    const c = circleOf(small(traced(none, true)), small(traced(none, false)), R);
    expect(c.radial).toBeCloseTo(-1e-4, 9);
  });
  it('noise moves what is found by no more than it should', () => {
    const dice = chance(SEED);
    const c = found({ gamma: 3e-4, lostX: 3e-5 }, () => 3e-6 * normal(dice));
    expect(c.square).toBeCloseTo(3e-4, 4);
    expect(c.lostX * 1e6).toBeGreaterThan(27);
    expect(c.lostX * 1e6).toBeLessThan(33);
    expect(c.left).toBeLessThan(6e-6);
  });
  it('refuses traces that do not go round', () => {
    const half = { ccw: true, spots: traced(none, true).spots.slice(10, 60) };
    expect(() => circleOf({ ...half, spots: half.spots.slice(0, 4) }, half, R)).toThrow('places at least');
    const line = Array.from({ length: 20 }, (_, i) => ({ x: i, y: 2 * i }));
    expect(() => leastSquaresCircle(line)).toThrow('one line');
    expect(() => ringZone(line.slice(0, 2))).toThrow('three places');
  });
});

describe('minimum zone circles', () => {
  const dice = chance(SEED + 1);
  const trace = (n: number) => {
    const wave = [2, 3, 4, 5].map(() => [2e-5 * normal(dice), 6 * dice.next()] as const);
    return Array.from({ length: n }, (_, i) => {
      const t = (2 * Math.PI * i) / n;
      const r = R + wave.reduce((s, [a, p], k) => s + a * Math.cos((k + 2) * t + p), 0) + 2e-6 * normal(dice);
      return { x: 0.003 + r * Math.cos(t), y: -0.002 + r * Math.sin(t) };
    });
  };
  it('no centre gives a narrower ring (a search without derivatives)', () => {
    for (let i = 0; i < 40; i++) {
      const spots = trace(60);
      const zone = ringZone(spots);
      const width = ([x, y]: readonly number[]) => {
        const r = spots.map((s) => Math.hypot(s.x - x! * 1e-3, s.y - y! * 1e-3));
        return 1e6 * (Math.max(...r) - Math.min(...r));
      };
      const other = leastOf(width, [zone.x * 1e3, zone.y * 1e3], 0.01);
      expect(1e6 * zone.width).toBeLessThan(other.value * 1.002 + 1e-6);
    }
  });
  it('two inner and two outer contacts prove it', () => {
    for (let i = 0; i < 20; i++) {
      const spots = trace(40);
      const zone = ringZone(spots);
      const r = spots.map((s) => Math.hypot(s.x - zone.x, s.y - zone.y));
      const near = (v: number) => r.filter((q) => Math.abs(q - v) < 0.01 * zone.width).length;
      expect(near(zone.inner)).toBeGreaterThanOrEqual(2);
      expect(near(zone.outer)).toBeGreaterThanOrEqual(2);
    }
  });
  it('least squares finds the circle that was drawn', () => {
    const spots = Array.from({ length: 12 }, (_, i) => ({
      x: 1 + 2 * Math.cos(i / 2),
      y: 3 + 2 * Math.sin(i / 2),
    }));
    const c = leastSquaresCircle(spots);
    expect([c.x, c.y, c.r].map((v) => v.toFixed(9))).toEqual(['1.000000000', '3.000000000', '2.000000000']);
  });
});
