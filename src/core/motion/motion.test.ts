import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import {
  accelerationLimit,
  axisForce,
  backDrivingTorque,
  creditedForce,
  creditedTorque,
  gravityForce,
  inertiaRatio,
  motorTorque,
  moveTime,
  naturalFrequency,
  peakPower,
  planMove,
  rampTime,
  reflectedInertia,
  resolution,
  rmsTorque,
  shuttleTorque,
  signedTorque,
  topSpeed,
} from '.';

/** Referee: the move integrated in small steps, jerk to acceleration to speed to distance. */
function integrate(move: ReturnType<typeof planMove>) {
  let [x, v, vMax, aMax] = [0, 0, 0, 0];
  for (const p of move.phases) {
    const n = 2000;
    const h = p.duration / n;
    for (let i = 0; i < n; i++) {
      const a = p.startAcceleration + p.jerk * (i + 0.5) * h;
      x += v * h + (a * h * h) / 2;
      v += a * h;
      aMax = Math.max(aMax, Math.abs(a));
      vMax = Math.max(vMax, v);
    }
  }
  return { x, v, vMax, aMax };
}

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('moves', () => {
  it(
    'run the asked distance, end at rest, and never pass speed or acceleration (integrated in ' +
      'small steps)',
    () => {
      fc.assert(
        fc.property(
          positive(0.001, 5),
          positive(0.005, 1),
          positive(0.05, 5),
          fc.option(positive(0.5, 200), { nil: undefined }),
          (s, v, a, j) => {
            const move = planMove(s, v, a, j);
            const run = integrate(move);
            expect(run.x / s).toBeCloseTo(1, 4);
            expect(Math.abs(run.v)).toBeLessThan(1e-6);
            expect(run.vMax).toBeLessThanOrEqual(v * (1 + 1e-6));
            expect(run.aMax).toBeLessThanOrEqual(a * (1 + 1e-6));
            expect(run.vMax / move.topSpeed).toBeCloseTo(1, 4);
          },
        ),
        { numRuns: 150 },
      );
    },
  );
  it('a trapezoid over 1 m at 0.2 m/s and 0.8 m/s²: 5.25 s (s/v + v/a)', () => {
    const move = planMove(1, 0.2, 0.8);
    expect(move.time).toBeCloseTo(5.25, 12);
    expect(move.cruise).toBeCloseTo(0.95, 12);
    expect(
      moveTime.evaluate({
        travel: q('length', 1),
        rapid: q('speed', 0.2),
        acceleration: q('acceleration', 0.8),
        jerk: q('jerk', Infinity),
      }),
    ).toBeCloseTo(5.25, 12);
  });
  it('seven phases add a/j to the time, and a short travel never reaches the speed', () => {
    expect(planMove(1, 0.2, 0.8, 10).time).toBeCloseTo(5.25 + 0.08, 12);
    expect(planMove(1, 0.2, 0.8, 10).phases).toHaveLength(7);
    expect(planMove(0.01, 0.2, 0.8).topSpeed).toBeCloseTo(Math.sqrt(0.008), 12);
    const top = topSpeed.evaluate({
      travel: q('length', 0.3),
      acceleration: q('acceleration', 0.8),
      jerk: q('jerk', 10),
    });
    expect(top * (top / 0.8 + 0.8 / 10)).toBeCloseTo(0.3, 12);
  });
  // A straight line, a bend inside the phases that brake, and one at the very middle of a phase.
  it.each([
    ['straight', (a: number) => 0.1 + 0.4 * a, 8],
    ['bent where braking feeds back', (a: number) => (a > -0.3 ? 0.1 + 0.4 * a : 0.7 * (0.1 + 0.4 * a)), 4],
    ['bent half way up', (a: number) => (a > 0.4 ? 0.3 + 0.1 * a : 0.14 + 0.5 * a), 4],
  ])('RMS torque against a fine sum, rest included: %s', (_what, torque, digits) => {
    const move = planMove(0.6, 0.2, 0.8, 6);
    let sum = 0;
    let t = 0;
    for (const p of move.phases)
      for (let i = 0; i < 5000; i++) {
        const h = p.duration / 5000;
        sum += torque(p.startAcceleration + p.jerk * (i + 0.5) * h) ** 2 * h;
        t += h;
      }
    expect(rmsTorque(move, torque, 2)).toBeCloseTo(Math.sqrt(sum / (t + 2)), digits);
  });
});

describe('torque at the motor', () => {
  const base = {
    motorInertia: q('inertia', 6e-5),
    driveInertia: q('inertia', 1e-4),
    acceleration: q('acceleration', 2),
    ratio: q('ratio', 1),
    reducerEfficiency: q('ratio', 1),
    force: q('force', 300),
    k: q('travelPerRadian', 0.005 / (2 * Math.PI)),
    efficiency: q('ratio', 1),
    drag: q('torque', 0),
  };
  it('without losses the work of one turn equals force times lead plus the kinetic energy gained', () => {
    const T = motorTorque.evaluate(base);
    const alpha = 2 / base.k;
    expect(T * 2 * Math.PI).toBeCloseTo(300 * 0.005 + (6e-5 + 1e-4) * alpha * 2 * Math.PI, 9);
  });
  it('a reducer divides what is behind it and multiplies the rotor', () => {
    const T = motorTorque.evaluate({ ...base, ratio: q('ratio', 3), reducerEfficiency: q('ratio', 0.9) });
    const alpha = 2 / base.k;
    expect(T).toBeCloseTo(6e-5 * 3 * alpha + (1e-4 * alpha + 300 * base.k) / (3 * 0.9), 12);
  });
  it('acceleration limit is where the asked torque meets the usable', () => {
    const at = (a: number) =>
      motorTorque.evaluate({ ...base, acceleration: q('acceleration', a), force: q('force', 100 + 50 * a) });
    const limit = accelerationLimit.evaluate({
      usable: q('torque', 0.9),
      holding: at(0),
      accelerating: at(2),
      asked: q('acceleration', 2),
    });
    expect(at(limit)).toBeCloseTo(0.9, 12);
    expect(
      accelerationLimit.evaluate({
        usable: q('torque', 0.01),
        holding: at(0),
        accelerating: at(2),
        asked: q('acceleration', 2),
      }),
    ).toBe(0);
  });
  const signed = (a: number, force: number, eta = 0.9, back = 2 - 1 / 0.9) =>
    signedTorque.evaluate({
      ...base,
      acceleration: q('acceleration', a),
      force: q('force', force),
      efficiency: q('ratio', eta),
      backEfficiency: q('ratio', back),
      drag: q('torque', 0.05),
    });
  it(
    'driving, the signed torque is the motor torque; braking and lowering ask less, ' + 'because losses help',
    () => {
      expect(signed(2, 300)).toBeCloseTo(
        motorTorque.evaluate({ ...base, efficiency: q('ratio', 0.9), drag: q('torque', 0.05) }),
        12,
      );
      fc.assert(
        fc.property(
          positive(0.01, 5),
          positive(0, 500),
          positive(0, 200),
          positive(0.2, 0.99),
          (a, inertia, drag, eta) => {
            const push = signed(a, inertia + drag, eta, Math.max(0, 2 - 1 / eta));
            const brake = signed(-a, -inertia + drag, eta, Math.max(0, 2 - 1 / eta));
            expect(Math.abs(brake)).toBeLessThanOrEqual(push + 1e-12);
          },
        ),
      );
    },
  );
  it('a self-locking screw must be driven down as well', () => {
    expect(signed(0, -100, 0.3, -0.4)).toBeGreaterThan(0.05);
    expect(signed(0, -100, 0.9, 0.88)).toBeLessThan(0.05);
  });
  it('energy: without losses what braking returns is what speeding up took', () => {
    const lossless = (a: number, force: number) =>
      signedTorque.evaluate({
        ...base,
        acceleration: q('acceleration', a),
        force: q('force', force),
        efficiency: q('ratio', 1),
        backEfficiency: q('ratio', 1),
        drag: q('torque', 0),
      });
    expect(lossless(2, 300)).toBeCloseTo(-lossless(-2, -300), 12);
  });
  it(
    'shuttling: on a level axis without friction both ways count the same, and the RMS is that of ' +
      'the ramps alone',
    () => {
      const args = {
        travel: q('length', 0.6),
        rapid: q('speed', 0.2),
        acceleration: q('acceleration', 0.8),
        jerk: q('jerk', Infinity),
        motorInertia: base.motorInertia,
        driveInertia: base.driveInertia,
        ratio: base.ratio,
        reducerEfficiency: base.reducerEfficiency,
        k: base.k,
        efficiency: q('ratio', 1),
        backEfficiency: q('ratio', 1),
        drag: q('torque', 0),
        share: q('ratio', 1),
        mass: q('mass', 50),
        guideDrag: q('force', 0),
        gravity: q('force', 0),
        cutting: q('force', 0),
      };
      const T = (1.6e-4 * 0.8) / base.k + 50 * 0.8 * base.k;
      // Two ramps of 0.25 s in a move of 0.6/0.2 + 0.25 s.
      expect(shuttleTorque.evaluate(args)).toBeCloseTo(T * Math.sqrt(0.5 / 3.25), 9);
    },
  );
  it('weight, thrust and share', () => {
    const up = gravityForce.evaluate({
      mass: q('mass', 10),
      inclination: q('angle', Math.PI / 2),
      counterbalance: q('force', 20),
    });
    expect(up).toBeCloseTo(78.0665, 9);
    expect(
      axisForce.evaluate({
        share: q('ratio', 0.6),
        mass: q('mass', 10),
        acceleration: q('acceleration', 2),
        drag: q('force', 5),
        gravity: q('force', -30),
        cutting: q('force', 100),
      }),
    ).toBeCloseTo(0.6 * 155, 12);
  });
  it('inertia, frequency, ramp and power', () => {
    const load = reflectedInertia.evaluate({
      driveInertia: q('inertia', 1e-4),
      share: q('ratio', 1),
      mass: q('mass', 100),
      k: base.k,
      ratio: q('ratio', 2),
    });
    // Equal kinetic energy at 1 rad/s of the motor: the drive turns at half of that.
    expect(0.5 * load).toBeCloseTo(0.5 * 1e-4 * 0.25 + 0.5 * 100 * (base.k / 2) ** 2, 15);
    expect(inertiaRatio.evaluate({ load, rotor: load })).toBe(1);
    const f = naturalFrequency.evaluate({
      stiffness: q('stiffness', 1e7),
      share: q('ratio', 1),
      mass: q('mass', 100),
    });
    expect(f).toBeCloseTo(50.33, 2);
    expect(rampTime.evaluate({ frequency: f })).toBeCloseTo(1 / 50.33, 5);
    expect(resolution.evaluate({ perLength: q('pulsesPerLength', 4e5) })).toBeCloseTo(2.5e-6, 15);
  });
  it('peak power is that of a ramp walked through in small steps; without jerk torque times speed', () => {
    const peak = (jerk: number, speed = 0.5) =>
      peakPower.evaluate({
        torque: q('torque', 2),
        steady: q('torque', 0.4),
        speed: q('speed', speed),
        acceleration: q('acceleration', 2),
        jerk: q('jerk', jerk),
        k: q('travelPerRadian', 0.001),
      });
    expect(peak(Infinity)).toBeCloseTo(1000, 9);
    const walked = (jerk: number, speed: number) => {
      let [v, a, most] = [0, 0, 0];
      const dt = 1e-5;
      // Full acceleration is left when what the last phase still adds is what lacks.
      for (; v < speed * (1 - 1e-6) && (a > 0 || v < speed / 2); v += a * dt) {
        a = speed - v <= (a * a) / (2 * jerk) ? a - jerk * dt : Math.min(2, a + jerk * dt);
        most = Math.max(most, ((0.4 + (1.6 * a) / 2) * v) / 0.001);
      }
      return most;
    };
    for (const [jerk, speed] of [
      [5, 0.5],
      [20, 0.5],
      [200, 0.5],
      [2, 0.1],
    ] as const)
      expect(peak(jerk, speed) / walked(jerk, speed)).toBeCloseTo(1, 2);
  });
  it('5 mm lead at 3000 rpm is 15 m/min (common practice, no source)', () => {
    expect(base.k * 3000 * 2 * Math.PI).toBeCloseTo(15, 9);
  });
  it('drag that was guessed holds by half, what was measured in full (common practice, no source)', () => {
    const held = (credit: number) => [
      creditedForce.evaluate({ drag: q('force', 40), credit: q('ratio', credit) }),
      creditedTorque.evaluate({ drag: q('torque', 0.03), credit: q('ratio', credit) }),
    ];
    expect(held(1)).toEqual([40, 0.03]);
    expect(held(0.5)).toEqual([20, 0.015]);
  });
  it('a weight turns a free ball screw and leaves a self-locking one alone', () => {
    const drop = (backEfficiency: number, drag: number) =>
      backDrivingTorque.evaluate({
        share: q('ratio', 1),
        weight: q('force', 120),
        guideDrag: q('force', 20),
        k: base.k,
        backEfficiency: q('ratio', backEfficiency),
        drag: q('torque', drag),
        ratio: q('ratio', 1),
      });
    expect(drop(0.9, 0)).toBeCloseTo(100 * base.k * 0.9, 12);
    expect(drop(-0.3, 0)).toBeLessThan(0);
    expect(drop(0.9, 0.2)).toBeLessThan(0);
  });
});
