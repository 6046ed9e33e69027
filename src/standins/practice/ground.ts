import type { PracticeFault, PracticeSaid, Project } from '@/core/model';
import { type Ground, groundsOf, type SheetPlan, type TrialPlan, trialPlans, truingPlan } from '@/core/prove';

/** A fault as it is hidden. */
export interface HiddenFault {
  readonly fault: PracticeFault;
  /** Empty: it belongs to no axis. */
  readonly axis: string;
  /** SI, with its sign. */
  readonly size: number;
  /** Keys of the sheets and trials that show it; the first shows it best. */
  readonly shown: readonly string[];
}

/** What a practice machine is drawn on: its sheets and trials. */
export interface PracticeGround {
  readonly project: Project;
  readonly practice: PracticeSaid;
  readonly sheets: readonly SheetPlan[];
  readonly trials: readonly TrialPlan[];
  readonly grounds: readonly Ground[];
}

/** @returns null where the machine is a real one. */
export function practiceGround(project: Project): PracticeGround | null {
  const { practice } = project;
  if (!practice) return null;
  const grounds = groundsOf(project);
  return {
    project,
    practice,
    grounds,
    sheets: truingPlan(project),
    trials: trialPlans(project, grounds),
  };
}
