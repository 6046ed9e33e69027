import { Bench } from 'tinybench';
import { assemblyOf, buildContext, geometryOf, steadyZone, wallOf, workOf } from '@/core/build';
import { machineReport } from '@/core/machine';
import { type Project, startingStep } from '@/core/model';
import { chanceFrom } from '@/core/numerics';
import { demoMachines } from '@/demo';
import { tell } from './tell';

const [kayak, gate] = demoMachines() as [Project, Project, Project];
const chance = chanceFrom(7);
/** With those that are proposed some 500 steps. */
const steps = Array.from({ length: 460 }, (_, i) => ({
  ...startingStep(`s${i}`, `own:${i}`),
  name: `Step ${i}`,
  needs: i ? Array.from({ length: 3 }, () => `own:${Math.floor(chance() * i)}`) : [],
}));
const many: Project = { ...kayak, steps };
const geometry = geometryOf(many);
const context = buildContext(many, machineReport(many, { remedies: false }).axes, '2026-11-27');
const clock = { now: wallOf('2026-11-27'), zone: steadyZone };

const bench = new Bench({ time: 2000, warmupTime: 500 });
bench
  .add('where every screw is and what hides it (kayak router)', () => {
    geometryOf(kayak);
  })
  .add('the same (gate table)', () => {
    geometryOf(gate);
  })
  .add('order of 500 steps (goal: 200 ms)', () => {
    assemblyOf(many, geometry);
  })
  .add('order and dates of 500 steps', () => {
    workOf(context, clock, geometry);
  });
await bench.run();
tell(bench);
