import { describe, expect, it } from 'vitest';
import { type Drawing, overlap, plain, type Text, textBox } from '@/core/drawing';
import { axisReport, passingOf } from '@/core/machine';
import { startingPassing } from '@/core/model';
import { demoMachines } from '@/demo';
import {
  drillRows,
  endsDrawing,
  endsInWords,
  gapDrawing,
  passingDrawing,
  passingInWords,
  plateDrawing,
  plateForShop,
  plateInWords,
  stackDrawing,
  stackInWords,
} from '.';

const covered = ({ shapes, scale }: Drawing): string[] => {
  const texts = plain({ shapes, scale }).shapes.filter((s): s is Text => s.kind === 'text');
  const boxes = texts.map((t) => textBox(t, scale));
  return texts.flatMap((a, i) =>
    texts.flatMap((b, j) => (j > i && overlap(boxes[i]!, boxes[j]!) ? [`${a.text} | ${b.text}`] : [])),
  );
};
const axes = demoMachines().flatMap((m) => m.axes.map((a) => ({ axis: a, report: axisReport(a) })));
const stacks = axes.flatMap(
  ({
    report: {
      stacks: { gaps, rows },
    },
  }) => gaps.map((gap) => ({ gap, rows })),
);

describe('the drawing of a stack-up', () => {
  it('covers no text with another, in both unit systems and both widths', () => {
    expect(stacks.length).toBeGreaterThan(1);
    for (const shown of stacks)
      for (const system of ['metric', 'imperial'] as const)
        for (const width of [260, 500]) {
          const drawing = stackDrawing({ ...shown, system, width })!;
          expect(covered(drawing), `${shown.gap.input.name} ${system} ${width}`).toEqual([]);
          const scale = gapDrawing({ ...shown, system, width });
          if (scale) expect(covered(scale)).toEqual([]);
        }
  });
  it('is to scale: every block is as long as its link, and the gap lies between its planes', () => {
    for (const shown of stacks) {
      const drawing = stackDrawing({ ...shown, system: 'metric', width: 500 })!;
      const across = (layer: string) => {
        const shape = drawing.shapes.find((s) => s.layer === layer && s.kind === 'outline');
        if (shape?.kind !== 'outline') throw new Error(`no ${layer}`);
        const xs = shape.points.map((p) => p.x);
        return Math.max(...xs) - Math.min(...xs);
      };
      for (const { link } of shown.gap.steps!)
        if (Math.abs(link.value!) > 1e-3) expect(across(`link ${link.id}`)).toBeCloseTo(link.value!, 9);
      expect(across('gap')).toBeCloseTo(Math.abs(shown.gap.closed!.gap), 9);
    }
  });
  it('is said in words, also where a link is missing', () => {
    const [shown] = stacks;
    expect(stackInWords({ ...shown!, system: 'metric', width: 500 })).toMatch(/±.*between/);
    const open = { ...shown!.gap, closed: null, steps: null };
    const words = stackInWords({ ...shown!, gap: open, system: 'metric', width: 500 });
    expect(words).toContain('a link is missing');
    expect(stackDrawing({ ...shown!, gap: open, system: 'metric', width: 500 })).toBeNull();
  });
});

describe('the drawing of the ends', () => {
  it('covers no text with another and says where switch and soft limit stand', () => {
    for (const { axis, report } of axes)
      for (const system of ['metric', 'imperial'] as const)
        for (const width of [190, 340]) {
          const shown = { ends: report.ends, system, width };
          const drawing = endsDrawing(shown);
          if (drawing) expect(covered(drawing), `${axis.name} ${system} ${width}`).toEqual([]);
          expect(endsInWords(shown)).toMatch(/Near end: .*Far end: /);
        }
  });
});

describe('the drawing of a plate', () => {
  const plates = axes.flatMap(({ report }) => report.plates);
  it('covers no text with another, whichever group is picked', () => {
    expect(plates.length).toBeGreaterThan(2);
    for (const plate of plates)
      for (const picked of [undefined, ...plate.groups.map((g) => g.letter)])
        for (const system of ['metric', 'imperial'] as const)
          for (const width of [240, 400]) {
            const drawing = plateDrawing({ plate, system, width, picked });
            expect(covered(drawing), `${plate.input.name} ${picked} ${system} ${width}`).toEqual([]);
          }
  });
  it('has a circle for every hole, in its place and size, on screen and for the shop', () => {
    for (const plate of plates) {
      const screen = plateDrawing({ plate, system: 'metric', width: 400 });
      const shop = plateForShop(plate);
      for (const h of plate.holes)
        for (const drawing of [screen, shop]) {
          const found = drawing.shapes.filter(
            (s) => s.kind === 'circle' && s.centre.x === h.x && s.centre.y === h.y,
          );
          expect(found.some((s) => s.kind === 'circle' && s.radius === h.diameter / 2)).toBe(true);
        }
      expect(drillRows(plate)).toHaveLength(plate.holes.length);
      expect(plateInWords({ plate, system: 'metric', width: 400 })).toContain(`${plate.holes.length} holes`);
    }
  });
  it('shows where the holes of the part in hand lie, if that is elsewhere', () => {
    const crosses = plates.map(
      (plate) =>
        plateDrawing({ plate, system: 'metric', width: 400 }).shapes.filter((s) => s.layer === 'in hand')
          .length,
    );
    // The torch saddle: 16 holes, two strokes each.
    expect(crosses.filter((n) => n > 0)).toEqual([32]);
  });
});

describe('the drawing of what passes', () => {
  it('is as wide as what passes and what is travelled, and covers no text with another', () => {
    const [kayak] = demoMachines();
    for (const system of ['metric', 'imperial'] as const)
      for (const width of [230, 420]) {
        const shown = { project: kayak!, report: passingOf(kayak!), system, width };
        const drawing = passingDrawing(shown)!;
        expect(covered(drawing), `${system} ${width}`).toEqual([]);
        const spans = drawing.shapes.flatMap((s) => (s.kind === 'dimension' ? [s.to.x - s.from.x] : []));
        expect(spans.map((m) => Number(m.toFixed(6))).sort()).toEqual([1.235, 1.31]);
        expect(passingInWords(shown)).toMatch(/Between the columns .* pass/);
      }
    const bare = { ...kayak!, passing: startingPassing() };
    const shown = { project: bare, report: passingOf(bare), system: 'metric', width: 420 } as const;
    expect(passingDrawing(shown)).toBeNull();
  });
});
