import type { Bench } from 'tinybench';

/** Prints what a bench has measured, a line for each task. @throws Error where a task did not run. */
export function tell(bench: Bench): void {
  console.log('milliseconds                                              median      p99');
  for (const task of bench.tasks) {
    const r = task.result;
    if (!('latency' in r)) throw new Error(`${task.name} did not run`);
    console.log(
      `${task.name.padEnd(56)} ${r.latency.p50!.toFixed(3).padStart(7)}  ` +
        `${r.latency.p99!.toFixed(3).padStart(7)}`,
    );
  }
}
