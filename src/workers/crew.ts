import { proxy, wrap } from 'comlink';
import type { JobService } from './protocol';

/** A worker as far as the pool needs one. */
export type AnyWorker = Pick<
  Worker,
  'postMessage' | 'addEventListener' | 'removeEventListener' | 'terminate'
>;

export interface CrewTools {
  /** Starts a worker. @throws where the browser has none. */
  readonly start: () => AnyWorker;
  /** Workers at the most. */
  readonly size: number;
  /** How long a worker may take to start, ms. */
  readonly patience: number;
}

/** A worker that is there. */
export interface Station {
  readonly worker: AnyWorker;
  readonly service: JobService;
  /** Rejects when the worker dies. */
  readonly died: Promise<never>;
}

/** Starts a worker and waits for its first word; undefined where it does not come. */
async function openStation({ start, patience }: CrewTools): Promise<Station | undefined> {
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
  return { worker, service, died };
}

/**
 * The workers of a pool: started when they are needed, waited for when all are busy, buried when they die.
 */
export class Crew {
  private readonly stations: Station[] = [];
  private readonly busy = new Set<Station>();
  private readonly waiting: (() => void)[] = [];
  private opening = 0;
  private size: number;
  private given = true;

  /** @param onNone told once, when no worker can be had at all. */
  constructor(
    private readonly tools: CrewTools,
    private readonly onNone: () => void,
  ) {
    this.size = tools.size;
  }

  /** Whether workers can be had. */
  get there(): boolean {
    return this.given;
  }

  /** No worker is asked any more: who waits for one goes on without. */
  giveUp(): void {
    if (!this.given) return;
    this.given = false;
    this.onNone();
    this.waiting.splice(0).forEach((wake) => wake());
  }

  /** A free worker, held until it is released; undefined where none can be had. */
  async take(): Promise<Station | undefined> {
    while (this.given) {
      const free = this.stations.find((s) => !this.busy.has(s));
      if (free) {
        this.busy.add(free);
        return free;
      }
      if (this.stations.length + this.opening < this.size) {
        const opened = await this.open();
        if (opened) return opened;
      } else
        await new Promise<void>((wake) => {
          this.waiting.push(wake);
        });
    }
    return undefined;
  }

  private async open(): Promise<Station | undefined> {
    this.opening += 1;
    const station = await openStation(this.tools);
    this.opening -= 1;
    if (station) {
      this.stations.push(station);
      this.busy.add(station);
    } else if (this.stations.length) this.size = this.stations.length;
    // One that works is enough; with none at all the page does the work.
    else this.giveUp();
    return station;
  }

  release(station: Station): void {
    this.busy.delete(station);
    this.waiting.shift()?.();
  }

  bury(station: Station): void {
    station.worker.terminate();
    this.busy.delete(station);
    this.stations.splice(this.stations.indexOf(station), 1);
    this.waiting.shift()?.();
  }

  close(): void {
    this.stations.splice(0).forEach(({ worker }) => worker.terminate());
  }
}
