import { gzipSync, strToU8 } from 'fflate';
import { describe, expect, it } from 'vitest';
import { readProjectFile, writeProjectFile } from '@/core/formats';
import {
  applyEdits,
  arrangements,
  estimate,
  getAt,
  type Project,
  projectIssues,
  put,
  toBase64,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { machineOf } from '@test/helpers/true-up';
import {
  type Carried,
  carryable,
  changesPlan,
  dayRevision,
  keptRevision,
  MOST_DAYS,
  nextVersion,
  packedPlan,
  planDifferences,
  planIn,
  planOf,
  returnEdits,
} from '.';

const machines = demoMachines();
const [kayak] = machines as [Project];
const stamp = { id: 'kept', at: '2026-11-28T04:00:00.000Z', name: 'before' };
const kept = (project: Project) => applyEdits(project, [keptRevision(project, stamp)]);

describe('a plan that is kept', () => {
  it.each([...machines, ...arrangements.map((a) => machineOf(a))].map((m) => [m.name, m] as const))(
    '%s: comes back as it was, and packs alike whenever',
    (_name, machine) => {
      const revision = kept(machine).revisions.at(-1)!;
      expect(planIn(revision)).toEqual(planOf(machine));
      expect(packedPlan({ ...machine, changed: '2030-01-01T00:00:00.000Z' })).toBe(revision.plan);
      expect(projectIssues(kept(machine))).toEqual([]);
    },
  );
  it('takes no reading, photo, word or other plan along, and is small', () => {
    const text = atob(packedPlan(kept(kayak)));
    expect(text.length).toBeLessThan(12_000);
    const many = { ...kayak, log: [], rounds: [], trials: [], steps: [], revisions: [] };
    expect(packedPlan(many)).toBe(packedPlan(kayak));
  });
  it('goes through a file and back', () => {
    const opened = readProjectFile(writeProjectFile(kept(kayak)));
    expect(opened.ok && planIn(opened.project.revisions.at(-1)!)).toEqual(planOf(kayak));
  });
  it('of an older edition is brought up to date', () => {
    const { log: _log, revisions: _revisions, ...old } = kayak;
    const plan = toBase64(gzipSync(strToU8(JSON.stringify({ ...old, version: 14 }))));
    expect(planIn({ plan })).toEqual(planOf(kayak));
  });
  it.each([
    ['no base 64', '***'],
    ['no gzip', toBase64(strToU8('a plan'))],
    ['cut short', packedPlan(kayak).slice(0, 2000)],
    ['no document', toBase64(gzipSync(strToU8('{"format":"other"}')))],
    ['what would swell to 50 MB', toBase64(gzipSync(new Uint8Array(50_000_000)))],
  ])('%s cannot be read, and says so', (_what, plan) => {
    expect(planIn({ plan })).toBeNull();
  });
});

describe('from one plan to another', () => {
  const changed = applyEdits(kayak, [
    put('axes.1.demands.rapid', estimate('speed', '9 m/min')),
    put('brief.accuracy', null),
  ]);
  it('differences are told by place, and none where nothing of the plan changed', () => {
    expect(planDifferences(kayak, changed).map((d) => d.at)).toEqual([
      'brief.accuracy',
      'axes[gantry].demands.rapid',
    ]);
    expect(planDifferences(kayak, { ...kayak, brief: structuredClone(kayak.brief) })).toEqual([]);
  });
  it('a figure that a builder of code has rounded is the same figure', () => {
    const { si } = getAt(kayak, 'axes.0.guide.spacing') as { si: number };
    const rounded = applyEdits(kayak, [{ path: 'axes.0.guide.spacing.si', value: si * (1 + 2e-16) }]);
    expect(planDifferences(kayak, rounded)).toEqual([]);
    const other = applyEdits(kayak, [{ path: 'axes.0.guide.spacing.si', value: si * (1 + 1e-9) }]);
    expect(planDifferences(kayak, other)).toHaveLength(1);
  });
  it('the way back makes the plan as it was; what was built, read and written since stays', () => {
    const later = { ...kept(kayak), ...planOf(changed), note: 'newer', rounds: kayak.rounds.slice(1) };
    const back = applyEdits(later, returnEdits(planIn(later.revisions.at(-1)!)!));
    expect(planDifferences(kayak, back)).toEqual([]);
    expect(back).toMatchObject({ note: 'newer', rounds: later.rounds, revisions: later.revisions });
  });
});

describe('the next version of a machine', () => {
  const next = (...carry: Carried[]) =>
    nextVersion(kayak, kayak, { ...stamp, id: 'two', name: 'Tern Creek 2', carry: new Set(carry) });
  it('has the plan, and nothing that was built, read or written', () => {
    const two = next();
    expect(planOf(two)).toEqual(planOf(kayak));
    expect(two).toMatchObject({
      id: 'two',
      name: 'Tern Creek 2',
      rounds: [],
      trials: [],
      steps: [],
      log: [],
    });
    expect(two.partLines).toEqual([]);
    expect(projectIssues(two)).toEqual([]);
  });
  it('takes along what is asked: parts that lie here, the shop, lessons', () => {
    const two = next(...carryable);
    expect(two.sellers).toEqual(kayak.sellers);
    expect(two.bars).toEqual(kayak.bars);
    expect(two.log.map((e) => e.kind)).toEqual(['regret', 'lesson']);
    expect(two.partLines.every((l) => l.state === 'on-hand' && l.have > 0)).toBe(true);
    expect(projectIssues(two)).toEqual([]);
    const opened = readProjectFile(writeProjectFile(two));
    expect(opened.ok).toBe(true);
  });
});

describe('the plan with which a day ended', () => {
  const day = (n: number) => ({
    id: `day-${n}`,
    at: `2026-10-${String(n).padStart(2, '0')}T20:00:00.000Z`,
    name: `${n}`,
  });
  const faster = (speed: number) =>
    applyEdits(kayak, [put('axes.0.demands.rapid', estimate('speed', `${20 + speed} m/min`))]);
  it('is kept by itself, once, and reads as it was', () => {
    const once = applyEdits(kayak, dayRevision(kayak, day(1), 200));
    expect(once.revisions.at(-1)).toMatchObject({ id: 'day-1', by: 'day' });
    expect(planIn(once.revisions.at(-1)!)).toEqual(planOf(kayak));
    expect(dayRevision(once, day(2), 200)).toEqual([]);
    expect(projectIssues(once)).toEqual([]);
  });
  it('makes room among its own, never among those that were kept by hand', () => {
    let machine = kept(kayak);
    for (let n = 1; n <= MOST_DAYS + 3; n++)
      machine = applyEdits(machine, dayRevision({ ...faster(n), revisions: machine.revisions }, day(n), 200));
    const days = machine.revisions.filter((r) => r.by === 'day');
    expect(days).toHaveLength(MOST_DAYS);
    expect(days[0]!.id).toBe('day-4');
    expect(machine.revisions.filter((r) => r.by !== 'day')).toHaveLength(kayak.revisions.length + 1);
    expect(dayRevision(machine, day(50), machine.revisions.length - 1)).toEqual([]);
  });
  it('is not kept where it breaks a rule: nobody could read it again', () => {
    const [axis, ...rest] = kayak.axes;
    const broken = { ...kayak, axes: [{ ...axis!, carriedBy: 'nobody' }, ...rest] } as Project;
    expect(projectIssues(broken).length).toBeGreaterThan(0);
    expect(dayRevision(broken, day(1), 200)).toEqual([]);
  });
  it('is of what belongs to the plan alone', () => {
    expect(changesPlan(kayak, { ...kayak, note: 'other' } as Project)).toBe(false);
    expect(changesPlan(kayak, structuredClone(kayak))).toBe(false);
    expect(changesPlan(kayak, faster(3))).toBe(true);
  });
});
