'use client';

import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { browserPool, type JobPlace, type JobPool } from './pool';
import type { JobName, Jobs } from './protocol';

const JobContext = createContext<JobPool | null>(null);

/** Gives a pool of workers to all that is below; they start when the first job is asked for. */
export function JobProvider({ pool, children }: { pool?: JobPool; children: ReactNode }) {
  const [own] = useState(() => pool ?? browserPool());
  return <JobContext.Provider value={own}>{children}</JobContext.Provider>;
}

export function useJobPool(): JobPool {
  const pool = useContext(JobContext);
  if (!pool) throw new Error('a job is asked for outside the provider of jobs');
  return pool;
}

/** Where jobs run: said to the user where no worker starts. */
export function useJobPlace(): JobPlace {
  const pool = useJobPool();
  return useSyncExternalStore(pool.subscribe, pool.place, () => 'workers' as const);
}

interface Kept<N extends JobName> {
  /** Of the input that `output` answers. */
  readonly key: string | null;
  /** The last answer; null before the first. */
  readonly output: Jobs[N]['output'] | null;
  /** How far the present job is; null where none is under way or it tells nothing. */
  readonly step: Jobs[N]['step'] | null;
  /** Why there is no answer, where the job failed. */
  readonly failed: string | null;
  readonly stopped: boolean;
}

export interface JobCall<N extends JobName> {
  /** What goes in; it is only looked at when the key changes. */
  readonly input: Jobs[N]['input'] | null;
  /** Tells one input from another; null: nothing is asked. */
  readonly key: string | null;
  /** Inputs that follow each other closer than this are worked out once, ms. */
  readonly pause: number;
  readonly lane: string;
}

/**
 * A job that is run anew whenever its key changes; the newest input wins. It can be stopped and started
 * again.
 */
export function useJob<N extends JobName>(name: N, call: JobCall<N>) {
  const { key, pause, lane } = call;
  const pool = useJobPool();
  const [kept, setKept] = useState<Kept<N>>({
    key: null,
    output: null,
    step: null,
    failed: null,
    stopped: false,
  });
  const [round, setRound] = useState(0);
  const newest = useRef(call.input);
  const cancel = useRef<(() => void) | null>(null);
  useEffect(() => {
    newest.current = call.input;
  });
  useEffect(() => {
    if (key === null) return;
    let live = true;
    const timer = setTimeout(() => {
      const input = newest.current;
      if (!live || input === null) return;
      setKept((k) => ({ ...k, stopped: false }));
      const job = pool.run(name, input, {
        lane,
        onStep: (step) => {
          if (live) setKept((k) => ({ ...k, step }));
        },
      });
      cancel.current = job.cancel;
      void job.result.then((result) => {
        if (!live) return;
        if (result.ok) setKept({ key, output: result.output, step: null, failed: null, stopped: false });
        else if (result.reason === 'failed')
          setKept({ key, output: null, step: null, failed: result.message, stopped: false });
      });
    }, pause);
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [pool, name, key, pause, lane, round]);
  const stop = useCallback(() => {
    cancel.current?.();
    setKept((k) => ({ ...k, step: null, stopped: true }));
  }, []);
  const again = useCallback(() => setRound((r) => r + 1), []);
  const { output, step, failed, stopped } = kept;
  return { output, step, failed, stopped, busy: key !== null && kept.key !== key && !stopped, stop, again };
}
