import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { everything, searchLines, type SearchAnswer } from '@/core/choose';
import { readProjectFile } from '@/core/formats';
import { axisReport, loadedAxes } from '@/core/machine';
import { tell } from './tell';

const opened = readProjectFile(readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8'));
if (!opened.ok) throw new Error('the demo does not open');
const axis = loadedAxes(opened.project)[1]!;

function search(): SearchAnswer {
  const steps = searchLines(axis, opened.ok ? opened.project.ownParts : [], everything);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

const answer = search();
const bench = new Bench({ time: 4000, warmupTime: 0, iterations: 3 });
bench
  .add(`every combination for one axis (${answer.combinations}, ${answer.judged} judged in full)`, () => {
    search();
  })
  .add('the report of one combination', () => {
    axisReport(answer.fronts.stiffness[0]!.axis, { remedies: false });
  });
await bench.run();
tell(bench);
