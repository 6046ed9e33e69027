import { describe, expect, it } from 'vitest';
import { loadedAxes } from '@/core/machine';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { gearingsOf } from './gearings';
import { pairsOf, torqueMargin } from './pairs';
import { type Electrical, type Mechanical, pulsed, type Sides } from './sides';

const dice = chance(SEED + 311);
const between = (low: number, high: number) => low + (high - low) * dice.next();
const pick = <T>(list: readonly T[]): T => list[Math.floor(dice.next() * list.length)]!;

const axis = loadedAxes(demoMachines()[0]!)[1]!;
const RAPID = axis.demands.rapid.si;
const FEED = axis.demands.feed.si;

/** Drives by chance, many of them of one gearing, as a catalogue has them. */
function drives(count: number): Mechanical[] {
  const gearings = Array.from({ length: 5 }, () => between(2e-4, 4e-3));
  return Array.from({ length: count }, (_, i): Mechanical => {
    const kMotor = pick(gearings);
    return {
      row: { id: `d${i}`, family: 'ball-screw', axis },
      money: Math.round(between(20, 200)),
      kMotor,
      alpha: axis.demands.acceleration.si / kMotor,
      // Some loads drive themselves: they ask for nothing, or for less.
      rapid: between(-0.2, 1.2),
      cut: between(-0.2, 1.2),
      steady: between(0, 0.5),
      slowest: between(1, 3),
      stiffness: between(1e6, 1e8),
      lost: between(0, 1e-4),
      error: between(0, 1e-4),
      hours: between(3, 20),
      unknown: { stiffness: 0, lost: 0, error: 0 },
      left: between(0, 0.4),
      load: between(0, 2e-4),
    };
  });
}

/** Motors by chance: their torque falls with speed, or has a hump as a typed curve may. */
function motors(count: number): Electrical[] {
  return Array.from({ length: count }, (_, i): Electrical => {
    const [most, corner, hump] = [between(0.2, 3), between(20, 300), dice.next() < 0.3];
    const stepper = axis.motor.kind === 'stepper' ? axis.motor : null;
    if (!stepper) throw new Error('the demo axis has a stepper');
    const curve = hump ? ({ points: [] } as never) : null;
    return {
      row: {
        id: `m${i}`,
        family: 'stepper',
        // A motor of its own: none is taken for another by what its torque hangs on.
        axis: { ...axis, motor: { ...stepper, curve } },
      },
      money: dice.next() < 0.1 ? Infinity : Math.round(between(20, 300)),
      rotor: between(1e-6, 5e-5),
      heat: between(5, 40),
      usable: (speed) =>
        (hump && speed > corner && speed < 2 * corner ? 1.5 : 1) * (most / (1 + speed / corner)),
      top: dice.next() < 0.3 ? between(50, 400) : Infinity,
      holds: dice.next() < 0.5 ? Infinity : between(0, 0.5),
      loadMost: between(1e-5, 3e-4),
      pulses: pick([255, 510, 1591]),
      fine: 16,
    };
  });
}

const sidesOf = (): Sides => {
  const [d, m] = [drives(40), motors(30)];
  return { drives: d, motors: m, looked: d.length, combinations: d.length * m.length, killed: {} };
};

/** Whether a pair holds by every cheap test, one after another. */
function holdsPlainly(drive: Mechanical, motor: Electrical, margin: number, budget: number | null): boolean {
  const turns = RAPID / drive.kMotor;
  const rotor = motor.rotor * drive.alpha;
  const enough = (speed: number, torque: number) =>
    torque + rotor <= 0 || motor.usable((speed * margin) / drive.kMotor) >= torque + rotor;
  return (
    motor.money < Infinity &&
    (budget === null || drive.money + motor.money <= budget) &&
    enough(RAPID, drive.rapid) &&
    enough(FEED, drive.cut) &&
    pulsed(motor, axis.controller.pulseLimit.si, turns) >= margin &&
    motor.top >= turns * margin &&
    drive.left <= motor.holds &&
    drive.load <= motor.loadMost
  );
}

describe('pairs that no cheap test refuses', () => {
  it.each([
    [false, null],
    [true, null],
    [false, 180],
    [true, 220],
  ])(
    'are those of a plain loop, and each pair is counted once: nothing thin %s, money %s',
    (sure, budget) => {
      let found = 0;
      for (let run = 0; run < 40; run++) {
        const sides = sidesOf();
        const pairs = pairsOf(sides, axis, { sure, budget });
        sides.drives.forEach((drive, d) => {
          const mine = [...pairs.motors.subarray(pairs.start[d]!, pairs.start[d]! + pairs.count[d]!)];
          const plain = sides.motors.flatMap((motor, e) =>
            holdsPlainly(drive, motor, sure ? 1.15 : 1, budget) ? [e] : [],
          );
          expect(mine).toEqual(plain);
          found += mine.length;
        });
        const lost = Object.values(pairs.killed).reduce((sum, n) => sum + n, 0);
        expect(lost + pairs.motors.length).toBe(sides.combinations);
        expect(pairs.tested).toBeLessThanOrEqual(sides.combinations);
      }
      expect(found).toBeGreaterThan(200);
    },
  );
  it('a gearing leaves out only what none of its drives can have', () => {
    for (let run = 0; run < 20; run++) {
      const sides = sidesOf();
      const seen = new Set<number>();
      for (const { drives: among, motors: places, count, killed } of gearingsOf(sides, axis, false)) {
        const kept = new Set(places.subarray(0, count));
        const alike = new Set(among.map((d) => sides.drives[d]!.kMotor));
        expect(alike.size).toBe(1);
        among.forEach((d) => seen.add(d));
        sides.motors.forEach((motor, e) => {
          if (!kept.has(e))
            expect(among.some((d) => holdsPlainly(sides.drives[d]!, motor, 1, null))).toBe(false);
        });
        const out = Object.values(killed).reduce((sum, n) => sum + n, 0);
        expect(out + count).toBe(sides.motors.length);
      }
      expect(seen.size).toBe(sides.drives.length);
    }
  });
  it('torque to spare is the lesser of rapid and cut', () => {
    const sides = sidesOf();
    const [drive, motor] = [sides.drives[0]!, sides.motors[0]!];
    const rotor = motor.rotor * drive.alpha;
    const share = (speed: number, torque: number) =>
      torque + rotor > 0 ? motor.usable(speed / drive.kMotor) / (torque + rotor) : Infinity;
    expect(torqueMargin(sides, axis, 0, 0)).toBe(Math.min(share(RAPID, drive.rapid), share(FEED, drive.cut)));
  });
});
