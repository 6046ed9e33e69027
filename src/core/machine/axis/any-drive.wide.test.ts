import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { axisDoubt } from '@/core/doubt';
import {
  type Axis,
  axisFields,
  axisIssues,
  getAt,
  guideKinds,
  guideOfKind,
  startingAxis,
  startingDrive,
  startingMotor,
  startingReducer,
} from '@/core/model';
import { anywhere, holes } from '@test/helpers/anywhere';
import { WIDE } from '@test/helpers/chance';
import { withSi } from '@test/helpers/demo';
import { axisReport, moveCurves } from '.';

const prefixes = [
  'demands',
  'loads',
  'guide',
  'drive',
  'reducer',
  'coupling',
  'motor',
  'driver',
  'supply',
  'controller',
];
const paths = Object.keys(axisFields).filter((p) => prefixes.includes(p.split('.')[0]!));

/** Any drive with any motor, reducer and guide, and a few of its inputs anywhere in their range. */
const anyAxis: fc.Arbitrary<Axis> = fc
  .record({
    drive: fc.constantFrom('rack', 'belt', 'chain', 'screw'),
    motor: fc.constantFrom('stepper', 'servo', 'geared'),
    reducer: fc.constantFrom(null, 'belt', 'planetary'),
    guide: fc.constantFrom(...guideKinds),
    sets: fc.constantFrom(1, 2),
    marking: fc.constantFrom('crest', 'rms'),
    mounting: fc.constantFrom('flat', 'wall', 'under'),
    values: fc
      .array(fc.constantFrom(...paths), { maxLength: 9 })
      .chain(
        (keys) =>
          fc.record(
            Object.fromEntries(
              keys.map((k) => [k, anywhere((axisFields as Record<string, { max: number }>)[k]!)]),
            ),
          ) as fc.Arbitrary<Record<string, number>>,
      ),
  })
  .map(({ drive, motor, reducer, guide, sets, marking, mounting, values }) => {
    const base = startingAxis('bed', 'a');
    const axis = {
      ...base,
      drive: { ...startingDrive(drive as 'rack', 0.8), sets },
      motor: startingMotor(motor as 'servo'),
      reducer: reducer ? startingReducer(reducer as 'belt', 3) : null,
      driver: { ...base.driver, marking },
      guide: { ...guideOfKind(guide, { ...base.guide, mounting: mounting as 'flat' }) },
    } as Axis;
    return withSi(
      axis,
      Object.fromEntries(Object.entries(values).filter(([path]) => getAt(axis, path) !== undefined)),
    );
  })
  .filter((axis) => axisIssues(axis).length === 0);

describe('any drive, motor, reducer and guide that the rules let through', () => {
  it('gets a whole report, with and without its working, and finite doubt', () => {
    fc.assert(
      fc.property(anyAxis, (axis) => {
        const { working, ...report } = axisReport(axis, { working: true, remedies: false });
        expect(holes(report)).toEqual([]);
        expect(report.noNumber).toEqual([]);
        const keys = new Set(working!.map((l) => l.key));
        for (const line of working!) {
          expect(Number.isNaN(line.value), line.key).toBe(false);
          for (const source of Object.values(line.sources))
            if (source?.startsWith('#')) expect(keys, `${line.key} <- ${source}`).toContain(source.slice(1));
        }
        for (const rung of report.ladder) expect(rung.limit).toBeGreaterThanOrEqual(0);
        for (const a of report.accelerations) expect(a.limit).toBeGreaterThanOrEqual(0);
        expect(report.stiffness.value).toBeGreaterThan(0);
        expect(report.lostMotion.value).toBeGreaterThanOrEqual(0);
        for (const d of axisDoubt(axis).rungs) expect(Number.isFinite(d.halfWidth)).toBe(true);
      }),
      { numRuns: 250 * WIDE },
    );
  });
  it('has a move whose time is that of the report and whose speed never passes the rapid', () => {
    fc.assert(
      fc.property(anyAxis, (axis) => {
        const time = axisReport(axis, { remedies: false }).figures.find((f) => f.id === 'move-time')!.value;
        const [trapezoid, seven] = moveCurves(axis);
        expect((axis.demands.jerk ? seven! : trapezoid!).time / time).toBeCloseTo(1, 9);
        expect(seven!.time).toBeGreaterThanOrEqual(trapezoid!.time * (1 - 1e-9));
        for (const curve of [trapezoid!, seven!])
          for (const p of curve.points)
            expect(p.speed).toBeLessThanOrEqual(axis.demands.rapid.si * (1 + 1e-9));
      }),
      { numRuns: 120 * WIDE },
    );
  });
});
