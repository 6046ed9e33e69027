'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Improvement, ImprovementStep, WayId } from '@/core/machine';
import type { Project } from '@/core/model';
import { flexClient } from '@/workers';

export interface ImprovementState {
  readonly list: readonly Improvement[] | null;
  readonly step: ImprovementStep | null;
  readonly stopped: boolean;
}

/** What the next improvement buys, worked out beside the page after every change; it can be stopped. */
export function useImprovements(
  project: Project,
  way: WayId,
  ready: boolean,
): ImprovementState & { readonly stop: () => void; readonly again: () => void } {
  const [state, setState] = useState<ImprovementState>({ list: null, step: null, stopped: false });
  const [round, setRound] = useState(0);
  const run = useRef(0);
  useEffect(() => {
    if (!ready) return;
    const mine = ++run.current;
    const timer = setTimeout(() => {
      setState((s) => ({ list: s.list, step: { done: 0, of: 1 }, stopped: false }));
      // A step may arrive behind the answer that it belongs to.
      let answered = false;
      void flexClient()
        .improve(project, way, (step) => {
          if (mine === run.current && !answered) setState((s) => ({ ...s, step }));
        })
        .then((list) => {
          answered = true;
          if (mine === run.current && list) setState({ list, step: null, stopped: false });
        });
    }, 250);
    return () => clearTimeout(timer);
  }, [project, way, ready, round]);
  const stop = useCallback(() => {
    run.current += 1;
    void flexClient().stop();
    setState((s) => ({ ...s, step: null, stopped: true }));
  }, []);
  return { ...state, stop, again: useCallback(() => setRound((r) => r + 1), []) };
}
