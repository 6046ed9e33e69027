import { Bench } from 'tinybench';
import type { Project } from '@/core/model';
import { groundsOf, heldRows, trialPlans, type TrialMemory, trialsOf } from '@/core/prove';
import { demoMachines } from '@/demo';
import { tell } from './tell';

const [kayak] = demoMachines() as [Project, Project, Project];
/** Some 4000 readings in 300 records, as years of proving leave them. */
const trials = Array.from({ length: 300 }, (_, i) => ({
  ...kayak.trials[i % kayak.trials.length]!,
  id: `record-${i}`,
}));
const many: Project = { ...kayak, trials };
const grounds = groundsOf(kayak);
const plans = trialPlans(kayak, grounds);
const memory: TrialMemory = new WeakMap();
trialsOf(many, memory, grounds, plans);
const stood = trialsOf(kayak, memory, grounds, plans);

const bench = new Bench({ time: 2000, warmupTime: 500 });
bench
  .add('every trial of the kayak router, from nothing', () => {
    trialsOf(kayak);
  })
  .add('300 records after a key (goal: 16 ms)', () => {
    trialsOf(many, memory, grounds, plans);
  })
  .add('plan against proof, every input of three axes moved both ways: beside the page', () => {
    heldRows(kayak, stood);
  });
await bench.run();
tell(bench);
