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
  keptRevision,
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
