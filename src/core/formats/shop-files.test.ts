import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import { parseStringSync } from 'gcode-parser';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { circle, type Drawing, outline, type Vertex } from '@/core/drawing';
import { drawingDxf, drillCsv, type DrillRow, shortWay, spotProgram, trueSvg, usualSpots } from '.';

const pen = { pen: { ink: 'ink', width: 1 } } as const;
const mm = (v: number) => v / 1000;
const corners: readonly Vertex[] = [
  { x: 0, y: 0 },
  { x: mm(200), y: 0, bulge: 0.4142135623730951 },
  { x: mm(210), y: mm(10) },
  { x: mm(210), y: mm(120) },
  { x: 0, y: mm(120) },
];
const drawingOf = (holes: readonly { x: number; y: number; r: number; layer: string }[]): Drawing => ({
  scale: 1000,
  shapes: [
    outline('OUTLINE', corners, pen),
    ...holes.map((h) => circle(h.layer, { x: mm(h.x), y: mm(h.y) }, mm(h.r), pen)),
  ],
});
const hole = fc.record({
  x: fc.double({ min: -500, max: 1500, noNaN: true }),
  y: fc.double({ min: -500, max: 1500, noNaN: true }),
  r: fc.double({ min: 0.5, max: 60, noNaN: true }),
  layer: fc.constantFrom('THRU_5_5', 'TAP_M6', 'CBORE'),
});

interface Entity {
  readonly type: string;
  readonly layer: string;
  readonly center?: { x: number; y: number };
  readonly radius?: number;
  readonly vertices?: { x: number; y: number; bulge?: number }[];
  readonly shape?: boolean;
}
const read = (text: string) => new DxfParser().parseSync(text) as unknown as { entities: Entity[] };

describe('DXF, read back by another reader', () => {
  it('has every circle in its place, size and layer within a micrometre', () => {
    fc.assert(
      fc.property(fc.array(hole, { minLength: 1, maxLength: 20 }), (holes) => {
        const found = read(drawingDxf(drawingOf(holes))).entities.filter((e) => e.type === 'CIRCLE');
        expect(found).toHaveLength(holes.length);
        holes.forEach((h, i) => {
          const e = found[i]!;
          expect(Math.abs(e.center!.x - h.x)).toBeLessThan(1e-3);
          expect(Math.abs(e.center!.y - h.y)).toBeLessThan(1e-3);
          expect(Math.abs(e.radius! - h.r)).toBeLessThan(1e-3);
          expect(e.layer).toBe(h.layer);
        });
      }),
      { numRuns: 50 },
    );
  });
  it('has the outline closed, once, with its arc; the unit as a text and a line of 100 mm', () => {
    const { entities } = read(drawingDxf(drawingOf([])));
    const [edge, ...others] = entities.filter((e) => e.type === 'POLYLINE');
    expect(others).toEqual([]);
    expect(edge!.shape).toBe(true);
    expect(edge!.vertices!.map((v) => [v.x, v.y])).toEqual([
      [0, 0],
      [200, 0],
      [210, 10],
      [210, 120],
      [0, 120],
    ]);
    expect(edge!.vertices![1]!.bulge).toBeCloseTo(Math.SQRT2 - 1, 9);
    const [proof] = entities.filter((e) => e.type === 'LINE' && e.layer === 'SCALE');
    expect(proof!.vertices![1]!.x - proof!.vertices![0]!.x).toBeCloseTo(100, 6);
    expect(drawingDxf(drawingOf([]))).toContain('UNITS mm');
  });
  it('is plain ASCII in pairs and of release 12, whatever a layer is called', () => {
    const text = drawingDxf(drawingOf([{ x: 1, y: 1, r: 2, layer: 'löcher für M6, rund' }]));
    expect(text).toMatch(/^[\x20-\x7e\r\n]*$/);
    expect(text).toContain('AC1009');
    expect(text.trim().split('\r\n').length % 2).toBe(0);
    expect(text).not.toMatch(/LWPOLYLINE|SPLINE|ELLIPSE|e-\d/);
  });
});

describe('SVG in true size', () => {
  it('is as many millimetres wide as it says, one unit each, y downwards', () => {
    const svg = trueSvg(drawingOf([{ x: 50, y: 20, r: 2.75, layer: 'THRU_5_5' }]), 'A <plate>');
    expect(svg).toContain('width="210mm" height="120mm" viewBox="0 0 210 120"');
    expect(svg).toContain('<circle cx="50" cy="100" r="2.75"/>');
    // A quarter of 10 mm about a corner: 200,120 to 210,110 on the sheet.
    expect(svg).toContain('A10 10 0 0 0 210 110');
    expect(svg).toContain('A &#60;plate&#62;');
  });
});

const row = (label: string, x: number, y: number, more: Partial<DrillRow> = {}): DrillRow => ({
  label,
  part: 'carriages, "short"',
  face: 'front',
  x: mm(x),
  y: mm(y),
  operation: 'drill',
  diameter: mm(5.5),
  depth: null,
  thread: null,
  bore: null,
  note: '',
  ...more,
});

describe('the drill list', () => {
  it('reads back as it was, with a dot and a row a hole', () => {
    const rows = [
      row('A1', 61.5, 37.5, { bore: { diameter: mm(10), depth: mm(5.4) } }),
      row('B1', 10, 20, { operation: 'tap', thread: 'M6', diameter: mm(5), depth: mm(15) }),
    ];
    const { data } = Papa.parse<Record<string, string>>(drillCsv(rows), {
      header: true,
      skipEmptyLines: true,
    });
    expect(data).toMatchObject([
      { id: 'A1', part: 'carriages, "short"', x_mm: '61.5', y_mm: '37.5', d_mm: '5.5', depth_mm: 'through' },
      { id: 'B1', op: 'tap', thread: 'M6', depth_mm: '15', cbore_d_mm: '' },
    ]);
  });
});

interface Block {
  readonly words: readonly (readonly [string, number])[];
}
const place = fc.record({ x: fc.integer({ min: 0, max: 600 }), y: fc.integer({ min: 0, max: 400 }) });

describe('the program that spots holes, read by another reader', () => {
  const blocks = (text: string) =>
    (parseStringSync(text) as unknown as { words: Block['words'] }[]).map((b) => b.words);
  /** Where it comes down, and how deep; heights between. */
  const run = (text: string) => {
    let [x, y, z] = [0, 0, NaN];
    const downs: { x: number; y: number; z: number }[] = [];
    const moves: { fast: boolean; z: number; sideways: boolean }[] = [];
    for (const words of blocks(text)) {
      const get = (letter: string) => words.find(([l]) => l === letter)?.[1];
      const g = get('G');
      if (g !== 0 && g !== 1) continue;
      const sideways = get('X') !== undefined;
      [x, y, z] = [get('X') ?? x, get('Y') ?? y, get('Z') ?? z];
      moves.push({ fast: g === 0, z, sideways });
      if (g === 1) downs.push({ x, y, z });
    }
    return { downs, moves };
  };
  it('comes down on each hole once, moves sideways only above the work, and ends', () => {
    fc.assert(
      fc.property(fc.array(place, { minLength: 1, maxLength: 25 }), (places) => {
        const rows = places.map((p, i) => row(`A${i}`, p.x, p.y));
        const text = spotProgram(rows, { ...usualSpots, air: false }, 'Saddle');
        const { downs, moves } = run(text);
        const sorted = (list: readonly { x: number; y: number }[]) => list.map((p) => `${p.x} ${p.y}`).sort();
        expect(sorted(downs)).toEqual(sorted(places));
        // 3 mm wide at 90°: half of it deep.
        for (const d of downs) expect(d.z).toBeCloseTo(-1.5, 9);
        for (const m of moves) if (m.sideways) expect([m.fast, m.z]).toEqual([true, 5]);
        expect(text).toMatch(/M5\nM30\n$/);
        expect(text).not.toMatch(/G8[1-9]/);
      }),
      { numRuns: 40 },
    );
  });
  it('asks for the spindle or starts it, dwells as the controller reads it, and says air pass', () => {
    const rows = [row('A1', 10, 10)];
    expect(spotProgram(rows, usualSpots, 'P')).toMatch(/AIR PASS[\s\S]*\nM0\n[\s\S]*G4 P0\.2\n/);
    const { downs } = run(spotProgram(rows, usualSpots, 'P'));
    expect(downs[0]!.z).toBeGreaterThan(0);
    const spun = spotProgram(
      rows,
      { ...usualSpots, spindle: 1200 * (Math.PI / 30), milliseconds: true },
      'P',
    );
    expect(spun).toMatch(/M3 S1200\nG4 P3000\n/);
    expect(spun).toContain('G4 P200');
  });
  it('in inches is the same place', () => {
    const { downs } = run(spotProgram([row('A1', 25.4, 50.8)], { ...usualSpots, units: 'inch' }, 'P'));
    expect([downs[0]!.x, downs[0]!.y]).toEqual([1, 2]);
  });
  it('takes a way that no turning over shortens, and loses no hole', () => {
    fc.assert(
      fc.property(fc.array(place, { minLength: 2, maxLength: 14 }), (places) => {
        const way = shortWay(places);
        const long = (list: readonly { x: number; y: number }[]) =>
          list.reduce(
            (s, p, i) => s + Math.hypot(p.x - (list[i - 1]?.x ?? 0), p.y - (list[i - 1]?.y ?? 0)),
            0,
          );
        expect(way).toHaveLength(places.length);
        expect(long(way)).toBeLessThanOrEqual(long(places) + 1e-6);
      }),
    );
  });
});
