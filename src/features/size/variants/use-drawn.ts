'use client';

import { useEffect, useState } from 'react';
import type { Plan } from '@/core/changes';
import { type FigureDraws } from '@/core/doubt';
import { type DrawnPair, variantProject } from '@/core/variants';
import type { Project } from '@/core/model';
import { useMachine } from '@/features/frame';
import { type JobPool, useJobPool } from '@/workers';
import { doubtStages, frameStage } from '../doubt-stages';

/** How often each side is drawn: the spread of a difference is then known to some five per cent of itself. */
export const PAIR_DRAWS = 200;
/** Both sides by the same one: what they have in common takes the same numbers in both. */
const SEED = 1;
const WEIGHTS = { frame: 0.8, figures: 0.2 } as const;
const SHARES = 2;

interface Asked {
  readonly project: Project;
  readonly lane: string;
  readonly onDone: (share: number) => void;
}

function drawnFigures(pool: JobPool, { project, lane, onDone }: Asked) {
  const asked = { project, seed: SEED, draws: PAIR_DRAWS };
  const { stage, cancel } = doubtStages(pool, asked, { lane, weights: WEIGHTS, onDone });
  const all = async (): Promise<FigureDraws> => {
    const response = await frameStage(stage, SHARES);
    const [figures] = await stage('figures', [
      { part: 'figures', response, range: { from: 0, to: PAIR_DRAWS } },
    ]);
    return figures!.draws;
  };
  return { result: all(), cancel };
}

/** Draws of two sides; the last stays away until both are there. */
export interface PairState {
  readonly pair: DrawnPair | null;
  /** How far the work is, 0 to 1; null: none is under way. */
  readonly done: number | null;
  readonly failed: string | null;
}

const NONE: PairState = { pair: null, done: null, failed: null };

/** Draws both sides beside the page, so that what tells them apart is said in units of its own doubt. */
export function useDrawn(before: Plan | null, after: Plan | null): PairState {
  const { project } = useMachine();
  const pool = useJobPool();
  // A side that was drawn is not drawn again, whatever it is held against next.
  const [known] = useState(() => new WeakMap<Plan, FigureDraws>());
  const [asked, setAsked] = useState({ before, after, project });
  if (asked.before !== before || asked.after !== after) setAsked({ before, after, project });
  const [told, setTold] = useState<{ readonly of: typeof asked; readonly state: PairState } | null>(null);
  useEffect(() => {
    if (!asked.before || !asked.after) return undefined;
    let live = true;
    const shares = [0, 0];
    const tell = (state: PairState) => live && setTold({ of: asked, state });
    const jobs: { readonly cancel: () => void }[] = [];
    const drawnOf = async (plan: Plan, side: 0 | 1): Promise<FigureDraws> => {
      const there = known.get(plan);
      if (there) return there;
      const { result, cancel } = drawnFigures(pool, {
        project: variantProject(asked.project, plan),
        lane: `variant ${side}`,
        onDone(share) {
          shares[side] = share;
          tell({ ...NONE, done: (shares[0]! + shares[1]!) / 2 });
        },
      });
      jobs.push({ cancel });
      const draws = await result;
      known.set(plan, draws);
      return draws;
    };
    Promise.all([drawnOf(asked.before, 0), drawnOf(asked.after, 1)]).then(
      ([was, is]) => tell({ ...NONE, pair: { before: was, after: is } }),
      (cause: unknown) => {
        const message = cause instanceof Error ? cause.message : String(cause);
        if (message) tell({ ...NONE, failed: message });
      },
    );
    return () => {
      live = false;
      for (const job of jobs) job.cancel();
    };
  }, [asked, pool, known]);
  if (!before || !after) return NONE;
  return told?.of === asked ? told.state : { ...NONE, done: 0 };
}
