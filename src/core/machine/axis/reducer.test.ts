import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Axis, axisIssues, startingReducer } from '@/core/model';
import { reducerPlay } from '@/core/motion';
import { quantity as q } from '@/core/units';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

const geared = (axis: Axis, values: Record<string, number>, kind: 'belt' | 'planetary' = 'belt') =>
  withSi(
    { ...axis, reducer: startingReducer(kind, 2) },
    Object.fromEntries(Object.entries(values).map(([k, v]) => [`reducer.${k}`, v])),
  );
const limit = (axis: Axis, id: string) =>
  axisReport(axis, { remedies: false }).ladder.find((r) => r.id === id)!.limit;
const lossless = { efficiency: 1, inertia: 0, backlash: 0 };

describe('a reducer between motor and screw', () => {
  it('without losses a reducer of i on a light screw of lead i·P is a direct drive of lead P', () => {
    // The nut turns, so that nothing heavy turns at the screw's own speed; its small inertia counts with
    // 1/i².
    fc.assert(
      fc.property(fc.double({ min: 1.2, max: 4, noNaN: true }), (i) => {
        const base = withSi(
          { ...demoAxis('gantry'), drive: { ...demoAxis('gantry').drive, turning: 'nut' } },
          { 'drive.nutInertia': 1e-9, 'drive.thread.preload': 0, 'drive.bearingDrag': 0 },
        );
        const direct = axisReport(base, { remedies: false });
        const reduced = axisReport(
          geared(withSi(base, { 'drive.lead': base.drive.lead.si * i }), { ...lossless, ratio: i }),
        );
        for (const id of ['torque-rapid', 'torque-cut', 'pulses'] as const)
          expect(
            reduced.ladder.find((r) => r.id === id)!.limit / direct.ladder.find((r) => r.id === id)!.limit,
          ).toBeCloseTo(1, 3);
        expect(reduced.cases.cut.torque / direct.cases.cut.torque).toBeCloseTo(1, 5);
        expect(reduced.figures.find((f) => f.id === 'resolution')!.value).toBeCloseTo(
          direct.figures.find((f) => f.id === 'resolution')!.value,
          12,
        );
      }),
    );
  });
  it('leaves whip and balls alone, costs torque by its losses and its inertia', () => {
    const axis = demoAxis('gantry');
    const one = geared(axis, { ...lossless, ratio: 1 });
    for (const id of ['whip', 'dn', 'pulses', 'torque-rapid'])
      expect(limit(one, id) / limit(axis, id)).toBeCloseTo(1, 6);
    expect(limit(geared(axis, { ...lossless, ratio: 1, efficiency: 0.8 }), 'torque-rapid')).toBeLessThan(
      limit(axis, 'torque-rapid'),
    );
    expect(limit(geared(axis, { ...lossless, ratio: 1, inertia: 2e-4 }), 'torque-rapid')).toBeLessThan(
      limit(axis, 'torque-rapid'),
    );
  });
  it('has a rung of its own where its input speed is known, and is unknown where it is not', () => {
    const axis = geared(demoAxis('gantry'), { ratio: 3 }, 'planetary');
    // 3000 rpm in, 1000 rpm at the screw, 10 mm lead: 10 m/min, below the 12 that are asked.
    expect(limit(axis, 'reducer') * 60).toBeCloseTo(10, 9);
    const finding = axisReport(axis).findings.find((f) => f.code === 'reducer')!;
    expect(finding.verdict).toBe('gives-out');
    expect(finding.remedies.map((r) => r.code)).toContain('ratio');
    expect(
      axisReport({ ...axis, reducer: { ...axis.reducer!, inputSpeed: null } }).unknowns.map((u) => u.path),
    ).toContain('reducer.inputSpeed');
  });
  it('a ratio of 3 divides what a dropping head feels at the motor, and the detent holds it sooner', () => {
    const drops = (a: Axis) => axisReport(a).findings.find((f) => f.code === 'drops')!;
    const plunge = withSi(demoAxis('plunge'), { 'loads.masses.0.mass': 40 });
    expect(drops(geared(plunge, { ratio: 3 })).value).toBeCloseTo(drops(plunge).value / 3, 9);
  });
  it('its play is lost along the axis: 8 arcmin on a 10 mm lead is 3.7 µm (lead · arcmin / 21600)', () => {
    expect(
      reducerPlay.evaluate({
        backlash: q('angle', ((8 / 60) * Math.PI) / 180),
        k: q('travelPerRadian', 0.01 / (2 * Math.PI)),
      }),
    ).toBeCloseTo((0.01 * 8) / 21600, 12);
  });
  it('starts valid, and is offered where torque under cut is short on a long lead', () => {
    for (const kind of ['belt', 'planetary'] as const)
      expect(axisIssues({ ...demoAxis('gantry'), reducer: startingReducer(kind, 2) })).toEqual([]);
    const weak = withSi(demoAxis('gantry'), {
      'demands.cuttingForce': 800,
      'demands.rapid': 0.08,
      'demands.feed': 0.05,
    });
    expect(
      axisReport(weak)
        .findings.find((f) => f.code === 'torque-cut')!
        .remedies.map((r) => r.code),
    ).toContain('belt-stage');
  });
});
