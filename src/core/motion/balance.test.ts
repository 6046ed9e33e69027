import { describe, expect, it } from 'vitest';
import { GRAVITY, quantity as q } from '@/core/units';
import {
  balancedMass,
  balanceSum,
  counterweightFelt,
  counterweightPull,
  dragBeside,
  gasSpringPush,
} from './balance';

const spring = { force: q('force', 100), rise: q('ratio', 1.4), stroke: q('length', 0.2) };
const one = q('count', 1);

describe('counterweights', () => {
  it('on a plain rope pull with their weight; work and energy agree on any tackle', () => {
    const plain = { mass: q('mass', 5), roping: q('ratio', 1), count: one };
    expect(counterweightPull.evaluate(plain)).toBeCloseTo(5 * GRAVITY, 9);
    for (const roping of [0.5, 1, 2, 3]) {
      const inputs = { mass: q('mass', 4), roping: q('ratio', roping), count: q('count', 2) };
      // The axis rises by h, each of two weights falls by roping times h.
      expect(counterweightPull.evaluate(inputs) * 0.1).toBeCloseTo(2 * 4 * GRAVITY * roping * 0.1, 9);
      const [v, felt] = [0.3, counterweightFelt.evaluate(inputs)];
      expect((felt * v * v) / 2).toBeCloseTo((2 * 4 * (roping * v) ** 2) / 2, 9);
    }
  });
});

describe('gas springs', () => {
  const at = (pressed: number, count = 1) =>
    gasSpringPush.evaluate({ ...spring, pressed: q('length', pressed), count: q('count', count) });
  it('push with what is printed on them with the rod out, and with the rise on it with the rod in', () => {
    expect(at(0)).toBeCloseTo(100, 9);
    expect(at(0.2)).toBeCloseTo(140, 9);
    expect(at(0.2, 2)).toBeCloseTo(280, 9);
  });
  it('keep pressure times room on the way (Boyle): a room that shrinks by 1/1.4 over the stroke', () => {
    const room = (pressed: number) => 1 - (pressed / 0.2) * (1 - 1 / 1.4);
    for (const pressed of [0.03, 0.1, 0.17]) expect(at(pressed) * room(pressed)).toBeCloseTo(100, 9);
    // Half way it is less than the middle of both: the curve hangs through.
    expect(at(0.1)).toBeLessThan(120);
  });
});

describe('an axis with all that balances it', () => {
  it('adds pushes, masses and drags in one line', () => {
    expect(balanceSum.evaluate({ said: q('force', 20), parts: q('force', 55) })).toBe(75);
    expect(balancedMass.evaluate({ moving: q('mass', 12), counterweights: q('mass', 8) })).toBe(20);
    expect(dragBeside.evaluate({ hung: q('force', 6), seals: q('force', 30) })).toBe(36);
  });
});
