import { describe, expect, it } from 'vitest';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, MOST_COVER, normal } from '@test/helpers/errors';
import {
  mayTry,
  plainRatios,
  pushOf,
  type Push,
  type Reached,
  scaleOf,
  stoppingOf,
  warmUpOf,
  wayAt,
} from '.';

/** An axis with a scale, lost motion and scatter, measured at several places from both sides. */
const axis = (scale: number, lost: number, noise: () => number): Reached[] =>
  [0.1, 0.3, 0.5, 0.7, 0.9].flatMap((asked) =>
    (['below', 'above'] as const).map((from) => ({
      asked,
      from,
      measured: 0.002 + scale * asked + (from === 'below' ? -lost / 2 : lost / 2) + noise(),
    })),
  );

describe('steps per unit', () => {
  it('scale and lost motion come apart, each with its sign', () => {
    const found = scaleOf(
      axis(1.0004, 8e-5, () => 0),
      0,
    );
    expect(found.scale).toBeCloseTo(1.0004, 9);
    expect(found.reversal).toBeCloseTo(-8e-5, 9);
    expect(found.scatter).toBeLessThan(1e-12);
  });
  it('intervals hold the truth as often as they say', () => {
    const dice = chance(SEED);
    for (const of of ['scale', 'reversal'] as const) {
      const share = covered(CASES, () => {
        const [scale, lost] = [1 + even(dice, 1e-3), 1e-4 * dice.next()];
        const found = scaleOf(
          axis(scale, lost, () => 2e-5 * normal(dice)),
          0,
        );
        return of === 'scale'
          ? { value: found.scale, truth: scale, expanded: found.expanded }
          : { value: found.reversal, truth: -lost, expanded: found.reversalExpanded };
      });
      expect(share).toBeGreaterThan(LEAST_COVER);
      expect(share).toBeLessThan(MOST_COVER);
    }
  });
  it('the measure’s own doubt is no smaller than it is', () => {
    expect(
      scaleOf(
        axis(1, 0, () => 0),
        2e-4,
      ).expanded,
    ).toBeCloseTo(1.96 * 2e-4, 9);
  });
  it('wrong numbers are told by their ratios (common practice, no source)', () => {
    expect(plainRatios(25.4, 0.01)).toEqual([{ over: 254, under: 10 }]);
    expect(plainRatios(0.5, 1e-3)).toContainEqual({ over: 1, under: 2 });
    expect(plainRatios(20 / 19, 1e-4)).toEqual([{ over: 20, under: 19 }]);
    expect(plainRatios(1.25, 1e-4)).toEqual([{ over: 5, under: 4 }]);
    expect(plainRatios(1.0003, 1e-4)).toEqual([]);
  });
  it('refuses readings that do not tell them apart', () => {
    const all = axis(1, 0, () => 0);
    expect(() =>
      scaleOf(
        all.filter((r) => r.from === 'below'),
        0,
      ),
    ).toThrow('sides must differ');
    expect(() => scaleOf(all.slice(0, 3), 0)).toThrow('four readings');
  });
});

describe('push test', () => {
  /** An axis that gives, with play and friction: what is pushed less what friction holds. */
  function cycle(stiffness: number, play: number, friction: number, most: number): Push[] {
    const ramp = [0.2, 0.4, 0.6, 0.8, 1];
    const give = (force: number, loading: boolean) => {
      const held = Math.sign(force) * (Math.abs(force) + (loading ? -friction : friction));
      return (Math.sign(force) * play) / 2 + held / stiffness;
    };
    return ([1, -1] as const).flatMap((side) => [
      ...ramp.map((s) => ({ force: side * s * most, give: give(side * s * most, true) })),
      ...[...ramp]
        .reverse()
        .slice(1)
        .map((s) => ({ force: side * s * most, give: give(side * s * most, false) })),
    ]);
  }
  it('stiffness, play and friction come apart', () => {
    const found = pushOf(cycle(5e6, 4e-5, 12, 150));
    expect(found.stiffness / 5e6).toBeCloseTo(1, 9);
    expect(found.play).toBeCloseTo(4e-5, 12);
    expect(found.friction).toBeCloseTo(12, 9);
    expect(found.spread).toBeLessThan(1e-9);
  });
  it('common practice, no source: 75 kgf that gives 20 µm is 36.8 N/µm', () => {
    const force = 75 * 9.80665;
    expect(pushOf(cycle(force / 20e-6, 0, 0, force)).stiffness / 1e6).toBeCloseTo(36.8, 1);
  });
  it('branches that are no lines are told by their spread', () => {
    const bent = cycle(5e6, 0, 0, 150).map((p) => (p.force < 0 ? { ...p, give: 1.5 * p.give } : p));
    expect(pushOf(bent).spread).toBeGreaterThan(0.3);
    expect(() => pushOf(bent.slice(0, 2))).toThrow(RangeError);
  });
});

describe('warm-up and stops', () => {
  it('end and time constant are found again, and a watch that was too short says so', () => {
    const dice = chance(SEED);
    const watch = (minutes: number) =>
      Array.from({ length: 20 }, (_, i) => {
        const time = (60 * minutes * (i + 1)) / 20;
        return { time, off: 8e-5 * (1 - Math.exp(-time / 900)) + 3e-7 * normal(dice) };
      });
    const long = warmUpOf(watch(60));
    expect(long.end * 1e6).toBeCloseTo(80, 0);
    expect(long.tau / 900).toBeCloseTo(1, 1);
    expect(long.longEnough).toBe(true);
    expect(warmUpOf(watch(15)).longEnough).toBe(false);
    expect(() => warmUpOf(watch(60).slice(0, 3))).toThrow(RangeError);
  });
  it('reaction and braking out of run-on, and the next speed only while there is room', () => {
    const real = { reaction: 0.012, braking: 2.5 };
    const runs = [0.5, 1, 2].map((v) => ({ speed: v / 60, way: wayAt(real, v / 60) }));
    const found = stoppingOf(runs);
    expect(found.reaction).toBeCloseTo(0.012, 9);
    expect(found.braking).toBeCloseTo(2.5, 6);
    const way = wayAt(real, 4 / 60);
    expect(mayTry(found, 4 / 60, 1.6 * way)).toBe(true);
    expect(mayTry(found, 4 / 60, 1.4 * way)).toBe(false);
  });
});
