'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { listOf, type ListLine, type Need, needsOf } from '@/core/build';
import type { Project } from '@/core/model';
import { type BuildAnswer, useJob } from '@/workers';
import { useMachine } from './machine-context';
import { todayIso } from './today';
import { usePainted } from './reports-context';

/** Changes that follow each other closely are planned once, ms. */
const PAUSE = 60;

/** A number that changes when a value becomes another one. */
export function useStamp(value: unknown): number {
  const [kept, setKept] = useState({ value, stamp: 1 });
  if (kept.value === value) return kept.stamp;
  const next = { value, stamp: kept.stamp + 1 };
  setKept(next);
  return next.stamp;
}

/** What the list, its money and the cuts depend on: a keystroke in a note plans nothing anew. */
function useBuildInput(project: Project, needs: readonly Need[], today: string) {
  const { partLines, quotes, sellers, buying, bars, saws, ownPieces, begunBars, remnants, brief } = project;
  return useMemo(
    () => ({ project, needs, today }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [
      needs,
      today,
      partLines,
      quotes,
      sellers,
      buying,
      bars,
      saws,
      ownPieces,
      begunBars,
      remnants,
      brief.budget,
    ],
  );
}

export interface BuildState {
  readonly today: string;
  readonly needs: readonly Need[];
  readonly lines: readonly ListLine[];
  /** Cuts, money and findings; null before the first answer. */
  readonly answer: BuildAnswer | null;
  /** Whether the answer is of an older state. */
  readonly busy: boolean;
  readonly failed: string | null;
}

const NO_PLANS: BuildAnswer['plans'] = [];

/** How the open machine is got and sawn: the list on the page, cuts and money beside it. */
export function useBuild(): BuildState {
  // What was typed is taken at once; list and money follow in pieces, so that no key is kept waiting.
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const [today] = useState(() => todayIso());
  const { reports } = usePainted();
  const { axes, structure, stand, ownParts, cabling, brief } = project;
  const needs = useMemo(
    () => (reports.length === axes.length ? needsOf({ project, reports }) : []),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it reads of the machine
    [reports, axes, structure, stand, ownParts, cabling, brief.arrangement],
  );
  const input = useBuildInput(project, needs, today);
  const key = String(useStamp(input));
  const { output, busy, failed } = useJob('build', { input, key, pause: PAUSE, lane: 'build' });
  const plans = output?.plans ?? NO_PLANS;
  const lines = useMemo(
    () => listOf(project, needs, plans),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it reads of the machine
    [project.partLines, project.quotes, project.bars, project.begunBars, needs, plans],
  );
  return { today, needs, lines, answer: output, busy: busy || project !== newest, failed };
}
