'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Project } from '@/core/model';
import { joinedPlans, partsAfter, type PlanAnswer, type PlanPart, type PlanStep } from '@/core/plan';
import { planNames } from '@/words';
import { type JobResult, useJobPool } from '@/workers';

/** What a plan is made from: while these are the same objects, its answer is that of the answers. */
export type Asked = Pick<Project, 'brief' | 'ownParts' | 'units'>;

export type PlansState =
  | { readonly kind: 'idle' }
  | {
      readonly kind: 'busy';
      /** Parts that are done, of so many as are known. */
      readonly done: number;
      readonly of: number;
      readonly step: PlanStep | null;
      /** What was found so far. */
      readonly answer: PlanAnswer | null;
    }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed'; readonly message: string }
  | { readonly kind: 'done'; readonly answer: PlanAnswer; readonly seconds: number; readonly of: Asked };

/** Parts that there are at least: the first, and two that follow it beside one another. */
const FEWEST = 3;

/** A part that did not come to its end: with what failed, or without a word where it was stopped. */
class Ended extends Error {}

/** The answer of a job; one that was stopped or failed ends all. */
function outputOf(result: JobResult<'plan'>): PlanAnswer {
  if (result.ok) return result.output;
  throw new Ended(result.reason === 'failed' ? result.message : '');
}

/** Plans worked out beside the page, the cheapest first and the others beside one another; can be stopped. */
export function usePlans() {
  const pool = useJobPool();
  const [state, setState] = useState<PlansState>({ kind: 'idle' });
  const stopAll = useRef<() => void>(() => undefined);
  useEffect(() => () => stopAll.current(), []);
  const start = useCallback(
    (project: Project) => {
      stopAll.current();
      let live = true;
      let [done, of, answer]: [number, number, PlanAnswer | null] = [0, FEWEST, null];
      const begun = performance.now();
      const asked = { project: { ...project, revisions: [], log: [] }, names: planNames };
      const jobs: { readonly cancel: () => void }[] = [];
      // Drawings of a plan are dear: they come in pieces between which the page answers.
      const show = (next: PlansState) => live && startTransition(() => setState(next));
      const tell = (step: PlanStep | null) => show({ kind: 'busy', done, of, step, answer });
      const run = async (work: PlanPart): Promise<PlanAnswer> => {
        const job = pool.run('plan', { asked, work }, { lane: `plan ${work.part}`, onStep: tell });
        jobs.push(job);
        const output = outputOf(await job.result);
        done += 1;
        return output;
      };
      stopAll.current = () => {
        live = false;
        for (const job of jobs) job.cancel();
      };
      const all = async () => {
        const first = await run({ part: 'first' });
        answer = joinedPlans(first, []);
        const rest = partsAfter(first, project.brief.budget);
        of = 1 + rest.length;
        tell(null);
        const more = await Promise.all(rest.map(run));
        return joinedPlans(first, more);
      };
      tell(null);
      void all().then(
        (found) =>
          show({ kind: 'done', answer: found, seconds: (performance.now() - begun) / 1e3, of: project }),
        (cause: unknown) => {
          const message = cause instanceof Error ? cause.message : String(cause);
          show(message ? { kind: 'failed', message } : { kind: 'stopped' });
        },
      );
    },
    [pool],
  );
  const stop = useCallback(() => {
    stopAll.current();
    setState({ kind: 'stopped' });
  }, []);
  return { state, start, stop };
}
