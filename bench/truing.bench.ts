import { Bench } from 'tinybench';
import type { Project } from '@/core/model';
import { type RoundMemory, truingOf } from '@/core/prove';
import { demoMachines } from '@/demo';
import { tell } from './tell';

const [kayak] = demoMachines() as [Project, Project, Project];
/** Some 5000 readings in 300 rounds, as years of truing leave them. */
const rounds = Array.from({ length: 300 }, (_, i) => ({
  ...kayak.rounds[i % kayak.rounds.length]!,
  id: `round-${i}`,
}));
const many: Project = { ...kayak, rounds };
const memory: RoundMemory = new WeakMap();
truingOf(many, memory);

const bench = new Bench({ time: 2000, warmupTime: 500 });
bench
  .add('every sheet of the kayak router, nothing remembered', () => {
    truingOf(kayak);
  })
  .add('5000 readings in 300 rounds, opened for the first time', () => {
    truingOf(many);
  })
  .add('the same after a key (goal: 16 ms)', () => {
    truingOf(many, memory);
  });
await bench.run();
tell(bench);
