import type { Verdict } from '@/core/findings';
import { bodies } from '@/core/loads';
import type { Project } from '@/core/model';
import { type Line, recordingWorksheet } from '@/core/worksheet';
import type { ErrorBudget } from '../flex/errors';
import { type Improvement, improvements } from '../flex/improve';
import { type FlexReport, flexReport } from '../flex/report';
import { axisReport, type AxisReport, type ReportOptions } from '../report';
import { type Caution, cautionsOf } from './cautions';
import { contextOf } from './checks';
import type { CostReport } from './cost';
import { type CutLoad, cutLoad } from './cuts';
import { effectiveAxes } from './effective';
import { type MachineFinding, machineFindings, machineVerdict } from './findings';
import type { MassReport } from './masses';
import { nextStep, type NextStep } from './next-step';

/** The answer for a whole machine. Plain data, SI units. */
export interface MachineReport {
  readonly id: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly axes: readonly AxisReport[];
  /** What the machine as a whole found; paths lead from its root. */
  readonly findings: readonly MachineFinding[];
  readonly masses: MassReport;
  readonly cuts: readonly CutLoad[];
  readonly cost: CostReport;
  readonly errors: readonly ErrorBudget[];
  /** Null where it was not asked for, or where no structure is given. */
  readonly flex: FlexReport | null;
  readonly cautions: readonly Caution[];
  readonly next: NextStep;
}

/**
 * A machine's report out of the reports of its axes, which the caller may have kept. @param changes to the
 * frame that were solved: remedies of what gives too much.
 */
export function assemble(
  project: Project,
  axes: readonly AxisReport[],
  flex: FlexReport | null,
  remedies = true,
  changes: readonly Improvement[] = [],
): MachineReport {
  const context = contextOf(project, axes, flex);
  const findings = machineFindings(context, changes, remedies);
  const { cuts, masses, cost, errors } = context;
  return {
    id: project.id,
    name: project.name,
    verdict: machineVerdict(axes, findings),
    axes,
    findings,
    masses,
    cuts,
    cost,
    errors,
    flex,
    cautions: cautionsOf(project, axes),
    next: nextStep(project, axes, findings),
  };
}

export interface MachineOptions extends ReportOptions {
  /** Solve the frame as well: some tens of milliseconds. */
  readonly flex?: boolean;
}

/**
 * The report of a whole machine: every axis as the machine loads it, and what only shows when they stand
 * together.
 */
export function machineReport(
  project: Project,
  { flex: wanted, ...options }: MachineOptions = {},
): MachineReport {
  const axes = effectiveAxes(project).map((axis) => axisReport(axis, options));
  const flex = wanted ? flexReport(project, axes) : undefined;
  const solved = flex?.ok ? flex.report : null;
  const report = assemble(project, axes, solved, options.remedies !== false);
  // A dozen frames more, only where something of the frame is found wanting.
  if (
    !solved ||
    options.remedies === false ||
    !report.findings.some(
      (f) => (f.code === 'accuracy' || f.code === 'sag-spread') && f.verdict !== 'not-known',
    )
  )
    return report;
  return assemble(project, axes, solved, true, improvements(project, axes, 'z'));
}

/** The working of cuts and of masses out of shapes. */
export function briefWorking({ brief, axes, stand }: Project): readonly Line[] {
  const sheet = recordingWorksheet();
  for (const cut of brief.cuts) cutLoad(cut, brief.spindle, sheet);
  for (const body of [...axes.flatMap((a) => a.loads.masses), ...stand])
    bodies.massOf(body, `mass.${body.id}`, sheet);
  return sheet.lines;
}
