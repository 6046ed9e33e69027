import { describe, expect, it } from 'vitest';
import { pushOf, scaleOf } from '@/core/metrology';
import { diceOf, normalOf } from '../seeds';
import {
  type DriveMakeup,
  drivePlant,
  limitSwitch,
  pitchError,
  railStray,
  toolAlong,
  warmth,
  yawOf,
} from '.';

/** A carriage of 20 kg on a screw of 5 mm lead with a usual stepper. */
const sound: DriveMakeup = {
  mass: 20,
  weight: 0,
  travel: 0.005 / (2 * Math.PI),
  inertia: 8e-5,
  rotorTeeth: 50,
  pullOut: (w) => 2 / (1 + w / 60),
  detent: 0.04,
  supply: 1,
  damping: 4e-3,
  stiffness: 2e7,
  loss: 2e4,
  play: 0,
  coulomb: 20,
  stiction: 28,
  viscous: 50,
  error: () => 0,
};

/** Drives to a place at a speed, m and m/s, and waits until it rests. */
function goTo(plant: ReturnType<typeof drivePlant>, from: number, to: number, speed: number) {
  const count = Math.ceil(Math.abs(to - from) / speed / 1e-3);
  // Half a sine up and down: no jerk shakes it.
  for (let i = 1; i <= count; i++)
    plant.step(from + ((to - from) * (1 - Math.cos((Math.PI * i) / count))) / 2, 1e-3);
  for (let i = 0; i < 200; i++) plant.step(to, 1e-3);
  return plant.state().place;
}

describe('an axis that is sound', () => {
  it('stands where it is asked, but for what friction winds up', () => {
    const plant = drivePlant(sound);
    expect(Math.abs(goTo(plant, 0, 0.02, 0.01) - 0.02)).toBeLessThan(3e-5);
    expect(Math.abs(plant.state().speed)).toBeLessThan(1e-5);
  });
  it('a push below stiction bends bristles only; beyond it the motor’s own spring holds', () => {
    const plant = drivePlant(sound, true);
    for (let i = 0; i < 200; i++) plant.step(0, 1e-3, 10);
    expect(plant.state().place).toBeLessThan(2e-6);
    expect(plant.state().place).toBeGreaterThan(0);
  });
  it('the same questions give the same answer to the last bit', () => {
    const run = () => goTo(drivePlant(sound), 0, 0.005, 0.01);
    expect(run()).toBe(run());
  });
});

describe('faults show as a builder would see them', () => {
  it('play is lost at a reversal, with what friction winds up on either side', () => {
    const plant = drivePlant({ ...sound, play: 8e-5 });
    goTo(plant, 0, 0.01, 0.01);
    const up = goTo(plant, 0.01, 0.015, 0.01);
    goTo(plant, 0.015, 0.02, 0.01);
    const down = goTo(plant, 0.02, 0.015, 0.01);
    expect(down - up).toBeGreaterThan(8e-5);
    expect(down - up).toBeLessThan(8e-5 + 3e-5);
  });
  it('a lead error comes out of steps per unit, apart from the play', () => {
    const made = {
      ...sound,
      play: 6e-5,
      error: pitchError({ lead: 8e-4, wave: 0, phase: 0, turn: 0.005, joints: [] }),
    };
    const plant = drivePlant(made);
    let at = 0;
    const go = (to: number) => {
      const place = goTo(plant, at, to, 0.02);
      at = to;
      return place;
    };
    const asked = [0.01, 0.02, 0.03, 0.04];
    const up = asked.map((a) => ({ asked: a, measured: go(a), from: 'below' as const }));
    go(0.045);
    const down = asked.toReversed().map((a) => ({ asked: a, measured: go(a), from: 'above' as const }));
    const found = scaleOf([...up, ...down], 0);
    expect(found.scale - 1).toBeCloseTo(8e-4, 4);
    expect(-found.reversal).toBeGreaterThan(6e-5);
    expect(-found.reversal).toBeLessThan(9e-5);
  });
  it('above its torque it stalls, and stands off by whole groups of four full steps', () => {
    const group = (2 * Math.PI) / 50;
    const lost = (speed: number) => {
      const plant = drivePlant(sound);
      goTo(plant, 0, 0.03, speed);
      return Math.abs(0.03 / sound.travel - plant.state().rotor) / group;
    };
    expect(lost(0.02)).toBeLessThan(0.3);
    const stalled = lost(0.6);
    expect(stalled).toBeGreaterThan(0.9);
    expect(Math.abs(stalled - Math.round(stalled))).toBeLessThan(0.3);
  });
  it('half the supply stalls where the whole does not', () => {
    const shift = (supply: number) => {
      const plant = drivePlant({ ...sound, supply });
      goTo(plant, 0, 0.03, 0.05);
      return Math.abs(0.03 / sound.travel - plant.state().rotor);
    };
    expect(shift(1)).toBeLessThan(0.05);
    expect(shift(0.1)).toBeGreaterThan(0.1);
  });
  it('a push test finds stiffness and play again', () => {
    const plant = drivePlant({ ...sound, play: 4e-5 }, true);
    const read = (force: number) => {
      for (let i = 0; i < 300; i++) plant.step(0, 1e-3, force);
      return { force, give: plant.state().place };
    };
    const ramp = [40, 80, 120, 160, 200, 160, 120, 80, 40, 0];
    for (const f of ramp) read(f);
    for (const f of ramp) read(-f);
    const found = pushOf([...ramp.map(read), ...ramp.map((f) => read(-f))]);
    expect(found.stiffness / 2e7).toBeGreaterThan(0.85);
    expect(found.stiffness / 2e7).toBeLessThan(1.15);
    expect(found.play / 4e-5).toBeGreaterThan(0.85);
    expect(found.play / 4e-5).toBeLessThan(1.15);
  });
});

describe('parts of the plant', () => {
  it('pitch errors: even, once a turn, and a step behind each joint', () => {
    const of = pitchError({
      lead: 1e-4,
      wave: 2e-5,
      phase: 0.3,
      turn: 0.01,
      joints: [{ at: 0.5, by: 1e-4 }],
    });
    expect(of(0)).toBe(0);
    expect(of(0.02)).toBeCloseTo(2e-6, 12);
    expect(of(0.51) - of(0.49)).toBeCloseTo(1e-4 + 2e-6, 12);
    const wave = Array.from({ length: 100 }, (_, i) => of(i * 1e-4) - 1e-8 * i);
    expect((Math.max(...wave) - Math.min(...wave)) / 4e-5).toBeCloseTo(1, 2);
  });
  it('a rail goes through its stations, straight where they are, and on beyond its ends', () => {
    const rail = { length: 1, stray: [0, 1e-4, 3e-4, 0, 0] };
    expect([0, 0.25, 0.5, 0.75, 1].map((x) => railStray(rail, x))).toEqual([0, 1e-4, 3e-4, 0, 0]);
    expect(railStray({ length: 1, stray: [0, 1, 2, 3] }, 0.5)).toBeCloseTo(1.5, 12);
    expect([railStray(rail, -1), railStray(rail, 2)]).toEqual([0, 0]);
    expect(railStray({ length: 1, stray: [] }, 0.5)).toBe(0);
  });
  it('a gantry whose right side leads turns, and its tool goes along by where it stands', () => {
    expect(yawOf(0, 1e-3, 1)).toBeCloseTo(1e-3, 15);
    expect([0, 0.5, 1].map((y) => toolAlong(0, 1e-3, 1, y))).toEqual([0, 5e-4, 1e-3]);
  });
  it('warmth ends where its power brings it, 63 % of the way after its time constant', () => {
    const motor = warmth(0.5, 600);
    motor.step(100, 600);
    expect(motor.rise()).toBeCloseTo(50 * (1 - Math.exp(-1)), 9);
    motor.step(100, 1e6);
    expect(motor.rise()).toBeCloseTo(50, 9);
    motor.step(0, 600);
    expect(motor.rise()).toBeCloseTo(50 * Math.exp(-1), 9);
  });
  it('a switch scatters by its own chance, opens behind its trip, reads tripped with a broken wire', () => {
    const made = { at: 0, hysteresis: 1e-4, scatter: 1e-5, bounce: 0, broken: false };
    const trips: number[] = [];
    const one = limitSwitch(made, diceOf(3, 'switch'));
    for (let k = 0; k < 300; k++) {
      let place = 5e-4;
      while (!one.look(place, 1e-3)) place -= 1e-6;
      trips.push(place);
      expect(one.look(place + 5e-5, 1e-3)).toBe(true);
      expect(one.look(place + 3e-4, 1e-3)).toBe(false);
    }
    const mean = trips.reduce((s, v) => s + v, 0) / trips.length;
    const scatter = Math.sqrt(trips.reduce((s, v) => s + (v - mean) ** 2, 0) / trips.length);
    expect(scatter / 1e-5).toBeGreaterThan(0.85);
    expect(scatter / 1e-5).toBeLessThan(1.15);
    expect(limitSwitch({ ...made, broken: true }, diceOf(3, 'x')).look(1, 1e-3)).toBe(true);
  });
  it('each source of chance is its own, and the same each time', () => {
    const draw = (seed: number, source: string) => Array.from({ length: 5 }, diceOf(seed, source));
    expect(draw(1, 'a')).toEqual(draw(1, 'a'));
    expect(draw(1, 'a')).not.toEqual(draw(1, 'b'));
    expect(draw(1, 'a')).not.toEqual(draw(2, 'a'));
    const dice = diceOf(9, 'normal');
    const all = Array.from({ length: 4000 }, () => normalOf(dice));
    expect(Math.abs(all.reduce((s, v) => s + v, 0) / 4000)).toBeLessThan(0.06);
    expect(Math.sqrt(all.reduce((s, v) => s + v * v, 0) / 4000)).toBeCloseTo(1, 1);
  });
});
