import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, axisIssues, roles, type Role, startingAxis, startingProject } from '@/core/model';
import { readProjectFile, writeProjectFile } from '@/core/formats';
import { axisReport } from '@/core/machine';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { demoAxis, withSi } from '@test/helpers/demo';
import { lineStiffness, nutReach } from './line-stiffness';
import { resolveScrew } from '.';
import { thrustEnds } from './whip';

const E = 206e9;
const area = (d: number) => (Math.PI * d * d) / 4;
const bare = () => {
  // Neither bearing nor nut stiffness: only the screw itself answers.
  const axis = demoAxis('bed');
  return { ...axis.drive, bearingStiffness: null };
};

describe('stiffness along the travel', () => {
  const k = q('travelPerRadian', 0.005 / (2 * Math.PI));
  const windUp = (length: number) => ((E / 2.6) * Math.PI * 0.0135 ** 4) / (32 * length * k * k);
  const series = (...ks: number[]) => 1 / ks.reduce((s, x) => s + 1 / x, 0);

  it('one fixed end: softest with the nut far away, screw and wind-up in series', () => {
    const drive = bare();
    const { value, missing } = lineStiffness(drive, 2.54, k, q('area', area(0.0135)), 200, silentWorksheet);
    const far = 0.09 + 2.54;
    expect(value).toBeCloseTo(series((E * area(0.0135)) / far, windUp(far)), -1);
    expect(missing).toEqual(['drive.bearingStiffness', 'drive.thread.nutStiffness']);
  });
  it('both ends fixed: four times as stiff in the middle as one end at full length', () => {
    const drive = { ...bare(), farEnd: 'fixed' as const };
    const { value } = lineStiffness(drive, 2.54, k, q('area', area(0.0135)), 200, silentWorksheet);
    expect(value).toBeCloseTo(series((4 * E * area(0.0135)) / 2.72, windUp(2.63)), -1);
  });
  it('bearings and a rated nut make the chain softer, never stiffer', () => {
    const drive = bare();
    const soft = {
      ...drive,
      bearingStiffness: { typed: '90 N/µm', si: q('stiffness', 9e7), basis: 'datasheet' as const },
    };
    const a = lineStiffness(drive, 2.54, k, q('area', area(0.0135)), 200, silentWorksheet).value;
    const b = lineStiffness(soft, 2.54, k, q('area', area(0.0135)), 200, silentWorksheet).value;
    expect(b).toBeLessThan(a);
  });
  it('thrust is taken by the fixed ends, by the motor end where none is fixed', () => {
    const drive = bare();
    expect(thrustEnds(drive)).toEqual({ motor: true, far: false });
    expect(thrustEnds({ ...drive, motorEnd: 'supported', farEnd: 'fixed' })).toEqual({
      motor: false,
      far: true,
    });
    expect(thrustEnds({ ...drive, motorEnd: 'supported', farEnd: 'supported' })).toEqual({
      motor: true,
      far: false,
    });
    expect(nutReach({ ...drive, nutOffset: null }, 2.54)).toEqual({ near: 0, far: 2.72 });
  });
});

describe('a resolved screw', () => {
  it('more preload drags more; a heavier thread has more inertia; nothing is NaN', () => {
    const base = demoAxis('gantry');
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 3000, noNaN: true }),
        fc.double({ min: 1.01, max: 1.5, noNaN: true }),
        (preload, grow) => {
          const of = (values: Record<string, number>) =>
            resolveScrew(withSi(base, values).drive, q('length', 1.29), 200, silentWorksheet);
          const a = of({ 'drive.thread.preload': preload });
          const b = of({ 'drive.thread.preload': preload * 1.5 });
          expect(b.drag).toBeGreaterThan(a.drag);
          expect(b.stiffness.value).toBeGreaterThan(a.stiffness.value);
          const thick = of({ 'drive.nominalDiameter': 0.02 * grow, 'drive.rootDiameter': 0.0171 * grow });
          expect(thick.inertia).toBeGreaterThan(a.inertia);
          expect(thick.thrustLimit!.limit).toBeGreaterThan(a.thrustLimit!.limit);
          for (const f of a.figures(silentWorksheet)) expect(Number.isFinite(f.value), f.id).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('a turning nut brings its own inertia and does not whip; a datasheet beats the drawn profile', () => {
    const { drive } = demoAxis('bed');
    const nut = resolveScrew({ ...drive, turning: 'nut' }, q('length', 2.54), 200, silentWorksheet);
    expect(nut.inertia).toBe(drive.nutInertia.si);
    expect(nut.speedLimits.map((l) => l.id)).toEqual(['dn']);
    const typed = resolveScrew(
      { ...drive, screwInertia: { typed: '1.4 kg·cm²', si: q('inertia', 1.4e-4), basis: 'datasheet' } },
      q('length', 2.54),
      200,
      silentWorksheet,
    );
    expect(typed.inertia).toBe(1.4e-4);
    const drawn = resolveScrew(drive, q('length', 2.54), 200, silentWorksheet).inertia;
    // Between a plain rod of the root and one of the nominal diameter, 2720 mm long.
    const rod = (d: number) => (Math.PI / 32) * 7850 * d ** 4 * 2.72;
    expect(drawn).toBeGreaterThan(rod(0.0135));
    expect(drawn).toBeLessThan(rod(0.016));
  });
  it('a column pushes from the far end as well where the far end takes thrust', () => {
    const axis = demoAxis('gantry');
    const one = resolveScrew(
      { ...axis.drive, nutOffset: { ...axis.drive.nutOffset!, si: q('length', 0.02) } },
      q('length', 0.4),
      200,
      silentWorksheet,
    );
    const both = resolveScrew(
      { ...axis.drive, farEnd: 'fixed', nutOffset: { ...axis.drive.nutOffset!, si: q('length', 0.02) } },
      q('length', 0.4),
      200,
      silentWorksheet,
    );
    expect(one.thrustLimit!.limit).toBeGreaterThan(both.thrustLimit!.limit);
  });
});

describe('what a machine starts from', () => {
  it.each(Object.keys(roles) as Role[])('%s: valid, all estimates, and it holds or says why', (role) => {
    const axis = startingAxis(role, 'a1');
    expect(axisIssues(axis)).toEqual([]);
    expect(axisReport(axis).findings.every((f) => f.verdict !== 'gives-out' || f.remedies.length > 0)).toBe(
      true,
    );
  });
  it('a new machine can be written and read', () => {
    const project = startingProject('m1', '2026-11-23T00:00:00.000Z');
    const both = { ...project, axes: [...project.axes, startingAxis('plunge', 'z')] };
    expect(readProjectFile(writeProjectFile(both))).toMatchObject({ ok: true, project: both });
  });
  it('a choice of another end fixing keeps the rest', () => {
    const axis = startingAxis('bed', 'a1');
    expect(applyEdits(axis, [{ path: 'drive.farEnd', value: 'fixed' }])).toEqual({
      ...axis,
      drive: { ...axis.drive, farEnd: 'fixed' },
    });
  });
});
