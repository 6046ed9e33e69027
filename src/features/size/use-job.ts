'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import { type JobName, type Jobs, useJobPool } from '@/workers';

export interface JobState<N extends JobName> {
  /** The answer to what was asked last; null while there is none. */
  readonly output: Jobs[N]['output'] | null;
  /** How far the work is; null: none is under way. */
  readonly step: Jobs[N]['step'] | 'begun' | null;
  readonly stopped: boolean;
  readonly failed: string | null;
}

/** One job beside the page that is asked for by a press; the newest wish counts, and it can be stopped. */
export function useJob<N extends JobName>(name: N) {
  const pool = useJobPool();
  const [state, setState] = useState<JobState<N>>({ output: null, step: null, stopped: false, failed: null });
  const end = useRef<() => void>(() => undefined);
  useEffect(() => () => end.current(), []);
  const start = useCallback(
    (input: Jobs[N]['input']) => {
      end.current();
      let live = true;
      const set = (change: Partial<JobState<N>>) =>
        live && startTransition(() => setState((s) => ({ ...s, ...change })));
      // An answer never stands under another question: one that is stopped or fails leaves none.
      set({ output: null, step: 'begun', stopped: false, failed: null });
      const job = pool.run(name, input, { lane: `asked ${name}`, onStep: (step) => set({ step }) });
      end.current = () => {
        live = false;
        job.cancel();
      };
      void job.result.then((result) => {
        if (result.ok) set({ output: result.output, step: null });
        else if (result.reason === 'failed') set({ step: null, failed: result.message });
        else set({ step: null, stopped: true });
      });
    },
    [pool, name],
  );
  const stop = useCallback(() => {
    end.current();
    setState((s) => ({ ...s, step: null, stopped: true }));
  }, []);
  return { state, start, stop };
}
