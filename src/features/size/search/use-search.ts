'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type FoundLine, joinedAnswers, type SearchAnswer, type SearchLimits, sharesOf } from '@/core/choose';
import type { Axis, OwnPart } from '@/core/model';
import { type JobResult, useJobPool } from '@/workers';

export type SearchState =
  | { readonly kind: 'idle' }
  | {
      readonly kind: 'busy';
      /** Shares that are done, of so many. */
      readonly done: number;
      readonly of: number;
      /** Drives that were seen so far, and the cheapest line that was found to hold. */
      readonly drives: number;
      readonly best: FoundLine | null;
    }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed'; readonly message: string }
  | {
      readonly kind: 'done';
      readonly answer: SearchAnswer;
      /** The axis as it was when it was looked for. */
      readonly of: Axis;
    };

const cheaper = (a: FoundLine | null, b: FoundLine | null) =>
  a && b ? (b.money < a.money ? b : a) : (a ?? b);

/** A search over all workers that there are, a share for each kind of drive; it can be stopped. */
export function useSearch() {
  const pool = useJobPool();
  const [state, setState] = useState<SearchState>({ kind: 'idle' });
  const stopAll = useRef<() => void>(() => undefined);
  useEffect(() => () => stopAll.current(), []);
  const start = useCallback(
    (axis: Axis, own: readonly OwnPart[], limits: SearchLimits) => {
      stopAll.current();
      let live = true;
      const shares = sharesOf(limits);
      const drives = shares.map(() => 0);
      let done = 0;
      let best: FoundLine | null = null;
      const tell = () =>
        live &&
        setState({
          kind: 'busy',
          done,
          of: shares.length,
          drives: drives.reduce((sum, n) => sum + n, 0),
          best,
        });
      const jobs = shares.map((share, i) =>
        pool.run(
          'search',
          { axis, own, limits: share },
          {
            lane: `search ${i}`,
            onStep(step) {
              if (step.stage === 'drives') drives[i] = step.done;
              best = cheaper(best, step.best);
              tell();
            },
          },
        ),
      );
      stopAll.current = () => {
        live = false;
        for (const job of jobs) job.cancel();
      };
      tell();
      const ended = jobs.map(({ result }) =>
        result.then((r) => {
          done += 1;
          tell();
          return r;
        }),
      );
      void Promise.all(ended).then((results) => live && setState(resultOf(results, axis)));
    },
    [pool],
  );
  const stop = useCallback(() => {
    stopAll.current();
    setState({ kind: 'stopped' });
  }, []);
  return { state, start, stop };
}

function resultOf(results: readonly JobResult<'search'>[], of: Axis): SearchState {
  const answers: SearchAnswer[] = [];
  for (const result of results) {
    if (result.ok) answers.push(result.output);
    else
      return result.reason === 'failed' ? { kind: 'failed', message: result.message } : { kind: 'stopped' };
  }
  return { kind: 'done', answer: joinedAnswers(answers), of };
}
