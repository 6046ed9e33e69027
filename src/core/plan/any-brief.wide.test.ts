import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import {
  applyEdits,
  estimate,
  frameKinds,
  type Job,
  jobs,
  projectIssues,
  put,
  startingProject,
} from '@/core/model';
import { planNames } from '@/words';
import { type Chance, chance, SEED, WIDE } from '@test/helpers/chance';
import { jobProfiles, type PlanAnswer, planPart } from '.';

/** Between a third and twice of what is usual for a job; chance of 0.3 that nobody says it. */
function briefOf({ next, pick }: Chance): Parameters<typeof applyEdits>[1] {
  const job: Job = pick(jobs);
  const { area, accuracy } = jobProfiles[job];
  const length = (path: string, usual: number) =>
    next() < 0.3
      ? []
      : [put(`brief.${path}`, estimate('length', `${(usual * 1e3 * (0.34 + 1.66 * next())).toFixed(2)} mm`))];
  return [
    put('brief.wishes.job', job),
    put('brief.wishes.frame', next() < 0.5 ? pick(frameKinds) : 'steel'),
    ...length('area.length', area[0]),
    ...length('area.width', area[1]),
    ...length('area.height', area[2]),
    ...length('accuracy', accuracy),
  ];
}

/** The cheapest plans of a brief, or where each attempt gave out. */
function first(edits: Parameters<typeof applyEdits>[1]): PlanAnswer {
  const project = applyEdits(startingProject('plan', '2026-11-28T00:00:00.000Z'), edits);
  const steps = planPart({ project, names: planNames }, { part: 'first' });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

describe('any brief', () => {
  it('ends in machines that hold by the full report, or says of every attempt what gave out', () => {
    const drawn = chance(SEED);
    for (let i = 0; i < 8 * WIDE; i++) {
      const edits = briefOf(drawn);
      const told = JSON.stringify(edits.map((e) => [e.path, e.value]));
      const { plans, failed } = first(edits);
      expect(plans.length + failed.length, told).toBeGreaterThan(0);
      for (const { why } of failed) expect(why, told).not.toBe('rounds');
      for (const { project, figures } of plans) {
        expect(projectIssues(project), told).toEqual([]);
        const report = machineReport(project, { flex: true, remedies: false });
        const all = [...report.axes.flatMap((a) => a.findings), ...report.findings];
        expect(
          all.filter((f) => f.verdict === 'gives-out').map((f) => f.code),
          told,
        ).toEqual([]);
        expect(figures.money.total, told).toBeGreaterThan(0);
      }
    }
  });
});
