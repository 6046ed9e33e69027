import { proxy, wrap } from 'comlink';
import type { JobName, JobResult, Jobs, JobService } from './protocol';
import { jobService } from './service';

/** A job that was asked for. */
export interface Job<N extends JobName> {
  readonly result: Promise<JobResult<N>>;
  /** Ends it; it then comes back as cancelled. */
  readonly cancel: () => void;
}

export interface JobOptions<N extends JobName> {
  readonly onStep?: (step: Jobs[N]['step']) => void;
  /** Of the jobs in one lane only the newest counts: it ends those before it. */
  readonly lane?: string;
}

/** Where jobs run: beside the page, or, where no worker starts, on it. */
export type JobPlace = 'workers' | 'page';

/** Runs named jobs. Owned by whoever starts it; `close` ends its workers. */
export interface JobPool {
  readonly run: <N extends JobName>(name: N, input: Jobs[N]['input'], options?: JobOptions<N>) => Job<N>;
  readonly place: () => JobPlace;
  /** Told when the place changes. */
  readonly subscribe: (listener: () => void) => () => void;
  readonly close: () => void;
}

/** A worker as far as the pool needs one. */
export type AnyWorker = Pick<
  Worker,
  'postMessage' | 'addEventListener' | 'removeEventListener' | 'terminate'
>;

export interface PoolTools {
  /** Starts a worker. @throws where the browser has none. */
  readonly start: () => AnyWorker;
  /** Workers at the most. */
  readonly size: number;
  /** How long a worker may take to start, ms. */
  readonly patience: number;
}

interface Station {
  readonly worker: AnyWorker;
  readonly service: JobService;
  /** Rejects when the worker dies. */
  readonly died: Promise<never>;
  busy: boolean;
}

type Outcome<N extends JobName> = JobResult<N> | 'died';

const CANCELLED = { ok: false, reason: 'cancelled' } as const;

/** Starts a worker and waits for its first word; undefined where it does not come. */
async function openStation({ start, patience }: PoolTools): Promise<Station | undefined> {
  let worker: AnyWorker;
  try {
    worker = start();
  } catch {
    return undefined;
  }
  const died = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => reject(new Error('the worker died')));
    worker.addEventListener('messageerror', () => reject(new Error('the worker was not understood')));
  });
  died.catch(() => undefined);
  const remote = wrap<JobService>(worker);
  const late = new Promise<never>((_, reject) => {
    setTimeout(() => reject(new Error('the worker did not start')), patience);
  });
  try {
    await Promise.race([remote.ping(), died, late]);
  } catch {
    worker.terminate();
    return undefined;
  }
  const service: JobService = {
    ping: () => remote.ping(),
    run: (id, name, input, onStep) =>
      remote.run(id, name, input, proxy(onStep)) as ReturnType<JobService['run']>,
    cancel: (id) => remote.cancel(id),
  } as JobService;
  return { worker, service, died, busy: false };
}

export function jobPool(tools: PoolTools): JobPool {
  const direct = jobService();
  const stations: Station[] = [];
  const waiting: (() => void)[] = [];
  const lanes = new Map<string, () => void>();
  const listeners = new Set<() => void>();
  let place: JobPlace = 'workers';
  let opening = 0;
  let ids = 0;

  const onPage = () => {
    if (place === 'page') return;
    place = 'page';
    listeners.forEach((listener) => listener());
    waiting.splice(0).forEach((wake) => wake());
  };

  /** A free worker, or undefined where none can be had: the job then runs on the page. */
  async function freeStation(): Promise<Station | undefined> {
    while (place === 'workers') {
      const free = stations.find((s) => !s.busy);
      if (free) {
        free.busy = true;
        return free;
      }
      if (stations.length + opening < tools.size) {
        opening += 1;
        const station = await openStation(tools);
        opening -= 1;
        if (!station) {
          // One that works is enough; with none at all the page does the work.
          if (!stations.length) onPage();
          else tools = { ...tools, size: stations.length };
          continue;
        }
        station.busy = true;
        stations.push(station);
        return station;
      }
      await new Promise<void>((wake) => {
        waiting.push(wake);
      });
    }
    return undefined;
  }

  function release(station: Station): void {
    station.busy = false;
    waiting.shift()?.();
  }

  function bury(station: Station): void {
    station.worker.terminate();
    stations.splice(stations.indexOf(station), 1);
    waiting.shift()?.();
  }

  async function attempt<N extends JobName>(
    station: Station,
    run: (service: JobService) => Promise<JobResult<N>>,
  ): Promise<Outcome<N>> {
    try {
      const result = await Promise.race([run(station.service), station.died]);
      release(station);
      return result;
    } catch {
      bury(station);
      return 'died';
    }
  }

  function run<N extends JobName>(
    name: N,
    input: Jobs[N]['input'],
    { onStep = () => undefined, lane }: JobOptions<N> = {},
  ): Job<N> {
    const id = ++ids;
    let ended = false;
    let running: JobService | undefined;
    const cancel = () => {
      ended = true;
      void running?.cancel(id);
    };
    if (lane !== undefined) {
      lanes.get(lane)?.();
      lanes.set(lane, cancel);
    }
    const told = (step: Jobs[N]['step']) => {
      if (!ended) onStep(step);
    };
    const start = (service: JobService) => {
      running = service;
      return service.run(id, name, input, told);
    };
    const work = async (): Promise<JobResult<N>> => {
      // A worker that dies may have been ill luck: the job gets another one, and then the page.
      for (let tries = 0; tries < 2; tries++) {
        const station = ended ? undefined : await freeStation();
        if (!station) break;
        if (ended) {
          release(station);
          break;
        }
        const outcome = await attempt(station, start);
        if (outcome !== 'died') return outcome;
      }
      if (ended) return CANCELLED;
      onPage();
      return start(direct);
    };
    const result = work().then((r) => (ended ? CANCELLED : r));
    return { result, cancel };
  }

  return {
    run,
    place: () => place,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close: () => stations.splice(0).forEach(({ worker }) => worker.terminate()),
  };
}

/** A worker starts in well under a second; on a slow machine with a full disk it may take ten. */
const PATIENCE = 10_000;
/** More workers than so many would only wait for each other's memory. */
const MOST_WORKERS = 3;

/** The pool of this browser: one core is left to the page. */
export function browserPool(): JobPool {
  const cores = typeof navigator === 'undefined' ? 1 : (navigator.hardwareConcurrency ?? 2);
  return jobPool({
    start: () => new Worker(new URL('./job.worker.ts', import.meta.url), { type: 'module' }),
    size: Math.max(1, Math.min(MOST_WORKERS, cores - 1)),
    patience: PATIENCE,
  });
}
