import { describe, expect, it } from 'vitest';
import { buildContext, buildReport, steadyZone, wallOf, workOf } from '@/core/build';
import { hasNumbers, severity } from '@/core/findings';
import {
  applyEdits,
  arrangements,
  type Axis,
  axisFields,
  axisIssues,
  brokenRule,
  estimate,
  type FieldRule,
  getAt,
  guideOfKind,
  guideKinds,
  isMeasure,
  openProject,
  type Project,
  put,
  setAt,
  startingCut,
  startingDrive,
  startingMotor,
  startingReducer,
  works,
} from '@/core/model';
import { holes } from '@test/helpers/anywhere';
import { type Chance, chance, SEED, WIDE } from '@test/helpers/chance';
import { allFindings, type AnyFinding, beginMachine, followBrief, machineReport, measured } from '..';

/** Machines of one run; `npm run test:wide` draws 20,000. */
const MACHINES = WIDE === 1 ? 600 : 2000 * WIDE;
/** Of them so many have their remedies tried, each put into the machine and judged again. */
const TRIED = 12 * WIDE;

const names = (role: string) => ({ axis: role, body: 'all' });

/** A value anywhere in a range, small and large alike. */
function within(rule: FieldRule, { next }: Chance): number {
  const low = Math.max(rule.above ?? rule.min ?? 0, rule.max * 1e-5);
  if (rule.min === 0 && next() < 0.15) return 0;
  const si = low * (rule.max / low) ** next();
  return rule.whole ? Math.round(si) : si;
}

const paths = Object.keys(axisFields);

/** Another drive, motor, guide and reducer, and a few fields anywhere; as begun where a rule refuses that. */
function anyAxis(axis: Axis, c: Chance): Axis {
  const travel = axis.demands.travel.si;
  const sets = { sets: c.pick([1, 2] as const), worstShare: axis.drive.worstShare };
  let drawn: Axis = {
    ...axis,
    drive: startingDrive(c.pick(['screw', 'rack', 'belt', 'chain'] as const), travel, sets),
    motor: startingMotor(c.pick(['stepper', 'servo', 'geared'] as const)),
    reducer:
      c.next() < 0.5 ? null : startingReducer(c.pick(['belt', 'planetary'] as const), 1 + 9 * c.next()),
    guide: guideOfKind(c.pick(guideKinds), axis.guide),
  };
  for (let i = 0; i < 6; i++) {
    const path = c.pick(paths);
    const rule = axisFields[path as keyof typeof axisFields];
    const si = within(rule, c);
    if (getAt(drawn, path) === undefined || brokenRule(rule, si)) continue;
    const next = setAt(drawn, path, measured(path, si));
    if (!axisIssues(next).length) drawn = next;
  }
  return drawn;
}

/** What shrinks by this share is clearly better. */
const CLEARLY = 0.01;
/** How many times a figure is off its limit, as a logarithm; a motor that cannot start is off for ever. */
const lacking = ({ value, limit }: AnyFinding) =>
  value > 0 && limit > 0 ? Math.abs(Math.log(value / limit)) : Infinity;

/** A machine of any arrangement, work and size, every axis drawn. */
function anyMachine(c: Chance): Project {
  const begun = beginMachine('any', '2026-11-26T00:00:00.000Z', 'Any', names);
  const cm = (most: number) => estimate('length', `${Math.ceil(2 + c.next() * most)} cm`);
  const after = applyEdits(begun, [
    put('brief.work', c.pick(works)),
    put('brief.arrangement', c.pick(arrangements)),
    put('brief.area.length', cm(400)),
    put('brief.area.width', cm(200)),
    put('brief.area.height', cm(40)),
    put('brief.accuracy', estimate('length', `${(0.02 + c.next()).toFixed(3)} mm`)),
    put(
      'brief.cuts',
      c.next() < 0.3 ? [] : [startingCut(c.pick(['mill', 'plasma', 'knife', 'light'] as const), 'a')],
    ),
  ]);
  const { axes, ...rest } = applyEdits(after, followBrief(begun, after, names));
  return { ...rest, axes: axes.map((a) => anyAxis(a, c)) };
}

describe('any machine inside the ranges', () => {
  it('comes to numbers everywhere, and to no verdict on what is none', () => {
    const c = chance(SEED);
    for (let i = 0; i < MACHINES; i++) {
      const machine = anyMachine(c);
      const report = machineReport(machine);
      const told = `machine ${i} of seed ${SEED}`;
      expect([report.noNumber, ...report.axes.map((a) => a.noNumber)].flat(), told).toEqual([]);
      const { flex: _none, ...rest } = report;
      expect(
        holes({ ...rest, axes: rest.axes.map(({ findings: _f, ...a }) => a), findings: [] }),
        told,
      ).toEqual([]);
      const context = buildContext(machine, report.axes, '2026-11-27');
      const clock = { now: wallOf('2026-11-27'), zone: steadyZone };
      const build = buildReport(context, workOf(context, clock));
      expect(holes({ ...build, findings: [] }), told).toEqual([]);
      expect(new Set(build.list.map((l) => l.key)).size, told).toBe(build.list.length);
      for (const f of allFindings(report)) expect(hasNumbers(f), `${told}: ${f.code}`).toBe(true);
    }
  });
  it('loses nothing by a lighter load, a lesser cut, a motor that is trusted with more', () => {
    const c = chance(SEED + 1);
    const limit = (p: Project, at: number, id: string) =>
      machineReport(p, { remedies: false }).axes[at]!.ladder.find((r) => r.id === id)?.limit ?? Infinity;
    for (let i = 0; i < MACHINES / 10; i++) {
      const machine = anyMachine(c);
      const at = c.below(machine.axes.length);
      const scaled = (path: string, by: number): Project => {
        const m = getAt(machine, `axes.${at}.${path}`);
        return isMeasure(m) ? setAt(machine, `axes.${at}.${path}.si`, m.si * by) : machine;
      };
      const tries = [
        ['loads.otherDrag', 0.5, 'torque-rapid'],
        ['demands.acceleration', 0.5, 'torque-rapid'],
        ['demands.cuttingForce', 0.5, 'torque-cut'],
        ['motor.usableShare', 1.2, 'torque-cut'],
      ] as const;
      for (const [path, by, rung] of tries) {
        const [before, after] = [limit(machine, at, rung), limit(scaled(path, by), at, rung)];
        expect(after, `machine ${i} of seed ${SEED + 1}: ${path}`).toBeGreaterThanOrEqual(
          before * (1 - 1e-6),
        );
      }
    }
  });
  it('every remedy can be stored, reads back, and turns its finding or clearly betters it', () => {
    const c = chance(SEED + 2);
    for (let i = 0; i < TRIED; i++) {
      const machine = anyMachine(c);
      for (const found of allFindings(machineReport(machine)))
        for (const remedy of found.remedies) {
          const told = `machine ${i} of seed ${SEED + 2}: ${found.code} by ${remedy.code}`;
          const mended = applyEdits(machine, remedy.edits);
          expect(openProject(JSON.parse(JSON.stringify(mended))), told).toMatchObject({
            ok: true,
            issues: [],
          });
          // Asked anew of the whole machine as it then is, not of the engine that offered it.
          const again = allFindings(machineReport(mended, { remedies: false })).find(
            (f) => f.code === found.code && f.axisId === found.axisId && f.about === found.about,
          );
          if (!again) continue;
          const turned = severity[again.verdict] < severity[found.verdict];
          const [before, after] = [lacking(found), lacking(again)];
          // What gives out comes nearer its limit; what is thin stands on its good side and may leave it.
          const nearer = after < (1 - CLEARLY) * before;
          const clearly = nearer || (found.verdict === 'thin' && after > (1 + CLEARLY) * before);
          expect(turned || clearly, `${told}: ${before} to ${after}`).toBe(true);
        }
    }
  });
});
