import { expose } from 'comlink';
import { afterEach, describe, expect, it } from 'vitest';
import { buildContext, buildFindings } from '@/core/build';
import { everything, type TogetherLimits, togetherSets } from '@/core/choose';
import {
  driveStiffnessOf,
  flexReport,
  frameInputs,
  frameTrials,
  machineReport,
  massReport,
} from '@/core/machine';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { type AnyWorker, jobPool, type JobPool, workersFor } from './pool';
import type { JobService } from './protocol';
import { jobService } from './service';

const [kayak, gate] = demoMachines() as [Project, Project];
const drivesOf = (project: Project) => driveStiffnessOf(project.axes, machineReport(project).axes);
const inputsOf = (project: Project) => frameInputs(project, drivesOf(project), massReport(project));
const trialsOf = (project: Project) => ({ project, drives: drivesOf(project) });

/**
 * A worker without a thread: the real service behind a real channel, so that messages are copied as they are
 * there.
 */
class StandInWorker {
  readonly channel = new MessageChannel();
  readonly errors = new Set<() => void>();
  terminated = false;
  constructor(dumb = false) {
    if (!dumb) expose(jobService(), this.channel.port2);
    this.channel.port1.start();
    this.channel.port2.start();
  }
  postMessage(message: unknown, transfer: Transferable[]) {
    this.channel.port1.postMessage(message, transfer);
  }
  addEventListener(type: string, listener: never) {
    if (type === 'error') this.errors.add(listener);
    else this.channel.port1.addEventListener(type, listener);
  }
  removeEventListener(type: string, listener: never) {
    this.channel.port1.removeEventListener(type, listener);
  }
  terminate() {
    this.terminated = true;
    this.channel.port1.close();
    this.channel.port2.close();
  }
  /** Dies as a worker does that ran out of memory. */
  die() {
    this.terminate();
    this.errors.forEach((listener) => listener());
  }
}

const workers: StandInWorker[] = [];
const pools: JobPool[] = [];
/** @param patience until a worker that does not answer is given up, ms; long where all of them answer. */
function poolOf(size = 1, make = () => new StandInWorker(), patience = 5000): JobPool {
  const start = () => {
    const worker = make();
    workers.push(worker);
    return worker as unknown as AnyWorker;
  };
  const pool = jobPool({ start, size, patience });
  pools.push(pool);
  return pool;
}

afterEach(() => {
  pools.splice(0).forEach((pool) => pool.close());
  workers.splice(0).forEach((worker) => worker.terminate());
});

describe('a pool of workers', () => {
  it('gives what a direct call gives, and starts no more workers than it may', async () => {
    const pool = poolOf(2);
    const [a, b, c] = await Promise.all([
      pool.run('frame', inputsOf(kayak)).result,
      pool.run('frame', inputsOf(gate)).result,
      pool.run('frame', inputsOf(kayak)).result,
    ]);
    expect(a).toEqual({ ok: true, output: flexReport(inputsOf(kayak)) });
    expect(b).toEqual({ ok: true, output: flexReport(inputsOf(gate)) });
    expect(c).toEqual(a);
    expect(workers).toHaveLength(2);
    expect(pool.place()).toBe('workers');
  });
  it('list, cuts and money come over as they are worked out here, tables by key among them', async () => {
    const pool = poolOf();
    const here = buildContext(kayak, machineReport(kayak).axes, '2026-11-27');
    const { project, needs, today } = here;
    const result = await pool.run('build', { project, needs, today }, { lane: 'build' }).result;
    if (!result.ok) throw new Error('the job failed');
    expect(result.output.plans).toEqual(here.plans);
    expect(result.output.money).toEqual(here.money);
    const codes = (list: readonly { readonly code: string }[]) => list.map((f) => f.code);
    expect(codes(result.output.findings)).toEqual(codes(buildFindings(here)));
  });
  it('tells how far a job is, step by step', async () => {
    const steps: { done: number; of: number }[] = [];
    const job = poolOf().run('trials', trialsOf(gate), { onStep: (step) => void steps.push(step) });
    expect(await job.result).toEqual({ ok: true, output: frameTrials(gate, drivesOf(gate)) });
    expect(steps.map((s) => s.done)).toEqual(steps.map((_, i) => i + 1));
    expect(steps.at(-1)!.done).toBe(steps[0]!.of);
  });
  it('sets for several axes come over as they are worked out here', async () => {
    const limits: TogetherLimits = {
      axes: ['gantry', 'plunge'],
      limits: { ...everything, vary: ['motor'], refused: ['servo', 'closed-loop-stepper'] },
      ...{ scale: 'torque', supplies: 1, heavier: 1 },
    };
    const job = poolOf().run('together', { project: kayak, limits });
    const result = await job.result;
    const steps = togetherSets(kayak, limits);
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(result).toEqual({ ok: true, output: step.value });
    expect(step.value.sets.length).toBeGreaterThan(1);
  });

  it('a step that is overtaken by its result is not told', async () => {
    const late = () => {
      const worker = new StandInWorker(true);
      const run: JobService['run'] = (_id, _name, _input, onStep) => {
        void onStep({ done: 1, of: 2 } as never);
        setTimeout(() => void onStep({ done: 2, of: 2 } as never), 20);
        return Promise.resolve({ ok: true, output: 7 } as never);
      };
      expose({ ping: () => 'here', run, cancel: () => undefined }, worker.channel.port2);
      return worker;
    };
    const told: unknown[] = [];
    let back = false;
    const job = poolOf(1, late).run('frame', inputsOf(kayak), { onStep: () => told.push(back) });
    await job.result;
    back = true;
    await new Promise((after) => setTimeout(after, 100));
    expect(told).not.toContain(true);
  });

  it('ends a job that is cancelled, and the worker takes the next one', async () => {
    const pool = poolOf();
    let told = 0;
    const job = pool.run('trials', trialsOf(kayak), {
      onStep: () => {
        told += 1;
        job.cancel();
      },
    });
    expect(await job.result).toEqual({ ok: false, reason: 'cancelled' });
    expect(told).toBe(1);
    expect(await pool.run('frame', inputsOf(gate)).result).toMatchObject({ ok: true });
    expect(workers).toHaveLength(1);
  });
  it('of one lane only the newest counts', async () => {
    const pool = poolOf();
    const jobs = [kayak, gate, kayak, gate].map((m) => pool.run('frame', inputsOf(m), { lane: 'frame' }));
    const results = await Promise.all(jobs.map((job) => job.result));
    expect(results.map((r) => r.ok)).toEqual([false, false, false, true]);
    expect(results.at(-1)).toEqual({ ok: true, output: flexReport(inputsOf(gate)) });
  });
  it('a failure crosses as data, and the pool goes on', async () => {
    const pool = poolOf();
    const broken = { ...trialsOf(kayak), drives: null as never };
    expect(await pool.run('trials', broken).result).toMatchObject({ ok: false, reason: 'failed' });
    expect(await pool.run('frame', inputsOf(kayak)).result).toMatchObject({ ok: true });
  });
});

describe('workers that do not do', () => {
  it('one that dies is replaced, and its job is done all the same', async () => {
    const pool = poolOf();
    const job = pool.run('trials', trialsOf(gate), {
      onStep: ({ done }) => {
        if (done === 2 && workers.length === 1) workers[0]!.die();
      },
    });
    expect(await job.result).toEqual({ ok: true, output: frameTrials(gate, drivesOf(gate)) });
    expect(workers).toHaveLength(2);
    expect(pool.place()).toBe('workers');
  });
  it('where none starts the page does the work, and says so', async () => {
    for (const start of [
      () => {
        throw new Error('no workers in this browser');
      },
      // It starts and never answers.
      () => new StandInWorker(true),
    ]) {
      const pool = poolOf(1, start, 300);
      let heard = 0;
      pool.subscribe(() => (heard += 1));
      const job = pool.run('frame', inputsOf(kayak));
      expect(await job.result).toEqual({ ok: true, output: flexReport(inputsOf(kayak)) });
      expect([pool.place(), heard]).toEqual(['page', 1]);
    }
  });
  it('where every one dies the page does the work in the end', async () => {
    const pool = poolOf();
    const job = pool.run('trials', trialsOf(gate), {
      onStep: () => workers.forEach((worker) => !worker.terminated && worker.die()),
    });
    expect(await job.result).toMatchObject({ ok: true });
    expect(pool.place()).toBe('page');
  });
});

describe('how many workers', () => {
  it('all cores but the page’s own, fewer where memory is short, two on two cores', () => {
    const on = (hardwareConcurrency: number, deviceMemory?: number) =>
      workersFor({ hardwareConcurrency, ...(deviceMemory === undefined ? {} : { deviceMemory }) });
    expect([1, 2, 3, 4, 8, 32].map((cores) => on(cores))).toEqual([1, 2, 2, 3, 7, 8]);
    expect([on(8, 2), on(8, 4), on(8, 8), on(2, 1)]).toEqual([3, 3, 7, 2]);
    // A browser that does not say how many cores there are has two.
    expect(workersFor({} as Navigator)).toBe(2);
  });
  it('a pool says how many it has, so that work can be cut', () => {
    expect(poolOf(3).workers).toBe(3);
  });
});
