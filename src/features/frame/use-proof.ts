'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import {
  groundsOf,
  type HeldRow,
  type ProveFinding,
  proveFindings,
  type RoundMemory,
  type TrialMemory,
  trialPlans,
  type Trials,
  trialsOf,
  type Truing,
  truingOf,
} from '@/core/prove';
import { useJob } from '@/workers';
import { useMachine } from './machine-context';
import { useStamp } from './use-build';

/** Changes that follow each other closely are looked at once, ms. */
const PAUSE = 200;

/** How far the open machine is trued up; a keystroke in one round works out no other. */
export function useTruing(): Truing {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const [memory] = useState<RoundMemory>(() => new WeakMap());
  const { axes, structure, brief, sheets, rounds, happenings } = project;
  return useMemo(
    () => truingOf(project, memory),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [memory, axes, structure, brief, sheets, rounds, happenings],
  );
}

/** First motion and proof of the open machine as they stand. */
export function useTrials(): Trials {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const [memory] = useState<TrialMemory>(() => new WeakMap());
  const { axes, structure, brief, sheets, trials, happenings } = project;
  const planned = useMemo(() => {
    const grounds = groundsOf(project);
    return { grounds, plans: trialPlans(project, grounds) };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what limits, speeds and places follow from
  }, [axes, structure, brief]);
  return useMemo(
    () => trialsOf(project, memory, planned.grounds, planned.plans),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [memory, planned, sheets, trials, happenings],
  );
}

export interface HeldState {
  /** Null before the first answer. */
  readonly rows: readonly HeldRow[] | null;
  readonly busy: boolean;
  readonly failed: string | null;
}

/** Whether anything of the plan was measured. */
const measured = ({ trials }: Trials) => trials.some((t) => t.last?.result.figures.some((f) => f.checks));

/**
 * The plan’s answers beside what was measured, worked out beside the page.
 * @param wanted whether all answers are asked for; else only where one was measured.
 */
export function useHeld(trials: Trials, wanted: boolean): HeldState {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const { axes, structure, brief } = project;
  const input = useMemo(
    () => ({ project }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is foretold, and what was measured of it
    [axes, structure, brief, project.trials, project.happenings, project.sheets],
  );
  const stamp = String(useStamp(input));
  const key = wanted || measured(trials) ? stamp : null;
  const { output, busy, failed } = useJob('held', { input, key, pause: PAUSE, lane: 'held' });
  return { rows: output, busy: busy || project !== newest, failed };
}

const NONE: readonly HeldRow[] = [];

/** What is found of truing, first motion and proof. */
export function useProveFindings(truing: Truing, trials: Trials, held: HeldState): readonly ProveFinding[] {
  const rows = held.rows ?? NONE;
  return useMemo(() => proveFindings({ truing, trials, held: rows }), [truing, trials, rows]);
}
