import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import {
  brakingEnergy,
  couplingPlay,
  elasticLoss,
  heatShareOfRated,
  joinedTorque,
  lostMotion,
  motorSpeed,
  motorTravel,
  pumpedVoltage,
  rampAcceleration,
  reducerSpeed,
  shaftTorque,
  supplyPower,
  thrustAcceleration,
  totalDrag,
  travelPerTurn,
  turningInertia,
} from '.';

describe('duty and supply', () => {
  it('RMS of stretches is the root of the time-weighted mean square (fine sum), rest included', () => {
    const joined = joinedTorque.evaluate({
      first: q('torque', 3),
      firstTime: q('time', 2),
      second: q('torque', 1),
      secondTime: q('time', 6),
    });
    let sum = 0;
    for (let i = 0; i < 8000; i++) sum += (i < 2000 ? 3 : 1) ** 2 / 8000;
    expect(joined).toBeCloseTo(Math.sqrt(sum), 9);
    expect(
      joinedTorque.evaluate({
        first: joined,
        firstTime: q('time', 8),
        second: q('torque', 0),
        secondTime: q('time', 8),
      }),
    ).toBeCloseTo(joined / Math.SQRT2, 9);
    expect(heatShareOfRated.evaluate({ rms: q('torque', 1), rated: q('torque', 2) })).toBe(0.25);
  });
  it('power: heat and work of all motors, and what else hangs on the supply', () => {
    expect(
      supplyPower.evaluate({
        motors: q('count', 2),
        heat: q('power', 15),
        mechanical: q('power', 40),
        others: q('power', 60),
      }),
    ).toBe(170);
  });
  it(
    'energy back: without losses all of the kinetic energy (textbook), less what the windings burn; ' +
      'none where friction brakes enough',
    () => {
      const [m, v, a, k] = [50, 0.5, 2, 0.01];
      const torque = q('torque', -m * a * k);
      const back = (heat: number) =>
        brakingEnergy.evaluate({
          motors: q('count', 1),
          torque,
          speed: q('speed', v),
          k: q('travelPerRadian', k),
          acceleration: q('acceleration', a),
          heat: q('power', heat),
        });
      expect(back(0)).toBeCloseTo((m * v * v) / 2, 9);
      expect(back(10)).toBeCloseTo((m * v * v) / 2 - (10 * v) / a, 9);
      expect(back(1000)).toBe(0);
      // A capacitor at 48 V and 4.7 mF that takes 6.25 J (textbook: C V²/2).
      const lifted = pumpedVoltage.evaluate({
        voltage: q('voltage', 48),
        energy: q('energy', 6.25),
        capacitance: q('capacitance', 4.7e-3),
      });
      expect((4.7e-3 * (lifted ** 2 - 48 ** 2)) / 2).toBeCloseTo(6.25, 9);
    },
  );
  it(
    'torque at the drive shaft: work of one turn is force times travel of a turn, where ' + 'nothing is lost',
    () => {
      const k = q('travelPerRadian', 0.005 / (2 * Math.PI));
      expect(
        2 *
          Math.PI *
          shaftTorque.evaluate({
            driveInertia: q('inertia', 0),
            acceleration: q('acceleration', 0),
            force: q('force', 300),
            k,
            efficiency: q('ratio', 1),
            drag: q('torque', 0),
          }),
      ).toBeCloseTo(1.5, 12);
    },
  );
});

describe('lost motion and limits', () => {
  it('8 arcmin on a coupling of a 10 mm lead is 3.7 µm (lead · arcmin / 21600)', () => {
    expect(
      couplingPlay.evaluate({
        backlash: q('angle', ((8 / 60) * Math.PI) / 180),
        kMotor: q('travelPerRadian', 0.01 / (2 * Math.PI)),
      }),
    ).toBeCloseTo((0.01 * 8) / 21600, 12);
  });
  it('drag of 50 N on a drive of 10 N/µm turns round 10 µm (Hooke, both ways)', () => {
    expect(
      elasticLoss.evaluate({ share: q('ratio', 1), drag: q('force', 50), stiffness: q('stiffness', 1e7) }),
    ).toBeCloseTo(10e-6, 15);
    expect(lostMotion.evaluate({ before: q('length', 2e-6), link: q('length', 3e-6) })).toBeCloseTo(5e-6, 15);
    expect(totalDrag.evaluate({ guides: q('force', 20), other: q('force', 12) })).toBe(32);
  });
  it('5 mm a turn at 3000 rpm: 15 m/min (common practice, no source)', () => {
    const kMotor = q('travelPerRadian', 0.005 / (2 * Math.PI));
    expect(motorSpeed.evaluate({ speed: q('angularSpeed', 100 * Math.PI), kMotor }) * 60).toBeCloseTo(15, 9);
    expect(travelPerTurn.evaluate({ k: kMotor })).toBeCloseTo(0.005, 12);
  });
  it(
    'a ramp of one period: 0.2 m/s at 25 Hz is reached in 40 ms; what thrust is left moves the ' +
      'mass (Newton)',
    () => {
      expect(
        0.2 / rampAcceleration.evaluate({ speed: q('speed', 0.2), frequency: q('frequency', 25) }),
      ).toBeCloseTo(1 / 25, 12);
      expect(
        thrustAcceleration.evaluate({
          limit: q('force', 500),
          share: q('ratio', 0.5),
          steady: q('force', 100),
          mass: q('mass', 40),
        }),
      ).toBeCloseTo(20, 12);
      expect(
        thrustAcceleration.evaluate({
          limit: q('force', 50),
          share: q('ratio', 1),
          steady: q('force', 100),
          mass: q('mass', 40),
        }),
      ).toBe(0);
    },
  );
});

describe('reducer and shaft', () => {
  const k = q('travelPerRadian', 0.02);
  it('a ratio divides travel and speed; 3000 rpm into 5 : 1 on a 20 mm radius make 75 m/min', () => {
    const kMotor = motorTravel.evaluate({ k, ratio: q('ratio', 5) });
    expect(kMotor).toBeCloseTo(0.004, 15);
    expect(reducerSpeed.evaluate({ input: q('angularSpeed', 100 * Math.PI), kMotor }) * 60).toBeCloseTo(
      (3000 / 5) * 2 * Math.PI * 0.02,
      9,
    );
  });
  it('inertias on one shaft add up', () =>
    expect(
      turningInertia.evaluate({
        rotor: q('inertia', 4e-5),
        coupling: q('inertia', 1e-5),
        reducer: q('inertia', 2e-5),
      }),
    ).toBeCloseTo(7e-5, 18));
});
