import { describe, expect, it } from 'vitest';
import type { ScrewDrive } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import {
  bearingLife,
  leadAngle,
  nutArea,
  nutHeatLoad,
  nutLoad,
  pitchDiameter,
  resolveScrew,
  rubbingLimit,
  staticThrust,
} from '.';

const INCH = 0.0254;
const THRUST = 400;

/** The 1/2-10 Acme screw, one start. */
const half = {
  'drive.nominalDiameter': 0.5 * INCH,
  'drive.rootDiameter': 0.38 * INCH,
  'drive.lead': 0.1 * INCH,
  'drive.starts': 1,
};
const acme = (nutMaterial: 'bronze' | 'plastic' | 'printed' = 'bronze', length = 0.02): ScrewDrive => {
  const axis = demoAxis('bed');
  const thread = { ...slidingThread('acme'), nutMaterial };
  return withSi({ ...axis, drive: { ...axis.drive, thread } }, { ...half, 'drive.thread.nutLength': length })
    .drive;
};
const resolved = (drive: ScrewDrive, feed = 0.02, thrust = THRUST) =>
  resolveScrew(drive, q('length', 1), thrust, silentWorksheet, { level: 1, feed: q('speed', feed) });
const concernOf = (drive: ScrewDrive, code: string, feed?: number, thrust?: number) =>
  resolved(drive, feed, thrust)
    .concerns(silentWorksheet)
    .find((c) => c.code === code)!;
const rubbing = (drive: ScrewDrive) => resolved(drive).speedLimits.find((l) => l.id === 'nut-rubbing');

describe('a sliding nut', () => {
  it('carries on its flanks as Shigley has it: 12.9 MPa where the first turn takes 0.38 of 6.4 kN', () => {
    // Power-screw example: square thread, 32 mm, pitch 4 mm.
    const inputs = { diameter: q('length', 0.03), engagement: q('ratio', 0.5), length: q('length', 0.004) };
    const area = q('area', nutArea.evaluate(inputs));
    expect((0.38 * 6400) / area / 1e6).toBeCloseTo(12.9, 1);
    expect(nutLoad.evaluate({ pressure: q('modulus', 12.9e6), area })).toBeCloseTo(0.38 * 6400, -1);
  });
  it('rubs along the thread, which is longer than the travel by the sine of the lead angle', () => {
    const lambda = leadAngle.evaluate({ lead: q('linearPerTurn', 0.004), diameter: q('length', 0.014) });
    const along = Math.hypot(0.004, Math.PI * 0.014);
    const limit = rubbingLimit.evaluate({ rubbing: q('speed', 0.5), lambda: q('angle', lambda) });
    expect(limit).toBeCloseTo((0.5 * 0.004) / along, 12);
  });
  it('at half a metre a second an Acme 1/2-10 nut makes 2.1 m/min: at 0.65 m/s it is no way out', () => {
    const limit = rubbing(acme())!.limit;
    const along = Math.hypot(0.1, Math.PI * 0.45) / 0.1;
    expect(limit * along).toBeCloseTo(0.5, 6);
    expect(limit * 60).toBeCloseTo(2.12, 2);
    expect(0.65 / along).toBeGreaterThan(limit);
    expect(rubbing(demoAxis('bed').drive)).toBeUndefined();
  });
  it('overheats by pressure times rubbing speed (Machinery’s Handbook, plain bearings)', () => {
    const inputs = {
      pressureSpeed: q('pressureSpeed', 0.1e6),
      area: q('area', 400e-6),
      speed: q('speed', 0.02),
      lambda: q('angle', 0.08),
    };
    const force = nutHeatLoad.evaluate(inputs);
    expect((force / 400e-6) * (0.02 / Math.sin(0.08))).toBeCloseTo(0.1e6, 3);
  });
  it('stands half the force at twice the feed; pressure alone does not care', () => {
    const at = (feed: number) => concernOf(acme(), 'nut-heat', feed).value;
    expect(at(0.04)).toBeCloseTo(at(0.02) / 2, 9);
    expect(concernOf(acme(), 'nut-load', 0.04).value).toBe(concernOf(acme(), 'nut-load', 0.02).value);
    expect(concernOf(acme(), 'nut-heat', 0)).toBeUndefined();
  });
  it('of bronze stands more than one of plastic, that more than a printed one; longer ones more', () => {
    for (const code of ['nut-load', 'nut-heat']) {
      const values = (['bronze', 'plastic', 'printed'] as const).map((m) => concernOf(acme(m), code).value);
      expect(values).toEqual([...values].sort((a, b) => b - a));
      expect(new Set(values).size).toBe(3);
      expect(concernOf(acme('bronze', 0.04), code).value).toBeCloseTo(2 * values[0]!, 6);
    }
    expect(concernOf(acme('printed'), 'nut-heat')).toMatchObject({ verdict: 'gives-out', limit: THRUST });
  });
  it('on a threaded rod has its pitch line where ISO 68-1 says: M12, d2 10.863 mm', () => {
    const inputs = { nominal: q('length', 0.012), lead: q('linearPerTurn', 0.00175), starts: q('count', 1) };
    expect(pitchDiameter.evaluate({ ...inputs, drop: q('ratio', 0.649519) }) * 1e3).toBeCloseTo(10.863, 3);
    const rod = { ...acme(), thread: slidingThread('vee') };
    // 30° of flank hold the nut harder than 14.5°: Shigley, friction over the cosine of the flank.
    expect(resolved(rod).efficiency).toBeLessThan(resolved(acme()).efficiency);
  });
});

describe('ratings of nut and thrust bearing', () => {
  const ball = demoAxis('bed').drive;
  const of = (values: Record<string, number>, over: Partial<ScrewDrive> = {}) =>
    withSi({ ...demoAxis('bed'), drive: { ...ball, ...over } }, values).drive;

  it('say nothing while they are not known, and that they are not', () => {
    const bare = resolved({ ...ball, thread: { ...ball.thread, dynamicLoad: null } as ScrewDrive['thread'] });
    expect(bare.concerns(silentWorksheet)).toEqual([]);
    expect(bare.unknowns.map((u) => u.effect)).toEqual(
      expect.arrayContaining(['life', 'nut-static', 'bearing-static', 'bearing-life']),
    );
  });
  it('static: ISO 76 counts 0.26 of the thrust at 40° of contact and half of it in a deep groove', () => {
    const rating = q('force', 3350);
    const stands = (factor: number) =>
      staticThrust.evaluate({ rating, safety: q('ratio', 1.5), factor: q('ratio', factor) });
    expect(stands(0.26)).toBeCloseTo(8590, -1);
    expect(stands(0.5)).toBeCloseTo(4467, -1);
  });
  it('static: by the kind of bearing, and half of what a ball nut is rated', () => {
    const given = { 'drive.bearingStaticLoad': 3350 };
    const pair = concernOf(of(given, { thrustBearing: 'angular-contact' }), 'bearing-static');
    expect(pair.value).toBeCloseTo(8590, -1);
    const deep = concernOf(of(given, { thrustBearing: 'deep-groove' }), 'bearing-static');
    expect(deep.value).toBeCloseTo(4467, -1);
    expect(concernOf(of({ 'drive.thread.staticLoad': 700 }), 'nut-static')).toMatchObject({
      value: 350,
      verdict: 'gives-out',
    });
  });
  it('dynamic: ISO 281, a million turns at the rating, an eighth of them at twice a load', () => {
    const life = (thrust: number) =>
      bearingLife.evaluate({
        rating: q('force', 7000),
        factor: q('ratio', 0.57),
        shock: q('ratio', 1),
        thrust: q('force', thrust),
        lead: q('linearPerTurn', 0.005),
      });
    expect(life(7000 / 0.57)).toBeCloseTo(5000, 6);
    expect(life(2000) / life(1000)).toBeCloseTo(1 / 8, 9);
  });
  it('dynamic: a bearing that is too small wears before its machine', () => {
    const weak = of({ 'drive.bearingDynamicLoad': 900 }, { thrustBearing: 'angular-contact' });
    expect(concernOf(weak, 'bearing-life')).toMatchObject({ verdict: 'gives-out', limit: 1e6 });
    expect(concernOf(of({ 'drive.bearingDynamicLoad': 9e3 }), 'bearing-life').verdict).toBe('holds');
  });
  it('life of the nut is judged against what a machine should last', () => {
    expect(concernOf(of({ 'drive.thread.dynamicLoad': 9e3 }), 'nut-life').verdict).toBe('holds');
    expect(concernOf(of({ 'drive.thread.dynamicLoad': 1e3 }), 'nut-life').verdict).toBe('gives-out');
  });
});
