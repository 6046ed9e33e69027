'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { SweepAsked, Swept } from '@/core/doubt';
import { useJobPool } from '@/workers';

export interface SweepState {
  readonly swept: Swept | null;
  readonly busy: boolean;
  readonly failed: string | null;
}

/** One input swept beside the page; the newest wish counts. */
export function useSweep() {
  const pool = useJobPool();
  const [state, setState] = useState<SweepState>({ swept: null, busy: false, failed: null });
  const end = useRef<() => void>(() => undefined);
  useEffect(() => () => end.current(), []);
  const start = useCallback(
    ({ project, ...rest }: SweepAsked) => {
      end.current();
      let live = true;
      setState((s) => ({ ...s, busy: true, failed: null }));
      const job = pool.run(
        'sweep',
        { ...rest, project: { ...project, revisions: [], log: [] } },
        { lane: 'sweep' },
      );
      end.current = () => {
        live = false;
        job.cancel();
      };
      void job.result.then((result) => {
        if (!live) return;
        startTransition(() => {
          if (result.ok) setState({ swept: result.output ?? null, busy: false, failed: null });
          else
            setState((s) => ({
              ...s,
              busy: false,
              failed: result.reason === 'failed' ? result.message : null,
            }));
        });
      });
    },
    [pool],
  );
  return { state, start };
}
