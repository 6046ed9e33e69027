import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  arcOf,
  bow,
  boundsOf,
  boxOf,
  circle,
  composed,
  type Dimension,
  dimensionRows,
  flattened,
  grown,
  inside,
  joined,
  line,
  moved,
  outline,
  overlap,
  pathData,
  plain,
  plainShapes,
  type Point,
  quarterTurn,
  rect,
  type Shape,
  sheetOf,
  slot,
  type Text,
  textBox,
  textWidth,
  turnedParts,
} from '.';

const pen = { ink: 'ink', width: 1 } as const;
/** The corners of a line or an outline. */
const cornersOf = (shape: Shape | undefined): readonly Point[] => {
  if (shape?.kind !== 'outline') throw new Error('not an outline');
  return shape.points;
};
const isText = (shape: Shape): shape is Text => shape.kind === 'text';
const textsOf = (shapes: readonly Shape[], scale: number): Text[] =>
  shapes.flatMap((s) => plainShapes(s, scale)).filter(isText);
/** Pairs of texts that cover one another. */
const covered = (texts: readonly Text[], scale: number): string[] =>
  texts.flatMap((a, i) =>
    texts
      .slice(i + 1)
      .filter((b) => overlap(textBox(a, scale), textBox(b, scale)))
      .map((b) => `${a.text} | ${b.text}`),
  );

describe('arcs', () => {
  it('a bulge of 1 is half a circle, counter-clockwise; a quarter bulges by tan 22.5°', () => {
    const half = arcOf({ x: 0, y: 0, bulge: 1 }, { x: 2, y: 0 })!;
    expect(half).toMatchObject({ radius: 1, centre: { x: 1, y: 0 } });
    expect(half.sweep).toBeCloseTo(Math.PI, 12);
    // From the left end counter-clockwise to the right end: by below.
    const lowest = Math.min(
      ...flattened({
        points: [
          { x: 0, y: 0, bulge: 1 },
          { x: 2, y: 0 },
        ],
        closed: false,
      }).map((p) => p.y),
    );
    expect(lowest).toBeCloseTo(-1, 2);
    const quarter = arcOf({ x: 1, y: 0, bulge: Math.tan(Math.PI / 8) }, { x: 0, y: 1 })!;
    expect(quarter.centre.x).toBeCloseTo(0, 12);
    expect(quarter.centre.y).toBeCloseTo(0, 12);
    expect(quarter.sweep).toBeCloseTo(Math.PI / 2, 12);
    expect(arcOf({ x: 0, y: 0 }, { x: 1, y: 0 })).toBeUndefined();
  });
  it('every point of a flattened arc lies on its circle, whichever way it turns', () => {
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), (bulge) => {
        fc.pre(Math.abs(bulge) > 0.01);
        const from = { x: 0.3, y: -0.2, bulge };
        const to = { x: 1.1, y: 0.9 };
        const { centre, radius } = arcOf(from, to)!;
        for (const p of [...flattened({ points: [from, to], closed: false }), to])
          expect(Math.hypot(p.x - centre.x, p.y - centre.y) / radius).toBeCloseTo(1, 9);
      }),
    );
  });
  it('a slot over two pulleys is as long and as high as they', () => {
    const shape = slot('belt', { x: 0, y: 0 }, { x: 1, y: 0 }, 0.1, {});
    const box = boxOf(flattened(shape));
    expect([box.x0, box.x1, box.y0, box.y1]).toEqual(
      [-0.1, 1.1, -0.1, 0.1].map((v) => expect.closeTo(v, 3) as number),
    );
  });
  it('a bow rises as far as it says, across its line', () => {
    const up = flattened(bow('x', { x: 0, y: 0 }, { x: 2, y: 0 }, 0.3, { pen }));
    expect(Math.max(...up.map((p) => p.y))).toBeCloseTo(0.3, 12);
    const left = flattened(bow('x', { x: 0, y: 0 }, { x: 0, y: 2 }, 0.3, { pen }));
    expect(Math.min(...left.map((p) => p.x))).toBeCloseTo(-0.3, 12);
  });
});

describe('hatching', () => {
  it('fills an outline and nothing beside it: the lines’ length times their distance is its area', () => {
    const ring = outline(
      'cut',
      [
        { x: 0, y: 0 },
        { x: 3, y: 0 },
        { x: 3, y: 2 },
        { x: 1, y: 1 },
        { x: 0, y: 2 },
      ],
      {},
    );
    // Shoelace formula: 4.5.
    for (const angle of [0, Math.PI / 4, 1.1, Math.PI / 2]) {
      const hatch = { kind: 'hatch', layer: 'cut', points: ring.points, angle, step: 0.5 } as const;
      const lines = plainShapes(hatch, 100);
      let sum = 0;
      for (const l of lines) {
        if (l.kind !== 'outline') throw new Error('not a line');
        const [a, b] = l.points as [Point, Point];
        sum += Math.hypot(b.x - a.x, b.y - a.y) * 0.005;
        expect(inside(boxOf([a, b]), grown(boxOf(ring.points), 1e-9))).toBe(true);
      }
      expect(sum / 4.5, `${angle}`).toBeCloseTo(1, 2);
    }
  });
  it('a hole has its circle and the cross that marks its middle', () => {
    const shapes = plainShapes(
      { kind: 'hole', layer: 'drill', centre: { x: 1, y: 2 }, diameter: 0.2, pen },
      100,
    );
    expect(shapes[0]).toMatchObject({ kind: 'circle', radius: 0.1, centre: { x: 1, y: 2 } });
    expect(shapes).toHaveLength(3);
    expect(boxOf(cornersOf(shapes[1]))).toMatchObject({ x0: 0.86, x1: 1.14 });
  });
});

describe('dimensions', () => {
  const dimension = (length: number, along: 'x' | 'y' = 'x'): Dimension => ({
    kind: 'dimension',
    layer: 'dimensions',
    along,
    from: { x: 0, y: 0 },
    to: along === 'x' ? { x: length, y: 0 } : { x: 0, y: length },
    line: 0.5,
    text: 'travel 150 mm',
  });
  it('the figure stands in the line where there is room, beside it where there is none', () => {
    for (const along of ['x', 'y'] as const) {
      const [wide, narrow] = [dimension(2, along), dimension(0.05, along)];
      const [inLine] = textsOf([wide], 100);
      const [beside] = textsOf([narrow], 100);
      const middle = (t: Text) => (along === 'x' ? t.at.x : t.at.y);
      expect(middle(inLine!)).toBeCloseTo(along === 'x' ? 1 : 1 - 0.03, 2);
      expect(middle(beside!)).toBeGreaterThan(0.05);
    }
  });
  it('its line is parted for the figure, and its arrows end where it measures', () => {
    const shapes = plainShapes(dimension(2), 100);
    const [text] = textsOf([dimension(2)], 100);
    const lines = shapes.filter((s) => s.kind === 'outline' && !s.closed);
    for (const l of lines) expect(overlap(boxOf(cornersOf(l)), textBox(text!, 100))).toBe(false);
    const tips = shapes.filter((s) => s.kind === 'outline' && s.closed).map((s) => cornersOf(s)[0]!.x);
    expect(tips).toEqual([0, 2]);
  });
  it('rows never touch one another, nor what they measure', () => {
    const body = rect('body', 0, 0, 1, 0.2, { pen, fill: 'steel' });
    for (const along of ['x', 'y'] as const) {
      const wanted = (side: 1 | -1, to: number, text: string) => ({
        layer: 'd',
        along,
        side,
        from: { x: 0, y: 0 },
        to: along === 'x' ? { x: to, y: 0 } : { x: 0, y: to },
        text,
      });
      const rows = dimensionRows(
        [body],
        [wanted(1, 0.6, 'inner 600 mm'), wanted(1, 1, 'outer 1000 mm'), wanted(-1, 1, 'other')],
        300,
      );
      expect(covered(textsOf(rows, 300), 300)).toEqual([]);
      for (const t of textsOf(rows, 300)) expect(overlap(textBox(t, 300), boxOf(body.points))).toBe(false);
      expect(rows[1]!.line).toBeGreaterThan(rows[0]!.line);
      expect(rows[2]!.line).toBeLessThan(0);
    }
  });
});

describe('turning and moving', () => {
  const shapes: Shape[] = [
    rect('a', 0, 0, 2, 0.5, { pen }),
    circle('a', { x: 1, y: 0.2 }, 0.1, { pen }),
    slot('a', { x: 0, y: 0 }, { x: 1, y: 0 }, 0.1, { pen }),
    { kind: 'hatch', layer: 'a', points: rect('a', 0, 0, 2, 0.5, {}).points, angle: 0, step: 4 },
    {
      kind: 'dimension',
      layer: 'a',
      along: 'x',
      from: { x: 0, y: 0 },
      to: { x: 2, y: 0 },
      line: 0.8,
      text: '2',
    },
  ];
  it('four quarter turns are none, and one makes what lay stand', () => {
    const round = shapes.map((s) => quarterTurn(quarterTurn(quarterTurn(quarterTurn(s)))));
    const box = (list: readonly Shape[]) => boundsOf({ scale: 100, shapes: list });
    const [was, is, turned] = [box(shapes), box(round), box(shapes.map(quarterTurn))];
    for (const key of ['x0', 'x1', 'y0', 'y1'] as const) expect(is[key]).toBeCloseTo(was[key], 9);
    expect(turned.y1 - turned.y0).toBeGreaterThan(turned.x1 - turned.x0);
    // What ran to the right runs down.
    expect(quarterTurn(line('a', { x: 0, y: 0 }, { x: 1, y: 0 }, {}))).toMatchObject({
      points: [{ x: 0 }, { x: 0, y: -1 }],
    });
  });
  it('what is moved stands so far off and is as large', () => {
    const by = { x: 3, y: -2 };
    for (const shape of shapes) {
      const [a, b] = [shape, moved(shape, by)].map((s) => boundsOf({ scale: 100, shapes: [s] }));
      expect([b!.x0 - a!.x0, b!.x1 - a!.x1]).toEqual([expect.closeTo(3, 6), expect.closeTo(3, 6)]);
      expect([b!.y0 - a!.y0, b!.y1 - a!.y1]).toEqual([expect.closeTo(-2, 6), expect.closeTo(-2, 6)]);
    }
  });
  it('parts turn with their dimensions and labels, whose texts stay level', () => {
    const parts = joined({
      shapes: [rect('a', 0, 0, 2, 0.5, { pen })],
      labels: [{ layer: 'n', text: 'end', at: { x: 2, y: 0 } }],
      dimensions: [
        { layer: 'd', along: 'x', side: 1, from: { x: 0, y: 0.5 }, to: { x: 2, y: 0.5 }, text: '2 m' },
        { layer: 'd', along: 'x', side: -1, from: { x: 0, y: 0 }, to: { x: 2, y: 0 }, text: '2 m' },
      ],
    });
    const drawing = composed(turnedParts(parts), 100);
    const dimensions = drawing.shapes.filter((s) => s.kind === 'dimension');
    // What stood above stands to the right.
    expect(dimensions.map((d) => [d.along, Math.sign(d.line)])).toEqual([
      ['y', 1],
      ['y', -1],
    ]);
    expect(covered(textsOf(drawing.shapes, 100), 100)).toEqual([]);
  });
});

describe('the sheet', () => {
  it('holds all of a drawing, its texts included, upside up', () => {
    const drawing = composed(
      {
        shapes: [rect('a', 0, 0, 1, 0.2, { pen })],
        labels: [{ layer: 'n', text: 'a long word at the end', at: { x: 1, y: 0 } }],
        dimensions: [],
      },
      200,
    );
    const sheet = sheetOf(drawing);
    for (const t of textsOf(drawing.shapes, 200)) {
      const box = textBox(t, 200);
      expect(sheet.x(box.x0)).toBeGreaterThanOrEqual(0);
      expect(sheet.x(box.x1)).toBeLessThanOrEqual(sheet.width);
      expect(sheet.y(box.y1)).toBeGreaterThanOrEqual(0);
      expect(sheet.y(box.y0)).toBeLessThanOrEqual(sheet.height);
    }
    expect(sheet.y(0.2)).toBeLessThan(sheet.y(0));
    expect(sheetOf(drawing, { width: 2000, height: 0 }).width).toBe(2000);
  });
  it('path data draws arcs the way they turn', () => {
    const sheet = { width: 0, height: 0, x: (x: number) => x, y: (y: number) => -y };
    const arc = {
      kind: 'outline',
      layer: 'a',
      points: [
        { x: 0, y: 0, bulge: 1 },
        { x: 2, y: 0 },
      ],
      closed: false,
    } as const;
    expect(pathData(arc, sheet, 1)).toBe('M0 0A1 1 0 0 0 2 0');
    expect(
      pathData(
        {
          ...arc,
          points: [
            { x: 0, y: 0, bulge: -2 },
            { x: 2, y: 0 },
          ],
        },
        sheet,
        1,
      ),
    ).toMatch(/A1.25 1.25 0 1 1 2 0/);
  });
  it('widths of texts are those of our face at most: measured in the browser, 1000 units high', () => {
    // "travel 150 mm", plain 5940 to bold 6210, by the browser's own measure of the font that we ship.
    expect(textWidth('travel 150 mm', 1000)).toBeGreaterThanOrEqual(6000);
    expect(textWidth('travel 150 mm', 1000)).toBeLessThan(7200);
    expect(textWidth('漢', 10)).toBe(10);
  });
  it('lowers every kind to outlines, circles and texts', () => {
    const kinds = plain({
      scale: 100,
      shapes: [
        { kind: 'hole', layer: 'a', centre: { x: 0, y: 0 }, diameter: 0.1, pen },
        {
          kind: 'dimension',
          layer: 'a',
          along: 'y',
          from: { x: 0, y: 0 },
          to: { x: 0, y: 1 },
          line: 0.2,
          text: '1',
        },
      ],
    }).shapes.map((s) => s.kind);
    expect(new Set(kinds)).toEqual(new Set(['circle', 'outline', 'text']));
  });
});
