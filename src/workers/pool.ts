import { type AnyWorker, Crew, type CrewTools, type Station } from './crew';
import type { JobName, JobResult, Jobs, JobService } from './protocol';

/** A job that was asked for. */
export interface Job<N extends JobName> {
  readonly result: Promise<JobResult<N>>;
  /** Ends it; it then comes back as cancelled. */
  readonly cancel: () => void;
}

export interface JobOptions<N extends JobName> {
  /** Told how far it is; never after the job has come back. */
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
  /** How many jobs run beside one another at the most: work that can be shared out is cut so small. */
  readonly workers: number;
  /** Told when the place changes. */
  readonly subscribe: (listener: () => void) => () => void;
  readonly close: () => void;
}

export type { AnyWorker };
export type PoolTools = CrewTools;

type Outcome<N extends JobName> = JobResult<N> | 'died';

const CANCELLED = { ok: false, reason: 'cancelled' } as const;
/** A worker that dies may have been ill luck: the job gets another one, and then the page. */
const TRIES = 2;

async function attempt<N extends JobName>(
  crew: Crew,
  station: Station,
  run: (service: JobService) => Promise<JobResult<N>>,
): Promise<Outcome<N>> {
  try {
    const result = await Promise.race([run(station.service), station.died]);
    crew.release(station);
    return result;
  } catch {
    crew.bury(station);
    return 'died';
  }
}

/**
 * Runs a job beside the page, or on it where that cannot be. @param ended whether nobody wants it any more.
 */
async function runSomewhere<N extends JobName>(
  crew: Crew,
  direct: () => Promise<JobService>,
  start: (service: JobService) => Promise<JobResult<N>>,
  ended: () => boolean,
): Promise<JobResult<N>> {
  for (let tries = 0; tries < TRIES; tries++) {
    const station = ended() ? undefined : await crew.take();
    if (!station) break;
    if (ended()) {
      crew.release(station);
      break;
    }
    const outcome = await attempt(crew, station, start);
    if (outcome !== 'died') return outcome;
  }
  if (ended()) return CANCELLED;
  crew.giveUp();
  return start(await direct());
}

export function jobPool(tools: PoolTools): JobPool {
  let service: Promise<JobService> | undefined;
  // All that jobs need comes only where no worker can bring it: the page itself does not wait for it.
  const direct = () => (service ??= import('./service').then((m) => m.jobService()));
  const lanes = new Map<string, () => void>();
  const listeners = new Set<() => void>();
  const crew = new Crew(tools, () => listeners.forEach((listener) => listener()));
  let ids = 0;

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
    const start = (service: JobService) => {
      running = service;
      return service.run(id, name, input, (step) => {
        if (!ended) onStep(step);
      });
    };
    const result = runSomewhere(crew, direct, start, () => ended).then((r) => {
      const outcome = ended ? CANCELLED : r;
      // Steps and results come over two ports: a step that is overtaken by its result is news of the past.
      ended = true;
      return outcome;
    });
    return { result, cancel };
  }

  return {
    run,
    place: () => (crew.there ? 'workers' : 'page'),
    workers: tools.size,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close: () => crew.close(),
  };
}

/** A worker starts in well under a second; where much else runs on a slow machine it may take ten. */
const PATIENCE = 20_000;
/** So many workers at the most: each holds all of the core, and tables of a search. */
const MOST_WORKERS = 8;
/** Where there is so little memory, GB, they would only wait for it. */
const LITTLE_MEMORY = 4;
const FEW_WORKERS = 3;

/** What a browser says of the machine; not every one says how much memory there is. */
type Told = Pick<Navigator, 'hardwareConcurrency'> & { readonly deviceMemory?: number };

/** How many workers a machine is good for: one core is left to the page, where there are more than two. */
export function workersFor({ hardwareConcurrency: cores = 2, deviceMemory = Infinity }: Told): number {
  const most = deviceMemory <= LITTLE_MEMORY ? FEW_WORKERS : MOST_WORKERS;
  return Math.min(most, cores, Math.max(2, cores - 1));
}

/** The pool of this browser. */
export function browserPool(): JobPool {
  return jobPool({
    start: () => new Worker(new URL('./job.worker.ts', import.meta.url), { type: 'module' }),
    size: typeof navigator === 'undefined' ? 1 : workersFor(navigator),
    patience: PATIENCE,
  });
}
