import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { axisReport } from '@/core/machine';
import { type Axis, guess, startingAxis, startingMotor } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { withSi } from '@test/helpers/demo';
import { curve, resolveMotor, stepper } from '.';

const base = startingAxis('bed', 'a');
const rpm = (n: number) => q('angularSpeed', (n * 2 * Math.PI) / 60);
const withCurve = (points: [number, number][], voltage = 48): Axis => ({
  ...base,
  supply: { ...base.supply, voltage: guess('voltage', '48 V') },
  motor: {
    ...base.motor,
    kind: 'stepper',
    // Enough that the current that is set (its rated one in crest, 0.71 of the holding torque) caps nothing.
    holdingTorque: guess('torque', '3 N·m'),
    curve: {
      voltage: guess('voltage', `${voltage} V`),
      points: points.map(([n, t]) => ({
        speed: guess('angularSpeed', `${n} rpm`),
        torque: guess('torque', `${t} N·m`),
      })),
    },
  } as Axis['motor'],
});

describe('a torque curve by points', () => {
  it('is met at its points and straight between them; beyond its end there is nothing', () => {
    const motor = resolveMotor(
      withCurve([
        [0, 2],
        [600, 1],
        [1200, 0.4],
      ]),
      silentWorksheet,
    );
    for (const [n, t] of [
      [0, 2],
      [300, 1.5],
      [600, 1],
      [900, 0.7],
      [1200, 0.4],
      [1201, 0],
    ] as const)
      expect(motor.pullOut(rpm(n))).toBeCloseTo(t, 9);
  });
  it('ends where the current that is set ends: K times crest (Acarnley, Stepping Motors)', () => {
    const axis = withCurve([
      [0, 2],
      [600, 1],
      [1200, 0.4],
    ]);
    const at = (current: number, n: number) =>
      resolveMotor(withSi(axis, { 'driver.setCurrent': current }), silentWorksheet).pullOut(rpm(n));
    // 3 N·m at 2.8 A with both phases on: 0.7576 N·m for each ampere of crest.
    const K = 3 / (Math.SQRT2 * 2.8);
    expect(at(1, 0)).toBeCloseTo(K, 9);
    expect(at(1, 600)).toBeCloseTo(K, 9);
    expect(at(1, 1200)).toBeCloseTo(0.4, 9);
    // The place where the measured line passes the cap is kept: 1.4 N·m lie at 360 rpm.
    expect(at(1.4 / K, 360)).toBeCloseTo(1.4, 9);
    expect(at(1.4 / K, 480)).toBeCloseTo(1.2, 9);
  });
  it('speed for a torque is where the curve falls through it (searched by small steps)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.45, max: 1.9, noNaN: true }), (torque) => {
        const motor = resolveMotor(
          withSi(
            withCurve([
              [0, 2],
              [600, 1],
              [1200, 0.4],
            ]),
            { 'motor.usableShare': 1 },
          ),
          silentWorksheet,
        );
        const speed = motor.speedFor(
          q('torque', torque),
          q('travelPerRadian', 1),
          '',
          '',
          '',
          silentWorksheet,
        );
        let n = 0;
        while (motor.pullOut(rpm(n)) >= torque) n += 0.5;
        expect(Math.abs(speed - rpm(n))).toBeLessThan(rpm(1));
      }),
      { numRuns: 30 },
    );
  });
  it(
    'taken at 72 V and run at 48 V shrinks its speeds by two thirds, and says so; a higher supply is ' +
      'not credited',
    () => {
      const low = resolveMotor(
        withCurve(
          [
            [0, 2],
            [900, 1],
          ],
          72,
        ),
        silentWorksheet,
      );
      expect(low.pullOut(rpm(599.999))).toBeCloseTo(1, 4);
      expect(low.concerns(silentWorksheet).find((c) => c.code === 'curve-voltage')).toMatchObject({
        verdict: 'thin',
        params: { higher: 0 },
      });
      expect(curve.curveScale.evaluate({ supply: q('voltage', 48), curve: q('voltage', 24) })).toBe(1);
      const line = { speed1: rpm(0), torque1: q('torque', 2), speed2: rpm(1000), torque2: q('torque', 1) };
      expect(curve.torqueOnCurve.evaluate({ ...line, speed: rpm(500) })).toBeCloseTo(1.5, 9);
      expect(
        curve.speedOnCurve.evaluate({
          ...line,
          share: q('ratio', 0.5),
          torque: q('torque', 0.75),
          k: q('travelPerRadian', 1),
        }),
      ).toBeCloseTo(rpm(500), 9);
    },
  );
  it('scaling by voltage is that of the model with the resistance left out (Acarnley)', () => {
    const at = (voltage: number, w: number) =>
      stepper.pullOutTorque.evaluate({
        K: q('torqueConstant', 0.5),
        crest: q('current', 4),
        voltage: q('voltage', voltage),
        resistance: q('resistance', 1e-6),
        inductance: q('inductance', 3e-3),
        teeth: q('rotorTeeth', 50),
        speed: q('angularSpeed', w),
      });
    for (const w of [20, 60, 150]) expect(at(24, w) / at(48, 2 * w)).toBeCloseTo(1, 3);
  });
});

describe('servo and geared motor', () => {
  const servo: Axis = { ...base, motor: startingMotor('servo') };
  it('peak torque up to the rated speed, no more than rated power at the highest, nothing beyond', () => {
    const motor = resolveMotor(servo, silentWorksheet);
    expect(motor.pullOut(rpm(3000))).toBeCloseTo(3.8, 9);
    expect(motor.pullOut(rpm(5000)) * rpm(5000)).toBeCloseTo(1.27 * rpm(3000), 6);
    expect(motor.pullOut(rpm(5001))).toBe(0);
    expect(
      curve.servoPeakPower.evaluate({ rated: q('torque', 1.27), ratedSpeed: rpm(3000), maxSpeed: rpm(5000) }),
    ).toBeCloseTo(0.762, 9);
  });
  it('has a rung of its highest speed, heats with its duty, and wants an inertia ratio of 5', () => {
    const report = axisReport(servo);
    // 5000 rpm on a 5 mm lead: 25 m/min.
    expect(report.ladder.find((r) => r.id === 'motor-speed')!.limit * 60).toBeCloseTo(25, 6);
    expect(report.duty.rated).toBeCloseTo(1.27, 9);
    expect(
      axisReport(withSi(servo, { 'motor.ratedTorque': 0.03, 'demands.acceleration': 20 })).findings.map(
        (f) => f.code,
      ),
    ).toContain('motor-heat');
    expect(
      axisReport(withSi(servo, { 'loads.masses.0.mass': 400 })).findings.find(
        (f) => f.code === 'inertia-ratio',
      )!.limit,
    ).toBe(5);
  });
  it('pulses: 10 000 a turn on 5 mm are 2000 a millimetre (by definition)', () => {
    expect(
      curve.pulsesFromCounts.evaluate({
        counts: q('count', 10_000),
        ratio: q('ratio', 1),
        k: q('travelPerRadian', 0.005 / (2 * Math.PI)),
      }) / 1000,
    ).toBeCloseTo(2000, 9);
  });
  it('a worm does not let the head drop; a power-off brake holds it as well', () => {
    const plunge = { ...startingAxis('plunge', 'z'), drive: base.drive };
    const codes = (axis: Axis) =>
      axisReport(withSi(axis, { 'loads.masses.0.mass': 30, 'loads.guideDrag': 5 })).findings.map(
        (f) => f.code,
      );
    expect(codes(plunge)).toContain('drops');
    expect(
      codes({ ...plunge, motor: { ...startingMotor('geared'), gear: 'worm' } as Axis['motor'] }),
    ).not.toContain('drops');
    expect(codes(withSi(plunge, { 'motor.brakeTorque': 1 }))).not.toContain('drops');
  });
  it('heat at rated load is a stated share of the power (from memory)', () => {
    expect(
      curve.heatShare.evaluate({ share: q('ratio', 0.15), torque: q('torque', 1.27), speed: rpm(3000) }),
    ).toBeCloseTo(0.15 * 1.27 * 314.16, 2);
  });
});

describe('crest and RMS', () => {
  it(
    'a driver marked in RMS gives 1.41 times the crest; set to the plate in crest the motor has 71 % ' +
      'of its torque (handbooks of steppers, two phases on)',
    () => {
      expect(stepper.crestOf.evaluate({ rms: q('current', 2.8) })).toBeCloseTo(3.96, 2);
      const at = (marking: 'crest' | 'rms') =>
        resolveMotor({ ...base, driver: { ...base.driver, marking } }, silentWorksheet).pullOut(
          q('angularSpeed', 0),
        );
      expect(at('crest') / 1.9).toBeCloseTo(Math.SQRT1_2, 3);
      expect(at('rms') / 1.9).toBeCloseTo(1, 3);
    },
  );
  it('windings burn crest squared times resistance: two phases of I²R/2 each (textbook)', () => {
    expect(
      stepper.copperLoss.evaluate({ crest: q('current', 4), resistance: q('resistance', 1) }),
    ).toBeCloseTo(2 * (4 / Math.SQRT2) ** 2, 9);
  });
  it('0.6 of the pull-out may be used by default (common practice, no source)', () => {
    expect(stepper.usableTorque.evaluate({ share: q('ratio', 0.6), pullOut: q('torque', 2) })).toBeCloseTo(
      1.2,
      12,
    );
  });
  it('a motor bigger than its driver is said', () => {
    expect(axisReport(withSi(base, { 'motor.ratedCurrent': 6 })).findings.map((f) => f.code)).toContain(
      'driver-small',
    );
  });
});
