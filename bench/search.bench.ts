import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import {
  everything,
  judgedLine,
  mayChange,
  searchLines,
  type SearchAnswer,
  togetherSets,
} from '@/core/choose';
import { pairsOf } from '@/core/choose/search/pairs';
import { sidesOf } from '@/core/choose/search/sides';
import { joined } from '@/core/choose/search/space';
import { readProjectFile } from '@/core/formats';
import type { Project } from '@/core/model';
import { axisReport, loadedAxes } from '@/core/machine';
import { tell } from './tell';

const demos = ['tern-creek-kayak-router', 'fernhollow-gate-table', 'wayside-scenery-cutter'].map((name) => {
  const opened = readProjectFile(readFileSync(`demo/${name}.machine.json`, 'utf8'));
  if (!opened.ok) throw new Error(`${name} does not open`);
  return opened.project;
});
const { ownParts } = demos[0]!;
const [, axis, plunge] = loadedAxes(demos[0]!);

function ended<T>(steps: Generator<unknown, T>): T {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
const search = (): SearchAnswer => ended(searchLines(axis!, ownParts, everything));

const answer = search();
/** Both sides of an axis, and the pairs of them that may hold. */
const kernelOf = (of: NonNullable<typeof axis>, why: string) => {
  const sides = ended(sidesOf(of, ownParts, everything));
  const { tested } = pairsOf(sides, of, everything);
  return {
    sides,
    tested,
    covered: sides.combinations,
    name: `pairs, ${why}`,
    run: () => void pairsOf(sides, of, everything),
  };
};
const kernels = [
  kernelOf(axis!, 'most drives out by themselves'),
  kernelOf(plunge!, 'nearly every drive holds by itself'),
];
/** Pairs for the plain loop, spread over all of them. */
const SOME = 400;
const { drives, motors } = kernels[1]!.sides;
const some = Array.from({ length: SOME }, (_, i) => {
  const at = Math.floor((i * drives.length * motors.length) / SOME);
  return joined(drives[Math.floor(at / motors.length)]!.row, motors[at % motors.length]!.row);
});

const together = (project: Project) => () =>
  void ended(
    togetherSets(project, {
      axes: project.axes.filter(mayChange).map((a) => a.id),
      limits: everything,
      scale: 'torque',
      supplies: 1,
      heavier: 1,
    }),
  );

const loop = `plain loop over the full report, ${SOME} combinations`;
const bench = new Bench({ time: 4000, warmupTime: 500, iterations: 3 });
bench
  .add(`every combination for one axis (${answer.combinations}, ${answer.judged} judged in full)`, search)
  .add('the report of one combination', () => {
    axisReport(answer.fronts.stiffness[0]!.axis, { remedies: false });
  })
  .add(loop, () => some.forEach((line) => judgedLine(line, false)));
for (const { name, run } of kernels) bench.add(name, run);
for (const project of demos) bench.add(`all axes together: ${project.name}`, together(project));
await bench.run();
tell(bench);

/** Millions in a second, by the median. */
const rate = (name: string, count: number): string => {
  const { result } = bench.getTask(name)!;
  return 'latency' in result ? (count / result.latency.p50! / 1e3).toPrecision(3) : 'not run';
};
console.log(`millions a second: ${rate(loop, SOME)} in a plain loop over the full report`);
for (const { name, tested, covered } of kernels)
  console.log(`  ${name}: ${rate(name, tested)} tested one by one, ${rate(name, covered)} covered`);
