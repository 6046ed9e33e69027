import { describe, expect, it } from 'vitest';
import { overlap, sheetOf, textBox } from '@/core/drawing';
import { arrangements, type Project } from '@/core/model';
import { truingOf, truingPlan } from '@/core/prove';
import { demoMachines } from '@/demo';
import { roundsDrawing, setupDrawing, truingDrawing } from '.';

const [kayak] = demoMachines() as [Project];
const state = truingOf(kayak).sheets.find((s) => s.plan.key === 'rail-b/height')!;

const shown = (system: 'metric' | 'imperial') =>
  truingDrawing({
    result: state.last!.result,
    before: state.rounds.at(-2)!.result,
    length: state.plan.places.at(-1)!.x,
    bolts: state.plan.bolts.map((b) => b.x),
    next: null,
    system,
    width: 640,
    from: 62,
    to: 608,
  });

describe('drawings of truing', () => {
  it('every reading is a dot, the band holds them all, shims stand under their bolts', () => {
    const { shapes } = shown('metric');
    const dots = shapes.filter((s) => s.layer === 'points');
    expect(dots).toHaveLength(state.last!.result.points.length);
    const band = shapes.find((s) => s.layer === 'band' && s.kind === 'outline')!;
    const ys = band.kind === 'outline' ? band.points.map((p) => p.y) : [];
    for (const d of dots)
      if (d.kind === 'circle') {
        expect(d.centre.y).toBeLessThanOrEqual(Math.max(...ys) + 1e-9);
        expect(d.centre.y).toBeGreaterThanOrEqual(Math.min(...ys) - 1e-9);
      }
    const shims = shapes.filter((s) => s.layer === 'shims');
    expect(shims).toHaveLength(state.last!.result.moves.length);
    expect(shims[0]!.title).toMatch(/^bolt \d+: \d+ µm$/);
    expect(shown('imperial').shapes.find((s) => s.layer === 'shims')!.title).toMatch(/thou$/);
  });
  it('nothing falls out of the sheet', () => {
    const { x, y, width, height } = sheetOf(shown('metric'));
    for (const s of shown('metric').shapes)
      if (s.kind === 'circle') {
        expect(x(s.centre.x)).toBeGreaterThanOrEqual(0);
        expect(x(s.centre.x)).toBeLessThanOrEqual(width);
        expect(y(s.centre.y)).toBeLessThanOrEqual(height);
      }
  });
  it('rounds come down to what is good enough, and the next is foretold', () => {
    const { shapes } = roundsDrawing({
      worsts: [4, 2, 0.9],
      expected: 0.3,
      say: (w) => w.toFixed(1),
      width: 640,
    });
    const dots = shapes.flatMap((s) => (s.kind === 'circle' && s.layer === 'rounds' ? [s.centre.y] : []));
    expect([...dots].sort((a, b) => b - a)).toEqual(dots);
    const good = shapes.find((s) => s.layer === 'good' && s.kind === 'outline' && s.points.length === 2);
    const at = good?.kind === 'outline' ? good.points[0]!.y : NaN;
    expect(dots[1]!).toBeGreaterThan(at);
    expect(dots[2]!).toBeLessThan(at);
    expect(shapes.some((s) => s.kind === 'text' && s.text === '4 expected')).toBe(true);
  });
  it('every kind of sheet shows how it is set up, no name over another', () => {
    const kinds = new Set(
      arrangements.flatMap((arrangement) =>
        truingPlan({ ...kayak, brief: { ...kayak.brief, arrangement } }).map((p) => p.kind),
      ),
    );
    expect(kinds.size).toBeGreaterThan(9);
    for (const kind of [...kinds, 'belt', 'chain'] as const)
      for (const side of [true, false]) {
        const texts = setupDrawing(kind, side).shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
        expect(texts.length, kind).toBeGreaterThan(0);
        texts.forEach((a, i) => {
          for (const b of texts.slice(i + 1))
            expect(overlap(textBox(a, 1), textBox(b, 1)), `${kind}: “${a.text}” over “${b.text}”`).toBe(
              false,
            );
        });
      }
  });
});
