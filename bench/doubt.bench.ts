import { Bench } from 'tinybench';
import { doubtOf, doubtPart, type DoubtPart, FIRST_DRAWS, sweepSteps } from '@/core/doubt';
import { machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { tell } from './tell';

const DRAWS = 10_000;

/** A machine with a fourth axis: a copy of the plunge axis beside it. */
function withFourth(project: Project): Project {
  const plunge = project.axes.find((a) => a.role === 'plunge')!;
  return { ...project, axes: [...project.axes, { ...plunge, id: 'second', name: 'Second plunge axis' }] };
}

const machine = withFourth(demoMachines()[0]!);
const asked = { project: machine, seed: 1, draws: DRAWS };

function run(work: DoubtPart) {
  const steps = doubtPart(asked, work);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

const { response, margins } = doubtOf(machine, 1, 500);
const keys = [...margins.keys()];

/** What one of so many workers has to do: the draws take so long, and the way there and back. */
function shareOf(workers: number) {
  run({ part: 'frame', share: { from: 0, every: workers } });
  run({ part: 'first', response, range: { from: 0, to: Math.ceil(FIRST_DRAWS / workers) } });
  const to = FIRST_DRAWS + Math.ceil((DRAWS - FIRST_DRAWS) / workers);
  run({ part: 'more', response, keys, range: { from: FIRST_DRAWS, to } });
  const column = Float64Array.from({ length: DRAWS }, (_, i) => 0.5 + i / DRAWS);
  const margins = new Map(keys.map((k) => [k, column]));
  run({ part: 'told', margins, share: { from: 0, every: workers } });
}

const bench = new Bench({ time: 200, warmup: false, iterations: 2 });
bench
  .add(`how a frame answers, four axes, ${response?.bent.length ?? 0} figures`, () => {
    run({ part: 'frame', share: { from: 0, every: 1 } });
  })
  .add('100 draws in full, four axes', () => {
    run({ part: 'first', response, range: { from: 0, to: 100 } });
  })
  .add(`1000 draws of ${keys.length} checks in doubt`, () => {
    run({ part: 'more', response, keys, range: { from: 400, to: 1400 } });
  })
  .add('what is told of 10,000 draws', () => {
    const column = Float64Array.from({ length: DRAWS }, (_, i) => 0.5 + i / DRAWS);
    const all = new Map(keys.map((key) => [key, column]));
    run({ part: 'told', margins: all, share: { from: 0, every: 1 } });
  })
  .add(`all of it, ${DRAWS} draws, one core`, () => {
    doubtOf(machine, 1, DRAWS);
  })
  .add(`what one of two workers does of it, ${DRAWS} draws`, () => shareOf(2))
  .add(`what one of seven does of it, ${DRAWS} draws`, () => shareOf(7))
  .add('one figure at a hundred values, the frame solved at each', () => {
    const steps = sweepSteps({ project: machine, path: 'structure.corner', from: 1e5, to: 5e5 });
    while (!steps.next().done);
  })
  .add('the report of one machine, with its frame', () => {
    machineReport(machine, { flex: 'figures', remedies: false });
  });
await bench.run();
tell(bench);
