import { type Finding, lazily } from '@/core/checks';
import type { Verdict } from '@/core/findings';
import { bodies } from '@/core/loads';
import type { Project } from '@/core/model';
import { type Line, recordingWorksheet } from '@/core/worksheet';
import type { AxisReport, ReportOptions } from '../axis';
import {
  cutLoad,
  type CutLoad,
  cutLoads,
  type CutMemory,
  type MassReport,
  massReport,
  spindleBelt,
} from '../demand';
import type { ErrorBudget } from '../errors';
import {
  driveStiffnessOf,
  type FlexReport,
  flexReport,
  frameInputs,
  type FrameTrial,
  frameTrials,
  summaryOf,
} from '../frame';
import { loadedReports } from '../loaded';
import {
  type AnyFinding,
  type Caution,
  cautionsOf,
  contextOf,
  type CostReport,
  gathered,
  type Known,
  type MachineCode,
  type MachineContext,
  machineFindings,
  machineOutcomes,
  nextStep,
  type NextStep,
  noNumberOfWhole,
  oursOfMachine,
  verdictOfWhole,
} from '../whole';

/** The answer for a whole machine. Plain data, SI units. */
export interface MachineReport {
  readonly id: string;
  readonly name: string;
  /** Not known while `noNumber`, here or of an axis, names anything. */
  readonly verdict: Verdict;
  /** Numbers of ours on which any answer rests, as paths from the root. */
  readonly ours: readonly string[];
  /** Checks of the whole that came to no number, by their code: a fault of ours. */
  readonly noNumber: readonly string[];
  readonly axes: readonly AxisReport[];
  /** What the machine as a whole found; paths lead from its root. */
  readonly findings: readonly Finding<MachineCode>[];
  readonly masses: MassReport;
  readonly cuts: readonly CutLoad[];
  readonly cost: CostReport;
  readonly errors: readonly ErrorBudget[];
  /** Null where it was not asked for, or where no structure is given. */
  readonly flex: FlexReport | null;
  readonly cautions: readonly Caution[];
  readonly next: NextStep;
}

/** Findings of all axes and of the whole, the worst first. */
export const allFindings = ({ axes, findings }: Pick<MachineReport, 'axes' | 'findings'>): AnyFinding[] =>
  gathered([...axes.map((a) => a.findings), findings]);

/** A machine's report out of what is known of it. @param flex the frame, where it was solved. */
export function reportOf(
  context: MachineContext,
  flex: FlexReport | null,
  withRemedies = true,
): MachineReport {
  const { project, reports: axes, masses, cuts, cost, errors } = context;
  const outcomes = machineOutcomes(context);
  const findings = machineFindings(context, outcomes, withRemedies);
  const noNumber = noNumberOfWhole(outcomes);
  const ours = lazily(() => oursOfMachine(context));
  const sound = noNumber.length === 0 && axes.every((r) => r.noNumber.length === 0);
  return {
    id: project.id,
    name: project.name,
    verdict: sound
      ? verdictOfWhole(
          outcomes,
          axes.map((r) => r.verdict),
        )
      : 'not-known',
    get ours() {
      return ours();
    },
    noNumber,
    axes,
    findings,
    masses,
    cuts,
    cost,
    errors,
    flex,
    cautions: cautionsOf(context),
    next: nextStep(context, allFindings({ axes, findings })),
  };
}

export interface MachineOptions extends ReportOptions {
  /** Solve the frame as well: some tens of milliseconds; its figures alone are had in half of that. */
  readonly flex?: boolean | 'figures';
  /** Loads of cuts that the caller keeps from one report to the next. */
  readonly memory?: CutMemory;
}

/** The steps of the street before the frame: cuts and masses, and the axes as the machine loads them. */
function knownOf(project: Project, options: ReportOptions, memory: CutMemory): Known {
  const cuts = cutLoads(project.brief, memory);
  const masses = massReport(project);
  return { cuts, masses, loaded: loadedReports(project, cuts, masses, options) };
}

/** Whether changes to the frame are worth solving: something of it is found wanting. */
const frameWanting = (context: MachineContext) =>
  machineOutcomes(context).some(
    (c) =>
      (c.code === 'accuracy' || c.code === 'sag-spread') &&
      (c.verdict === 'thin' || c.verdict === 'gives-out'),
  );

/**
 * The report of a whole machine: every axis as the machine loads it, and what only shows when they stand
 * together.
 */
export function machineReport(
  project: Project,
  { flex: wanted = false, memory = new WeakMap(), ...options }: MachineOptions = {},
): MachineReport {
  const withRemedies = options.remedies !== false;
  const known = knownOf(project, options, memory);
  const reports = known.loaded.map((l) => l.report);
  const drives = driveStiffnessOf(project.axes, reports);
  const solved = wanted
    ? flexReport(frameInputs(project, drives, known.masses), wanted !== 'figures')
    : undefined;
  const flex = solved?.ok ? solved.report : null;
  const frame = flex && summaryOf(flex);
  const context = contextOf(project, known, { frame }, memory);
  if (!frame || !withRemedies || !frameWanting(context)) return reportOf(context, flex, withRemedies);
  // A dozen frames more, only where something of the frame is found wanting.
  const trials: FrameTrial[] = frameTrials(project, drives);
  return reportOf({ ...context, trials }, flex);
}

/** The working of cuts and of masses out of shapes. */
export function briefWorking({ brief, axes, stand }: Project): readonly Line[] {
  const sheet = recordingWorksheet();
  for (const cut of brief.cuts) cutLoad(cut, brief.spindle, sheet);
  spindleBelt(brief, sheet);
  for (const body of [...axes.flatMap((a) => a.loads.masses), ...stand])
    bodies.massOf(body, `mass.${body.id}`, sheet);
  return sheet.lines;
}
