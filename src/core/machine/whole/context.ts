import { type Axis, type Edit, change, type Project } from '@/core/model';
import { type CutLoad, cutLoads, type CutMemory, type MassReport, massReport, weighAlike } from '../demand';
import { type AxisReport, metByPlates } from '../axis';
import { type AxisErrors, type ErrorBudget, errorBudgets } from '../errors';
import type { FrameSummary, FrameTrial } from '../frame';
import { type KeptReport, type LoadedReport, loadedReports } from '../loaded';
import { type CostReport, costReport } from './cost';

/**
 * All that is known of a machine before anything is judged: each step of the street from what is typed to
 * what is said, worked out once and handed on.
 */
export interface MachineContext {
  readonly project: Project;
  readonly cuts: readonly CutLoad[];
  readonly masses: MassReport;
  readonly loaded: readonly LoadedReport[];
  /** Reports of the axes, in their order. */
  readonly reports: readonly AxisReport[];
  /** Null where it was not asked for, or where no structure is given. */
  readonly frame: FrameSummary | null;
  readonly errors: readonly ErrorBudget[];
  readonly cost: CostReport;
  /** Changes to the frame that were solved; none where nobody asked. */
  readonly trials: readonly FrameTrial[];
  /** Loads of cuts by the cut, for the changes that will be tried. */
  readonly memory: CutMemory;
}

/** What the checks of the whole read of a machine; of its axes a part of their reports. */
export type JudgedMachine = Pick<MachineContext, 'project' | 'cuts' | 'masses' | 'frame' | 'errors'> & {
  readonly reports: readonly (AxisErrors & Pick<AxisReport, 'feed'>)[];
};

/** The steps before the frame, as far as the caller has them. */
export type Known = Pick<MachineContext, 'cuts' | 'masses' | 'loaded'>;

export interface FrameKnown {
  readonly frame: FrameSummary | null;
  readonly trials?: readonly FrameTrial[];
}

/** A machine put together out of steps that are at hand. */
export function contextOf(
  project: Project,
  { cuts, masses, loaded }: Known,
  { frame, trials = [] }: FrameKnown,
  memory: CutMemory = new WeakMap(),
): MachineContext {
  const reports = loaded.map((l) => l.report);
  const errors = errorBudgets(project, reports, cuts, frame);
  const cost = costReport(project, reports);
  return { project, cuts, masses, loaded, reports, frame, errors, cost, trials, memory };
}

/** The frame with a change that was solved: stiffer by its gain at the softest place of each direction. */
function withTrial(frame: FrameSummary, { gain, sag }: FrameTrial): FrameSummary {
  const soft = (way: 'x' | 'y' | 'z') => {
    const { compliance, drive } = frame.soft[way];
    const after = compliance / gain[way];
    return { compliance: after, drive: Math.min(drive, after) };
  };
  return {
    ...frame,
    sag: { ...frame.sag, spread: sag },
    soft: { x: soft('x'), y: soft('y'), z: soft('z') },
  };
}

/**
 * A machine with edits made; undefined where the gate refuses them. What the edits do not touch is taken
 * over. The frame is not solved here: a change to it counts as far as it is one of the trials.
 */
export function changedContext(before: MachineContext, edits: readonly Edit[]): MachineContext | undefined {
  const made = change(before.project, edits);
  if (!made.ok) return undefined;
  const { project } = made;
  const cuts = cutLoads(project.brief, before.memory);
  const masses = weighAlike(project, before.project) ? before.masses : massReport(project);
  const { axes } = before.project;
  const kept = (axis: Axis, index: number) =>
    ({ ...before.loaded[index]!, index, others: metByPlates(axis, axes) }) satisfies KeptReport;
  const was = new Map(axes.map((axis, index) => [axis, kept(axis, index)]));
  const loaded = loadedReports(project, cuts, masses, { remedies: false }, was);
  const trial = before.trials.find((t) => t.edits === edits);
  const frame = before.frame && trial ? withTrial(before.frame, trial) : before.frame;
  return contextOf(project, { cuts, masses, loaded }, { frame, trials: before.trials }, before.memory);
}
