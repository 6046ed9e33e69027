import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Box,
  boxOf,
  inside,
  type Label,
  overlap,
  placeLabels,
  type Point,
  type Shape,
  type Text,
  textBox,
} from '.';

/** The corners of a line or an outline. */
const cornersOf = (shape: Shape | undefined): readonly Point[] => {
  if (shape?.kind !== 'outline') throw new Error('not an outline');
  return shape.points;
};
const isText = (shape: Shape): shape is Text => shape.kind === 'text';
/** Pairs of texts that cover one another. */
const covered = (texts: readonly Text[], scale: number): string[] =>
  texts.flatMap((a, i) =>
    texts
      .slice(i + 1)
      .filter((b) => overlap(textBox(a, scale), textBox(b, scale)))
      .map((b) => `${a.text} | ${b.text}`),
  );

const anyLabels = (most: number) =>
  fc.array(
    fc.record({
      x: fc.double({ min: 0, max: 1, noNaN: true }),
      y: fc.double({ min: 0, max: 0.4, noNaN: true }),
      text: fc.constantFrom(
        'cutting',
        'speeding up',
        'rapid',
        '290 N',
        'travel 150 mm',
        'nut turns, screw stands',
      ),
      size: fc.constantFrom(10, 11, 14),
    }),
    { minLength: 1, maxLength: most },
  );
const labelled = (list: { x: number; y: number; text: string; size: number }[]): Label[] =>
  list.map(({ x, y, text, size }) => ({ layer: 'notes', text, size, at: { x, y } }));

describe('labels', () => {
  it('never cover one another, however crowded: where there is no room the drawing grows', () => {
    fc.assert(
      fc.property(anyLabels(25), (list) => {
        const shapes = placeLabels(labelled(list), { texts: [], things: [] }, 300);
        const texts = shapes.filter(isText);
        expect(texts.map((t) => t.text).sort()).toEqual(list.map((l) => l.text).sort());
        expect(covered(texts, 300)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
  it('in a room stay inside of it, and keep clear of lines while there is room elsewhere', () => {
    const room: Box = { x0: 0, y0: 0, x1: 1, y1: 0.5 };
    const wall: Box = { x0: 0, y0: 0.2, x1: 1, y1: 0.21 };
    fc.assert(
      fc.property(anyLabels(2), (list) => {
        const texts = placeLabels(labelled(list), { texts: [], things: [wall] }, 300, room).filter(isText);
        expect(texts).toHaveLength(list.length);
        for (const t of texts) {
          expect(inside(textBox(t, 300), room)).toBe(true);
          expect(overlap(textBox(t, 300), wall)).toBe(false);
        }
        expect(covered(texts, 300)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
  it('no line that leads to one strikes through one that was placed before', () => {
    fc.assert(
      fc.property(anyLabels(12), (list) => {
        const shapes = placeLabels(labelled(list), { texts: [], things: [] }, 300);
        shapes.forEach((shape, i) => {
          if (shape.kind !== 'outline') return;
          const before = shapes.slice(0, i).filter(isText);
          const [a, b] = cornersOf(shape) as [Point, Point];
          for (let n = 0; n <= 40; n++) {
            const p = { x: a.x + ((b.x - a.x) * n) / 40, y: a.y + ((b.y - a.y) * n) / 40 };
            for (const t of before) expect(inside(boxOf([p]), textBox(t, 300)), t.text).toBe(false);
          }
        });
      }),
      { numRuns: 30 },
    );
  });
  it('stands on the side that is liked, near its place, and needs no line there', () => {
    const label = { layer: 'n', text: 'rapid', at: { x: 0, y: 0 } };
    const one = (prefer: 'left' | 'above') =>
      placeLabels([{ ...label, prefer: [prefer] }], { texts: [], things: [] }, 100);
    expect(one('left')).toMatchObject([{ kind: 'text', anchor: 'end' }]);
    expect(one('above')).toMatchObject([{ kind: 'text', anchor: 'middle' }]);
  });
});
