import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { circle, type Drawing, outline, type Vertex } from '@/core/drawing';
import { drawingDxf, readDxfOutline } from '.';

const pen = { pen: { ink: 'ink', width: 1 } } as const;
const corners: readonly Vertex[] = [
  { x: 0, y: 0, bulge: 0 },
  { x: 0.2, y: 0, bulge: Math.SQRT2 - 1 },
  { x: 0.21, y: 0.01, bulge: 0 },
  { x: 0.21, y: 0.12, bulge: 0 },
  { x: 0, y: 0.12, bulge: 0 },
];
const drawing: Drawing = {
  scale: 1000,
  shapes: [
    outline(
      'OUTLINE',
      corners.map((c) => ({ ...c, x: c.x + 0.5, y: c.y - 0.3 })),
      pen,
    ),
    outline(
      'POCKET',
      [
        { x: 0.51, y: -0.29 },
        { x: 0.53, y: -0.29 },
        { x: 0.53, y: -0.27 },
      ],
      pen,
    ),
    circle('THRU', { x: 0.55, y: -0.25 }, 0.00275, pen),
  ],
};
/** Pairs as a file of their own. */
const file = (...pairs: readonly (readonly [number, string | number])[]) =>
  [[0, 'SECTION'], [2, 'ENTITIES'], ...pairs, [0, 'ENDSEC'], [0, 'EOF']]
    .map(([code, value]) => `${code}\n${value}\n`)
    .join('');
const line = (x1: number, y1: number, x2: number, y2: number) =>
  [
    [0, 'LINE'],
    [8, '0'],
    [10, x1],
    [20, y1],
    [11, x2],
    [21, y2],
  ] as const;

describe('an outline out of a DXF file', () => {
  it('of our own comes back as it went out, its corner at 0', () => {
    const read = readDxfOutline(drawingDxf(drawing));
    if (!read.ok) throw new Error(read.why);
    read.outline.forEach((v, i) => {
      expect(v.x).toBeCloseTo(corners[i]!.x, 7);
      expect(v.y).toBeCloseTo(corners[i]!.y, 7);
      expect(v.bulge).toBeCloseTo(corners[i]!.bulge!, 7);
    });
    expect(read.holes).toEqual([
      { x: expect.closeTo(0.05, 7), y: expect.closeTo(0.05, 7), diameter: expect.closeTo(0.0055, 7) },
    ]);
    expect(read.unit).toBe('assumed-mm');
  });
  it('of single lines and an arc is joined where they meet, whatever way they were drawn', () => {
    const arc = [
      [0, 'ARC'],
      [8, '0'],
      [10, 90],
      [20, 10],
      [40, 10],
      [50, 270],
      [51, 0],
    ] as const;
    const read = readDxfOutline(
      file(
        ...line(0, 0, 90, 0),
        ...arc,
        ...line(100, 60, 100, 10),
        ...line(0, 60, 100, 60),
        ...line(0, 60, 0, 0),
      ),
    );
    if (!read.ok) throw new Error(read.why);
    expect(read.outline).toHaveLength(5);
    expect(read.outline.filter((v) => v.bulge)).toHaveLength(1);
    expect(Math.abs(read.outline.find((v) => v.bulge)!.bulge!)).toBeCloseTo(Math.SQRT2 - 1, 9);
  });
  it('in inches is as large as it says', () => {
    const header =
      '0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n' +
      file(...line(0, 0, 4, 0), ...line(4, 0, 4, 2), ...line(4, 2, 0, 2), ...line(0, 2, 0, 0));
    const read = readDxfOutline(header);
    if (!read.ok) throw new Error(read.why);
    expect(read.unit).toBe('inch');
    expect(Math.max(...read.outline.map((v) => v.x))).toBeCloseTo(0.1016, 9);
  });
  it.each([
    ['not-dxf', 'a plate of 200 x 120'],
    ['not-dxf', ''],
    ['no-outline', file(...line(0, 0, 90, 0), ...line(90, 0, 90, 20))],
    ['too-wide', file(...line(0, 0, 9e4, 0), ...line(9e4, 0, 9e4, 9e4), ...line(9e4, 9e4, 0, 0))],
  ] as const)('%s', (why, text) => {
    expect(readDxfOutline(text)).toEqual({ ok: false, why });
  });
  it('never throws, and gives nothing that is no number, whatever the file is', () => {
    const good = drawingDxf(drawing);
    const spoilt = fc.tuple(fc.nat(good.length), fc.nat(60), fc.string({ maxLength: 12 }));
    fc.assert(
      fc.property(fc.oneof(fc.string(), spoilt), (how) => {
        const text =
          typeof how === 'string' ? how : good.slice(0, how[0]) + how[2] + good.slice(how[0] + how[1]);
        const read = readDxfOutline(text);
        if (!read.ok) return;
        for (const v of [...read.outline, ...read.holes])
          expect([v.x, v.y].every((n) => Number.isFinite(n))).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});
