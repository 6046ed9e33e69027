import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { readProjectFile } from '@/core/formats';
import { allFindings, axisReport, type CutMemory, machineReport } from '@/core/machine';
import { axisDoubt } from '@/core/doubt';
import type { Project } from '@/core/model';
import { tell } from './tell';

const opened = readProjectFile(readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8'));
if (!opened.ok) throw new Error('the demo does not open');
const { axes } = opened.project;
const byId = (id: string) => axes.find((a) => a.id === id)!;
// Four axes, the dear one twice: both sides of a gantry planned as axes of their own.
const four: Project = {
  ...opened.project,
  axes: [byId('bed'), { ...byId('bed'), id: 'bed-2' }, byId('gantry'), byId('plunge')],
};

let looked = 0;
const memory: CutMemory = new WeakMap();
const bench = new Bench({ time: 2000, warmupTime: 800 });
bench
  .add('report of one axis (bed, gives out)', () => {
    axisReport(byId('bed'));
  })
  .add('report of one axis (plunge, thin)', () => {
    axisReport(byId('plunge'));
  })
  .add('report of one axis with its working', () => {
    axisReport(byId('bed'), { working: true });
  })
  .add('doubt of one axis', () => {
    axisDoubt(byId('bed'));
  })
  .add('report of a four-axis machine (goal: a quarter of the frame)', () => {
    // As the page asks for it: cuts that an edit left alone are not integrated again.
    machineReport(four, { memory });
  })
  .add('the same with the remedies of every finding', () => {
    for (const { remedies } of allFindings(machineReport(four, { memory }))) looked += remedies.length;
  });
await bench.run();
if (!looked) throw new Error('nothing was found');
tell(bench);
