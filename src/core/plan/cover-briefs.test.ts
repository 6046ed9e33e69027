import {
  beginMachine,
  driveWeighs,
  followBrief,
  machineReport,
  massReport,
  motorsWeigh,
  railsWeigh,
} from '@/core/machine';
import {
  applyEdits,
  arrangedAxes,
  estimate,
  type Job,
  type Project,
  projectIssues,
  put,
  startingProject,
} from '@/core/model';

import { newNames, planNames } from '@/words';
import { describe, expect, it } from 'vitest';
import { type Plan, type PlanAnswer, plansFor } from '.';

const length = (path: string, typed: string) => put(`brief.${path}`, estimate('length', typed));
const area = (long: string, wide: string, high: string) => [
  length('area.length', long),
  length('area.width', wide),
  length('area.height', high),
];

/** A brief of our own: what somebody would say, and nothing more. */
export const briefs: Readonly<Record<string, { job: Job; edits: ReturnType<typeof area> }>> = {
  'pen plotter for posters': { job: 'pen', edits: area('700 mm', '500 mm', '20 mm') },
  'knife for sails': { job: 'knife', edits: area('3 m', '1.5 m', '30 mm') },
  'foam for model hulls': { job: 'foam', edits: area('1200 mm', '600 mm', '250 mm') },
  'plasma for gates': { job: 'plasma', edits: area('1500 mm', '1250 mm', '60 mm') },
  'plasma for a smithy': { job: 'plasma', edits: area('3 m', '1.5 m', '100 mm') },
  'signs of plywood on a bench': { job: 'board', edits: area('600 mm', '400 mm', '60 mm') },
  'kitchen fronts, a whole sheet': { job: 'board', edits: area('2500 mm', '1250 mm', '100 mm') },
  'plank planer for a boat builder': { job: 'slab', edits: area('4 m', '500 mm', '150 mm') },
  'acrylic letters': { job: 'plastic', edits: area('600 mm', '400 mm', '50 mm') },
  'aluminium plates for instruments': { job: 'aluminium', edits: area('400 mm', '300 mm', '80 mm') },
};

export function answered({ job, edits }: { job: Job; edits: ReturnType<typeof area> }): PlanAnswer {
  const begun = startingProject('plan', '2026-11-28T00:00:00.000Z');
  const project = applyEdits(begun, [put('brief.wishes.job', job), ...edits]);
  const steps = plansFor({ project, names: planNames });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** What the bodies of an axis weigh by their ids. */
const weight = (project: Project, role: string, id: string) =>
  project.axes.find((a) => a.role === role)?.loads.masses.find((b) => b.id === id)?.mass.si;

/** What a practitioner would laugh at, told by the parts alone: it knows nothing of how they were picked. */
function laughable({ project }: Plan, job: Job): string[] {
  const mill = !['plasma', 'foam', 'knife', 'pen'].includes(job);
  const found: string[] = [];
  for (const { role, parts, drive, demands, motor, reducer, driver } of project.axes) {
    const ids = Object.values(parts);
    const has = (pattern: RegExp) => ids.some((id) => pattern.test(id));
    if (role === 'plunge' && drive.kind !== 'screw') found.push('a plunge axis on a line');
    if (has(/^vee-/)) found.push('a threaded rod');
    if (mill && has(/-17-/)) found.push('a mill on motors of size 17');
    if (mill && drive.kind === 'rack' && drive.module.si < 0.0015) found.push('fine teeth under a mill');
    if (drive.kind === 'screw' && drive.nominalDiameter.si < (mill ? 0.012 : 0.008))
      found.push('a thin screw');
    if (drive.kind === 'screw' && demands.travel.si > 2.1) found.push('a screw of more than two metres');
    if (drive.kind === 'screw' && reducer) found.push('a reducer on a screw');
    if (motor.kind === 'stepper' && driver.setCurrent.si < 0.95 * motor.ratedCurrent.si)
      found.push('a driver that starves its motor');
    if ((job === 'aluminium' || job === 'steel') && drive.kind === 'belt') found.push('metal on a belt');
  }
  return found;
}

describe.each(Object.entries(briefs))('%s', (_, brief) => {
  const { plans, conflict } = answered(brief);
  const each = plans.map((plan) => [plan.kind, plan] as const);
  it('gets two or three plans that differ, the cheapest first', () => {
    expect(conflict).toBeNull();
    expect(plans.length).toBeGreaterThanOrEqual(2);
    expect(plans.length).toBeLessThanOrEqual(3);
    const money = plans.map((p) => p.figures.money.total);
    expect(Math.min(...money)).toBe(money[0]);
  });
  it.each(each)('%s: the whole of it holds by the full report', (_kind, { project }) => {
    expect(projectIssues(project)).toEqual([]);
    const report = machineReport(project, { flex: true, remedies: false });
    const all = [...report.axes.flatMap((a) => a.findings), ...report.findings];
    expect(all.filter((f) => f.verdict === 'gives-out').map((f) => f.code)).toEqual([]);
    expect(['holds', 'thin']).toContain(report.verdict);
    expect(report.flex?.missing).toEqual([]);
    expect(report.cost.unpicked).toEqual([]);
    const { arrangement } = project.brief;
    expect(project.axes.map((a) => a.role)).toEqual(arrangedAxes[arrangement].map((a) => a.role));
    // Every figure is ours until somebody confirms it, and each is as sure as where it came from.
    const text = JSON.stringify([project.axes, project.structure, project.stand]);
    expect(text.match(/"basis":"(?!ours)/g)).toBeNull();
    expect(text).toContain('"halfWidth":0.02');
  });
  it.each(each)('%s: what is carried agrees with what carries it', (_kind, { project }) => {
    const [plunge, gantry] = ['plunge', 'gantry'].map((r) => project.axes.find((a) => a.role === r)!);
    const near = (told: number | undefined, real: number) => {
      if (told === undefined) return;
      expect(Math.abs(told - real)).toBeLessThanOrEqual(0.02 * real + 0.05);
    };
    near(weight(project, 'gantry', 'plunge-drive'), driveWeighs(plunge!) + motorsWeigh(plunge!));
    near(weight(project, 'plunge', 'plunge-rails'), railsWeigh(plunge!.guide, plunge!.guide.railLength!.si));
    near(weight(project, 'bed', 'gantry-rails'), railsWeigh(gantry!.guide, gantry!.guide.railLength!.si));
    const masses = massReport(project);
    const outermost = Math.max(...masses.axes.map((a) => a.total));
    expect(outermost).toBeLessThanOrEqual(masses.moving + 1e-9);
  });
  it.each(each)('%s: nobody would laugh at it', (_kind, plan) => {
    expect(laughable(plan, brief.job)).toEqual([]);
  });
});

describe('a plan that is taken', () => {
  it('stands as it was worked out, over a machine that has just begun and over another plan', () => {
    const begun = beginMachine('m', '2026-11-28T00:00:00.000Z', 'New', newNames.axis);
    const wished = applyEdits(begun, [put('brief.wishes.job', 'aluminium')]);
    const { plans } = answered(briefs['aluminium plates for instruments']!);
    const slices = ['brief', 'axes', 'structure', 'stand', 'passing'] as const;
    let before: Project = wished;
    for (const { project } of plans) {
      const after = applyEdits(
        before,
        slices.map((path) => put(path, project[path] as never)),
      );
      expect(followBrief(before, after, newNames.axis).map((e) => e.path)).toEqual([]);
      before = after;
    }
    // It plans a machine anew; beside other work that alone has taken a minute.
  }, 180_000);
});
