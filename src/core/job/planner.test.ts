import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Place } from '@/core/gcode';
import { planMove } from '@/core/motion';
import { readGcode } from '@test/helpers/gcode';
import { fastest } from '@test/helpers/fastest';
import { cornerSpeed } from './corner';
import type { Cornering, Limits, Planning } from './machine';
import { Planner } from './planner';
import { profileOf, type Profile } from './profile';
import type { Stretch } from './stretch';

const all = (v: number): Place => [v, v, v];
const limits = (more: Partial<Limits> = {}): Limits => ({
  speed: all(0.2),
  acceleration: all(0.5),
  jerk: all(Infinity),
  ...more,
});
const planning = (cornering: Cornering, window = 1000): Planning => ({
  cornering,
  window,
  pace: 1000,
  chord: 0,
  bent: false,
  shared: false,
});
const DEVIATION = { kind: 'deviation', by: 2e-5 } as const;

interface Planned {
  readonly stretches: readonly Stretch[];
  readonly profiles: readonly Profile[];
  readonly time: number;
}

function planned(text: string, of: Limits, how: Planning): Planned {
  const stretches: Stretch[] = [];
  const profiles: Profile[] = [];
  const planner = new Planner(of, how, (stretch, profile) => {
    stretches.push(stretch);
    profiles.push(profile);
  });
  for (const motion of readGcode(text).moves) planner.push(motion);
  planner.rest();
  return { stretches, profiles, time: profiles.reduce((sum, p) => sum + p.time, 0) };
}

describe('a single move', () => {
  it('100 mm at 100 mm/s and 500 mm/s²: 1.2 s; with 5000 mm/s³: 1.3 s', () => {
    expect(profileOf(0.1, 0.1, 0.5, Infinity, 0, 0).time).toBeCloseTo(1.2, 12);
    expect(profileOf(0.1, 0.1, 0.5, 5, 0, 0).time).toBeCloseTo(1.3, 9);
  });
  it('from rest to rest it is the report’s own move (Biagiotti and Melchiorri)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 2, noNaN: true }),
        fc.double({ min: 0.005, max: 1, noNaN: true }),
        fc.double({ min: 0.05, max: 5, noNaN: true }),
        fc.option(fc.double({ min: 0.5, max: 500, noNaN: true })),
        (way, speed, acceleration, jerk) => {
          const { time, most } = profileOf(way, speed, acceleration, jerk ?? Infinity, 0, 0);
          const move = planMove(way, speed, acceleration, jerk ?? undefined);
          expect(time / move.time).toBeCloseTo(1, 6);
          expect(most / move.topSpeed).toBeCloseTo(1, 6);
        },
      ),
    );
  });
  it('a short one with jerk takes 4 times the third root of L / 2j', () => {
    expect(profileOf(1e-4, 1, 5, 10, 0, 0).time).toBeCloseTo(4 * Math.cbrt(1e-4 / 20), 9);
  });
});

describe('corners', () => {
  const right = { before: [1, 0, 0], behind: [0, 1, 0], half: 1 } as const;
  // The acceleration along the way from one into the other: 500 where each axis has 500 / sqrt 2.
  const acceleration = all(0.5 / Math.SQRT2);
  const at = (how: Cornering, more = {}) => 1e3 * cornerSpeed({ ...right, acceleration, ...more }, how);
  it('500 mm/s², 0.02 mm, a right angle: 4.913 mm/s by deviation, 7.521 by overlap', () => {
    expect(at(DEVIATION)).toBeCloseTo(4.913, 3);
    expect(at({ kind: 'overlap', by: 2e-5 })).toBeCloseTo(7.521, 3);
  });
  it('an overlap begins no farther back than half a move', () =>
    expect(at({ kind: 'overlap', by: 2e-5 }, { half: 1e-5 })).toBeCloseTo(1e3 * Math.sqrt(1e-5), 6));
  it('straight on there is none, right back there is rest', () => {
    for (const how of [DEVIATION, { kind: 'stop' } as const]) {
      expect(at(how, { behind: [1, 0, 0] })).toBe(Infinity);
      expect(at(how, { behind: [-1, 0, 0] })).toBeCloseTo(0, 9);
    }
  });
  it('by jumps of the axes: the one that jumps most decides', () => {
    expect(at({ kind: 'jump', by: [0.002, 0.001, 0] })).toBeCloseTo(1, 9);
    expect(at({ kind: 'jump', by: all(0.001) }, { behind: [0.6, 0.8, 0] })).toBeCloseTo(1.25, 9);
  });
});

const point = fc.record({
  x: fc.integer({ min: -400, max: 400 }),
  y: fc.integer({ min: -400, max: 400 }),
  f: fc.integer({ min: 200, max: 9000 }),
});

describe('many moves', () => {
  it('takes no longer than the fastest that keeps the same limits, within half of a hundredth', () => {
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 2, maxLength: 8 }),
        fc.constantFrom(2e-5, 2e-3),
        (points, by) => {
          const text = points.map(({ x, y, f }) => `G1 X${x / 10} Y${y / 10} F${f}`).join('\n');
          const of = limits({ acceleration: [0.5, 0.8, 1] });
          const { stretches, time } = planned(text, of, planning({ kind: 'deviation', by }));
          fc.pre(stretches.length > 0);
          expect(Math.abs(time / fastest(stretches, of, by) - 1)).toBeLessThan(0.005);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('where moves meet their speeds meet, none is above its own, none changes faster than it can', () => {
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 1, maxLength: 20 }),
        fc.integer({ min: 2, max: 6 }),
        fc.option(fc.double({ min: 1, max: 50, noNaN: true })),
        (points, window, jerk) => {
          const text = points.map(({ x, y, f }) => `G1 X${x / 100} Y${y / 100} F${f}`).join('\n');
          const of = limits({ jerk: all(jerk ?? Infinity) });
          const { stretches, profiles } = planned(text, of, planning(DEVIATION, window));
          profiles.forEach(({ first, most, last, time }, i) => {
            const { speed, acceleration, motion } = stretches[i]!;
            expect(first).toBeCloseTo(profiles[i - 1]?.last ?? 0, 9);
            expect(most).toBeLessThanOrEqual(speed * (1 + 1e-9));
            expect(Math.max(first, last)).toBeLessThanOrEqual(most * (1 + 1e-9));
            expect(Math.abs(last ** 2 - first ** 2)).toBeLessThanOrEqual(
              2 * acceleration * motion.length * (1 + 1e-6),
            );
            expect(time).toBeGreaterThanOrEqual((motion.length / most) * (1 - 1e-9));
          });
          expect(profiles.at(-1)?.last ?? 0).toBe(0);
        },
      ),
      { numRuns: 100 },
    );
  });
  it('one that sees few moves ahead goes no faster than it can brake within them', () => {
    const chords = Array.from({ length: 60 }, (_, i) => `G1 X${(i + 1) / 10} F9000`).join('\n');
    const times = [2, 4, 16, 100].map((w) => planned(chords, limits(), planning(DEVIATION, w)).time);
    for (const [i, time] of times.entries()) if (i) expect(time).toBeLessThan(times[i - 1]!);
    // With all of it in sight it is one move of 6 mm.
    expect(times.at(-1)).toBeCloseTo(planMove(0.006, 0.15, 0.5).time, 6);
    // With one move ahead it can only be braked within that one: v² = 2 a L.
    const { profiles } = planned(chords, limits(), planning(DEVIATION, 2));
    expect(Math.max(...profiles.map((p) => p.last))).toBeCloseTo(Math.sqrt(2 * 0.5 * 1e-4), 9);
  });
  it('exact path and exact stop come to rest in corners, and not where it goes straight on', () => {
    const { profiles } = planned('G61 G1 X10 F6000\nX20\nY10', limits(), planning(DEVIATION));
    expect(profiles[0]!.last).toBeGreaterThan(0.05);
    expect(profiles[1]!.last).toBeCloseTo(0, 9);
  });
  it('an arc turns no faster than its axes can: v² = r a', () => {
    const { stretches } = planned(
      'G1 X10 F60000\nG3 X0 Y10 I-10 F60000',
      limits({ speed: all(1) }),
      planning(DEVIATION),
    );
    expect(stretches[1]!.speed).toBeCloseTo(Math.sqrt(0.01 * 0.5), 9);
  });
  it('an arc cut into chords runs no faster than they meet, as if each were a move of its own', () => {
    // r 25 mm within 0.01 mm: 112 chords a turn; corners within 2 µm.
    const [r, e, d] = [25, 0.01, 2e-6];
    const count = Math.ceil(Math.PI / Math.acos(1 - e / r));
    expect(count).toBe(112);
    const fine: Planning = { ...planning({ kind: 'deviation', by: d }), chord: e / 1000 };
    const way = `G1 X10 F60000\n`;
    const arc = planned(`${way}G3 X10 Y0 I-${r}`, limits({ speed: all(1) }), fine).stretches[1]!.speed;
    const chords = Array.from({ length: count }, (_, i) => {
      const angle = (2 * Math.PI * (i + 1)) / count;
      return `X${(10 - r + r * Math.cos(angle)).toFixed(6)} Y${(r * Math.sin(angle)).toFixed(6)}`;
    }).join('\n');
    const { profiles } = planned(`${way}G1 ${chords}`, limits({ speed: all(1) }), fine);
    const met = Math.min(...profiles.slice(30, 90).map((p) => p.last));
    expect(arc / met).toBeCloseTo(1, 1);
    // Corners within more than the chords leave the arc hold nothing up.
    expect(
      planned(`${way}G3 X10 Y0 I-${r}`, limits({ speed: all(1) }), { ...fine, chord: 1e-6 }).stretches[1]!
        .speed,
    ).toBeCloseTo(Math.sqrt(0.025 * 0.5), 9);
  });
  it('a slower axis holds back what goes along it', () => {
    const of = limits({ speed: [0.2, 0.05, 0.1] });
    const { stretches } = planned('G0 X30 Y40\nG0 X60', of, planning(DEVIATION));
    expect(stretches[0]!.speed).toBeCloseTo(0.05 / 0.8, 9);
    expect(stretches[1]!.speed).toBeCloseTo(0.2, 9);
  });
  it('memory is that of the window, however many moves there are', () => {
    let most = 0;
    const planner = new Planner(limits(), planning(DEVIATION, 16), () => {
      most = Math.max(most, (planner as unknown as { moves: unknown[] }).moves.length);
    });
    const [one] = readGcode('G1 X1 F600').moves;
    for (let i = 0; i < 20_000; i++) planner.push(one!);
    planner.rest();
    expect(most).toBeLessThan(5000);
  });
});
