import { describe, expect, it } from 'vitest';
import { boundsOf, type Drawing, inside, overlap, type Plain, plain, textBox } from '@/core/drawing';
import { sceneOf, sweptBy } from '@/core/machine';
import { drawingSheetPdf, roomOn, sheetPapers } from '@/core/print';
import { formatQuantity } from '@/core/units';
import { gate, kayak, scenery } from '@test/helpers/machines';
import { arrangementDrawing, restingPositions } from '.';

const UNIT = 96 / 25.4;
const sheetOf = (machine: typeof kayak, system: 'metric' | 'imperial', paper: keyof typeof sheetPapers) => {
  const scene = sceneOf(machine);
  const positions = restingPositions(scene);
  const room = roomOn(sheetPapers[paper], 6);
  return { scene, room, ...arrangementDrawing({ scene, positions, system, room }) };
};
const texts = (drawing: Drawing) =>
  plain(drawing).shapes.filter((s): s is Plain & { kind: 'text' } => s.kind === 'text');
const boxOf = (drawing: Drawing, layer: string) =>
  drawing.shapes.filter((s) => s.layer === layer).map((s) => boundsOf({ ...drawing, shapes: [s] }));

describe('the general arrangement', () => {
  it('is to a usual scale, in its room, and no figure covers another', () => {
    for (const machine of [kayak, gate, scenery])
      for (const [system, paper] of [
        ['metric', 'a3'],
        ['metric', 'a4'],
        ['imperial', 'tabloid'],
        ['imperial', 'letter'],
      ] as const) {
        const { drawing, ratio, room } = sheetOf(machine, system, paper);
        expect(drawing.scale).toBeCloseTo((1000 / ratio) * UNIT, 9);
        const { x0, x1, y0, y1 } = boundsOf(drawing);
        expect(((x1 - x0) * drawing.scale) / UNIT).toBeLessThanOrEqual(room.width);
        expect(((y1 - y0) * drawing.scale) / UNIT).toBeLessThanOrEqual(room.height);
        const boxes = texts(drawing).map((t) => textBox(t, drawing.scale));
        boxes.forEach((a, i) =>
          boxes.slice(i + 1).forEach((b) => expect(overlap(a, b), `${machine.name} ${paper}`).toBe(false)),
        );
      }
  });

  it('says over all what the machine sweeps, and shows it as large in every view', () => {
    const { scene, drawing } = sheetOf(kayak, 'metric', 'a3');
    const { low, high } = sweptBy(scene);
    const [x, y, z] = [0, 1, 2].map((i) => high[i]! - low[i]!) as [number, number, number];
    const said = texts(drawing).map((t) => t.text);
    for (const m of [x, y, z])
      expect(said).toContain(`over all ${formatQuantity('length', m, 'metric', 4).text}`);
    // Front, plan, side: what it sweeps is a dotted frame about each.
    const frames = boxOf(drawing, 'travel').map((b) => [b.x1 - b.x0, b.y1 - b.y0]);
    const wanted = [
      [y, z],
      [y, x],
      [x, z],
    ];
    frames.forEach((f, i) => f.forEach((size, k) => expect(size).toBeCloseTo(wanted[i]![k]!, 2)));
  });

  it.each([
    ['metric', 'first', 'from the left'],
    ['imperial', 'third', 'from the right'],
  ] as const)('%s sheets lay views out by the %s angle, in line with one another', (system, angle, side) => {
    const { drawing } = sheetOf(kayak, system, 'a3');
    const [front, plan, beside] = boxOf(drawing, 'travel') as [Box, Box, Box];
    expect(plan.x0).toBeCloseTo(front.x0, 9);
    expect(beside.y0).toBeCloseTo(front.y0, 9);
    // By the first angle the plan lies under the front, by the third over it; the side always right of it.
    expect(plan.y1 < front.y0).toBe(angle === 'first');
    expect(plan.y0 > front.y1).toBe(angle === 'third');
    expect(beside.x0).toBeGreaterThan(front.x1);
    expect(texts(drawing).map((t) => t.text)).toContain(side);
    // The tool hangs before the beam: in the view from the left that is to the right, from the right left.
    const beam = boxOf(drawing, 'beam').filter((b) => inside(b, beside))[0]!;
    const tool = boxOf(drawing, 'tool').filter((b) => inside(b, beside))[0]!;
    expect(tool.x0 + tool.x1 > beam.x0 + beam.x1).toBe(angle === 'first');
  });

  it('goes on paper as large as its scale says', () => {
    const { drawing, ratio } = sheetOf(kayak, 'metric', 'a3');
    const bytes = drawingSheetPdf({
      title: 'Kayak',
      paper: sheetPapers.a3,
      drawing,
      block: [['Machine', 'Kayak']],
      notes: ['A note.'],
      made: new Date('2026-11-27T00:00:00Z'),
    });
    const text = Buffer.from(bytes).toString('latin1');
    const lines = [...text.matchAll(/([\d.-]+) ([\d.-]+) m\n([\d.-]+) ([\d.-]+) l/g)].map((m) =>
      m.map(Number),
    );
    const mm = (points: number) => (points / 72) * 25.4;
    const longest = Math.max(...lines.map(([, x0, y0, x1, y1]) => mm(Math.hypot(x1! - x0!, y1! - y0!))));
    // The longest line is the dotted frame about the length of the machine.
    const { low, high } = sweptBy(sceneOf(kayak));
    expect(longest).toBeCloseTo(((high[0] - low[0]) * 1000) / ratio, 1);
  });
});

type Box = ReturnType<typeof boundsOf>;
