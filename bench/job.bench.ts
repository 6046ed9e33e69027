import { Bench } from 'tinybench';
import { Reader } from '@/core/gcode';
import { drivesOf, JobCheck, setupOf } from '@/core/job';
import { startingJob } from '@/core/model';
import { demoMachines } from '@/demo';
import { tell } from './tell';

const LINES = 1_000_000;
const PIECE = 1 << 16;
const project = demoMachines()[0]!;
const setup = {
  ...setupOf(project, drivesOf(project), startingJob('j', 'Job', ''), null),
  nought: [0, 0, 0.05] as const,
};

/** Chords of a spiral in the stock, as a post-processor writes them. */
function* chords(): Generator<Uint8Array> {
  const encoder = new TextEncoder();
  yield encoder.encode('G21 G90\nS18000 M3\nG0 Z5\nG0 X600 Y600\nG1 Z-6 F600\nG1 F4500\n');
  let text = '';
  for (let i = 0; i < LINES; i++) {
    const turn = (i / 400) * 2 * Math.PI;
    const r = 100 + (400 * i) / LINES;
    text += `X${(600 + r * Math.cos(turn)).toFixed(3)} Y${(600 + r * Math.sin(turn)).toFixed(3)}\n`;
    if (text.length > PIECE) {
      yield encoder.encode(text);
      text = '';
    }
  }
  yield encoder.encode(`${text}G0 Z5\nM30\n`);
}
const pieces = [...chords()];
const MB = pieces.reduce((sum, p) => sum + p.length, 0) / 1e6;

/** The most memory that is held while a job runs, MB beyond what was held before. */
let held = 0;
function measured(run: (each: () => void) => void) {
  const before = process.memoryUsage().heapUsed;
  let n = 0;
  run(() => {
    if (n++ % 40 === 0) held = Math.max(held, (process.memoryUsage().heapUsed - before) / 1e6);
  });
}

const bench = new Bench({ time: 200, warmup: false, iterations: 2 });
bench
  .add(`read ${LINES} lines (${MB.toFixed(0)} MB)`, () => {
    const reader = new Reader(setup, { move: () => undefined, act: () => undefined });
    for (const piece of pieces) reader.push(piece);
    reader.end();
  })
  .add(`read, plan, load and draw ${LINES} lines`, () => {
    const check = new JobCheck(project, setup);
    measured((each) => {
      for (const piece of pieces) {
        check.push(piece);
        each();
      }
    });
    check.end();
  })
  .add('the first 10000 lines of it', () => {
    const check = new JobCheck(project, setup);
    for (const piece of pieces.slice(0, 4)) check.push(piece);
    check.end();
  });
await bench.run();
tell(bench);
console.log(`memory that is held while it runs: at most ${held.toFixed(0)} MB, collected or not`);
