// A plate with 60 holes after an edit: its holes placed anew, checked and drawn. Goal: a frame of 16 ms.
import { Bench } from 'tinybench';
import { edgeFaults, hiddenHeads, wallFaults } from '@/core/fit';
import { platesOf } from '@/core/machine';
import { applyEdits, type Axis, guess, type PlateInput, putInAxis, startingAxis } from '@/core/model';
import { plateDrawing } from '@/drawings';
import { tell } from './tell';

const mm = (v: number) => guess('length', `${v} mm`);
const hole = (i: number) => ({
  id: `p${i}`,
  x: mm(20 + 25 * (i % 12)),
  y: mm(20 + 30 * Math.floor(i / 12)),
});
const plate: PlateInput = {
  id: 'big',
  name: 'Big plate',
  kind: 'own',
  thickness: mm(12),
  material: 'aluminium',
  along: mm(340),
  across: mm(180),
  outline: [],
  made: 'drill',
  groups: [0, 1, 2, 3, 4].map((row) => ({
    id: `g${row}`,
    name: `Row ${row}`,
    joins: 'own',
    of: '',
    pattern: { kind: 'single' },
    bore: null,
    at: Array.from({ length: 12 }, (_, i) => hole(row * 12 + i)),
    turned: 'no',
    hand: { along: null, across: null },
    way: 'clear',
    thread: 'M5',
    clearance: 'medium',
    head: 'counterbore',
    face: 'front',
    depth: null,
    diameter: null,
    clamps: null,
    partDepth: null,
  })),
};
const base: Axis = startingAxis('bed', 'a');
const drawn = { ...base, fit: { ...base.fit, plates: [plate] } };
let turn = 0;

const bench = new Bench({ time: 3000, warmupTime: 1000 });
bench.add('a plate of 60 holes placed, checked and drawn (goal: 16 ms)', () => {
  turn = (turn + 1) % 10;
  const axis = applyEdits(drawn, [putInAxis('fit.plates.0.across' as 'fit.nut', mm(180 + turn))]);
  const [report] = platesOf(axis);
  if (report!.holes.length !== 60) throw new Error(`${report!.holes.length} holes`);
  edgeFaults(report!.holes, report!.outline, true);
  wallFaults(report!.holes);
  hiddenHeads(report!.holes, report!.parts);
  plateDrawing({ plate: report!, system: 'metric', width: 400, picked: 'C' });
});
await bench.run();
tell(bench);
