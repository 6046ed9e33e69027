'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import {
  doubtAnswer,
  type DoubtAnswer,
  doubtInputs,
  type DoubtTold,
  FIRST_DRAWS,
  joinedFirst,
  joinedTold,
  openMargins,
  rangesOf,
} from '@/core/doubt';
import type { Project } from '@/core/model';
import { type JobPool, useJobPool } from '@/workers';
import { doubtStages, frameStage } from '../doubt-stages';

/** How often a machine is drawn, and the seed: the same machine gives the same chances every time. */
export const DRAWS = 10_000;
const SEED = 1;

/** What was drawn, and of which machine. */
export interface Doubt {
  readonly answer: DoubtAnswer;
  readonly told: DoubtTold;
  readonly seconds: number;
  readonly of: Project;
}

export interface DoubtState {
  /** The last answer; it stays while a newer one is drawn. */
  readonly doubt: Doubt | null;
  /** How far the work is, 0 to 1; null: none is under way. */
  readonly done: number | null;
  readonly stopped: boolean;
  readonly failed: string | null;
}

/** How much of the work a stage is, as it was measured. */
const WEIGHT = { frame: 0.16, first: 0.08, more: 0.68, told: 0.08 } as const;
/**
 * Parts of one kind beside one another: as many as there are workers. Each of the first draws works out the
 * middle once more; of what comes after it twice as many, so that none waits long for the slowest.
 */
const sharesOf = (workers: number) => {
  const all = Math.max(2, workers);
  return { frame: all, first: Math.min(4, all), more: 2 * all, told: all };
};

/** One drawing of a machine: all parts in their order, the parts of a stage beside one another. */
function drawing(pool: JobPool, project: Project, draws: number, onDone: (share: number) => void) {
  const asked = { project: { ...project, revisions: [], log: [] }, seed: SEED, draws };
  const count = Math.min(FIRST_DRAWS, draws);
  const shares = sharesOf(pool.workers);
  const { stage, cancel } = doubtStages(pool, asked, { lane: 'doubt', weights: WEIGHT, onDone });
  async function all(): Promise<Omit<Doubt, 'seconds'>> {
    const response = await frameStage(stage, shares.frame);
    const firsts = await stage(
      'first',
      rangesOf({ from: 0, to: count }, shares.first).map((range) => ({
        part: 'first' as const,
        response,
        range,
      })),
    );
    const first = joinedFirst(firsts);
    const keys = first.open;
    const rest = keys.length ? rangesOf({ from: count, to: draws }, shares.more) : [];
    const more = await stage(
      'more',
      rest.map((range) => ({ part: 'more' as const, response, keys, range })),
    );
    const margins = openMargins(
      first,
      more.map((m) => m.draws),
    );
    const told = await stage(
      'told',
      Array.from({ length: shares.told }, (_, from) => ({
        part: 'told' as const,
        margins,
        share: { from, every: shares.told },
      })),
    );
    const answer = doubtAnswer(asked, response, first, margins, doubtInputs(project));
    return { answer, told: joinedTold(told.map((t) => t.told)), of: project };
  }
  return { result: all(), cancel };
}

/** Whether two states of a machine are drawn alike: what doubt looks at is the same in both. */
export const drawnAlike = (a: Project, b: Project): boolean =>
  a.axes === b.axes && a.brief === b.brief && a.structure === b.structure && a.stand === b.stand;

/**
 * How sure a machine is, drawn beside the page as soon as it is shown and again when it changes; it can be
 * stopped, and begun anew.
 */
export function useDoubt(project: Project, draws: number) {
  const pool = useJobPool();
  const [state, setState] = useState<DoubtState>({ doubt: null, done: null, stopped: false, failed: null });
  const stopAll = useRef<() => void>(() => undefined);
  const start = useCallback(
    (machine: Project) => {
      stopAll.current();
      let live = true;
      const begun = performance.now();
      const set = (change: Partial<DoubtState>) =>
        live && startTransition(() => setState((s) => ({ ...s, ...change })));
      set({ done: 0, stopped: false, failed: null });
      const { result, cancel } = drawing(pool, machine, draws, (done) => set({ done }));
      stopAll.current = () => {
        live = false;
        cancel();
      };
      void result.then(
        (found) => set({ doubt: { ...found, seconds: (performance.now() - begun) / 1e3 }, done: null }),
        (cause: unknown) => {
          const message = cause instanceof Error ? cause.message : String(cause);
          set({ done: null, failed: message || null, stopped: !message });
        },
      );
    },
    [pool, draws],
  );
  // Drawn anew only when something that it looks at has changed.
  const [machine, setMachine] = useState(project);
  if (!drawnAlike(machine, project)) setMachine(project);
  useEffect(() => {
    start(machine);
    return () => stopAll.current();
  }, [start, machine]);
  const stop = useCallback(() => {
    stopAll.current();
    setState((s) => ({ ...s, done: null, stopped: true }));
  }, []);
  const again = useCallback(() => start(machine), [start, machine]);
  return { state, stop, again };
}
