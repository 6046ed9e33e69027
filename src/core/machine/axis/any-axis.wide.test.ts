import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { axisDoubt } from '@/core/doubt';
import { applyEdits, type Axis, axisFields, axisIssues, brokenRule, fieldRuleAt, getAt } from '@/core/model';
import { parseQuantity } from '@/core/units';
import { anywhere, holes } from '@test/helpers/anywhere';
import { WIDE } from '@test/helpers/chance';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

const ends = fc.constantFrom(
  ['fixed', 'fixed'],
  ['fixed', 'supported'],
  ['fixed', 'free'],
  ['supported', 'supported'],
  ['supported', 'fixed'],
);

/** All objects of a tree. */
const objectsIn = (value: unknown): unknown[] =>
  typeof value === 'object' && value !== null ? [value, ...Object.values(value).flatMap(objectsIn)] : [];

/**
 * What is wrong with the measures of a value: each must read as what it says, within its range. @param kept
 * what is passed on.
 */
function faults(value: unknown, path: string, kept: ReadonlySet<unknown>): string[] {
  if (typeof value !== 'object' || value === null || kept.has(value)) return [];
  if (!('si' in value && 'typed' in value))
    return Object.entries(value).flatMap(([k, v]) => faults(v, `${path}.${k}`, kept));
  const rule = fieldRuleAt(path);
  if (!rule) return [`${path}: no rule`];
  const { si, typed } = value as { si: number; typed: string };
  const read = parseQuantity(rule.kind, typed);
  if (!read.ok || Math.abs(read.si - si) > 1e-9 * Math.abs(si)) return [`${path}: ${typed} is not ${si}`];
  return brokenRule(rule, si) ? [`${path}: ${typed} is out of range`] : [];
}

/** Any axis that the rules let through: a few of its fields anywhere in their range, any thread, any ends. */
const anyAxis: fc.Arbitrary<Axis> = fc
  .record({
    base: fc.constantFrom('bed', 'gantry', 'plunge'),
    ends,
    thread: fc.constantFrom('ball', 'acme', 'trapezoidal', 'square', 'vee'),
    sets: fc.constantFrom(1, 2),
    values: fc
      .dictionary(fc.constantFrom(...Object.keys(axisFields)), fc.nat(), { maxKeys: 8 })
      .chain(
        (keys) =>
          fc.record(
            Object.fromEntries(
              Object.keys(keys).map((k) => [
                k,
                anywhere((axisFields as Record<string, { max: number }>)[k]!),
              ]),
            ),
          ) as fc.Arbitrary<Record<string, number>>,
      ),
  })
  .map(({ base, ends: [motorEnd, farEnd], thread, sets, values }) => {
    const axis = demoAxis(base as 'bed');
    const sliding = { ...slidingThread('trapezoidal'), form: thread };
    const drive = {
      ...axis.drive,
      motorEnd,
      farEnd,
      sets,
      ...(thread === 'ball' ? {} : { thread: sliding }),
    } as Axis['drive'];
    const built = { ...axis, drive };
    return withSi(
      built,
      Object.fromEntries(Object.entries(values).filter(([path]) => getAt(built, path) !== undefined)),
    );
  })
  .filter((axis) => axisIssues(axis).length === 0);

describe('any axis that the rules let through', () => {
  it('gets a report without a hole in it, limits of 0 or more, and remedies that keep the rules', () => {
    fc.assert(
      fc.property(anyAxis, (axis) => {
        const { working, ...report } = axisReport(axis, { working: true });
        // A remedy may make its own finding vanish; then there is no figure to state.
        const { findings, ...rest } = report;
        expect(holes(rest)).toEqual([]);
        expect(report.noNumber).toEqual([]);
        expect(holes(findings.map(({ remedies: _r, ...f }) => f))).toEqual([]);
        for (const line of working!) expect(Number.isNaN(line.value), line.key).toBe(false);
        for (const rung of report.ladder) expect(rung.limit).toBeGreaterThanOrEqual(0);
        expect(report.speed).toBe(
          Math.min(...report.ladder.filter((r) => r.wish === 'rapid').map((r) => r.limit)),
        );
        // Lost motion with links that say nothing is not known; it stands before what holds.
        expect(['holds', 'not-known', 'thin', 'gives-out']).toContain(report.verdict);
        const kept = new Set(objectsIn(axis));
        for (const { code, remedies } of findings)
          for (const r of remedies) {
            // What is offered can be taken: a field would take its figures, every rule holds, and it does
            // what it says.
            for (const e of r.edits) expect(faults(e.value, e.path, kept), r.code).toEqual([]);
            const mended = applyEdits(axis, r.edits);
            expect(axisIssues(mended), r.code).toEqual([]);
            const after = axisReport(mended, { remedies: false });
            expect(after.verdict, r.code).toBe(r.wholeVerdict);
            const same = after.findings.find((f) => f.code === code);
            expect(same?.verdict ?? 'holds', r.code).toBe(r.verdict);
          }
        for (const d of axisDoubt(axis).rungs) expect(Number.isFinite(d.halfWidth)).toBe(true);
      }),
      { numRuns: 600 * WIDE },
    );
  });
});
