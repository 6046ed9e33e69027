import { Bench } from 'tinybench';
import { readBriefFile } from '@/core/formats';
import { machineReport } from '@/core/machine';
import { type PlanAnswer, plansFor } from '@/core/plan';
import { planNames } from '@/words';
import { tell } from './tell';

const briefs = {
  'a whole sheet of plywood': { job: 'board', area: { length: '2500 mm', width: '1250 mm' } },
  'a plasma table': { job: 'plasma', area: { length: '1500 mm', width: '1250 mm' } },
  'small aluminium': { job: 'aluminium', area: { length: '400 mm', width: '300 mm' } },
};

function planned(brief: object): PlanAnswer {
  const opened = readBriefFile(JSON.stringify(brief), '2026-11-28T00:00:00.000Z');
  if (!opened.ok) throw new Error('the brief does not read');
  const steps = plansFor({ project: opened.project, names: planNames });
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

const bench = new Bench({ time: 1000, warmupTime: 0, iterations: 2 });
for (const [name, brief] of Object.entries(briefs)) {
  const { plans } = planned(brief);
  bench.add(`${plans.length} whole plans, one core: ${name}`, () => {
    planned(brief);
  });
}
const [first] = planned(briefs['a plasma table']).plans;
bench.add('the full report of one plan', () => {
  machineReport(first!.project, { flex: true, remedies: false });
});
await bench.run();
tell(bench);
