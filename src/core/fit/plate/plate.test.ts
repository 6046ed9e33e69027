import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  depthInside,
  edgeFaults,
  evenly,
  floorFaults,
  hiddenHeads,
  insideOutline,
  makingFaults,
  patternPlaces,
  placedAt,
  type PlateHole,
  railHoles,
  servesMirrored,
  wallFaults,
} from '.';

const mm = (v: number) => v / 1000;
const hole = (label: string, x: number, y: number, more: Partial<PlateHole> = {}): PlateHole => ({
  label,
  group: label[0]!,
  x: mm(x),
  y: mm(y),
  diameter: mm(5.5),
  depth: null,
  thread: null,
  face: 'front',
  bore: null,
  sink: null,
  reamed: false,
  ...more,
});
const box = (w: number, h: number) => [
  { x: 0, y: 0 },
  { x: mm(w), y: 0 },
  { x: mm(w), y: mm(h) },
  { x: 0, y: mm(h) },
];

describe('patterns of holes', () => {
  it('a motor of size 23 has its holes on a circle of 66.7 (NEMA ICS 16)', () => {
    const places = patternPlaces({ kind: 'rect', along: mm(47.14), across: mm(47.14) });
    expect(places).toHaveLength(4);
    for (const p of places) expect(2000 * Math.hypot(p.x, p.y)).toBeCloseTo(66.67, 1);
  });
  it('six holes on a circle stand a radius apart', () => {
    const places = patternPlaces({ kind: 'circle', circle: mm(38), count: 6, start: 0.3 });
    const next = [...places.slice(1), places[0]!];
    places.forEach((p, i) => expect(Math.hypot(p.x - next[i]!.x, p.y - next[i]!.y)).toBeCloseTo(0.019, 12));
  });
  it('a row stands about its middle; a turned part swaps along and across', () => {
    const row = patternPlaces({ kind: 'row', pitch: mm(60), count: 3 });
    expect(row.map((p) => p.x)).toEqual([-0.06, 0, 0.06]);
    const turned = placedAt(row, { x: 1, y: 2 }, true);
    expect(turned.map((p) => [p.x, Number(p.y.toFixed(3))])).toEqual([
      [1, 1.94],
      [1, 2],
      [1, 2.06],
    ]);
  });
  it('carriages stand flush with the ends of their span', () => {
    expect(evenly(2, 0.18, 0.06)).toEqual([-0.06, 0.06]);
    expect(evenly(3, 0.18, 0.06).map((v) => Number(v.toFixed(9)))).toEqual([-0.06, 0, 0.06]);
    expect(evenly(1, 0.18, 0.06)).toEqual([0]);
  });
  it('rail 1000, pitch 60, 10 at least: 17 holes from 20 on; 1370: 23 holes from 25 on', () => {
    expect(railHoles(1, 0.06, 0.01)).toEqual({ count: 17, end: expect.closeTo(0.02, 12) });
    expect(railHoles(1.37, 0.06, 0.01)).toEqual({ count: 23, end: expect.closeTo(0.025, 12) });
    expect(railHoles(0.015, 0.06, 0.01)).toBeNull();
  });
  it('both ends of a rail are equal and hold no less than is wanted, whatever its length', () => {
    fc.assert(
      fc.property(fc.integer({ min: 25, max: 4000 }), fc.constantFrom(20, 25, 40, 60, 80), (long, pitch) => {
        const { count, end } = railHoles(mm(long), mm(pitch), 0.01)!;
        expect(2 * end + (count - 1) * mm(pitch)).toBeCloseTo(mm(long), 9);
        expect(end).toBeGreaterThanOrEqual(0.01 - 1e-9);
        expect(end).toBeLessThan(0.01 + mm(pitch) / 2 + 1e-9);
      }),
    );
  });
});

describe('what is wrong with a hole', () => {
  it('is too near the edge below 1.5 of its diameter, 2 in aluminium', () => {
    const at = (x: number, aluminium: boolean) => edgeFaults([hole('A1', x, 50)], box(100, 100), aluminium);
    expect([at(8.25, false), at(11, true)]).toEqual([[], []]);
    expect(at(8, false)).toMatchObject([{ hole: 'A1', have: mm(8) }]);
    expect(at(10.9, true)).toHaveLength(1);
    expect(at(-1, false)[0]!.have).toBeCloseTo(-0.001, 12);
  });
  it('leaves less wall than its own diameter to the next, or runs into it', () => {
    const at = (x: number) => wallFaults([hole('A1', 20, 20), hole('A2', 20 + x, 20)]);
    expect(at(11)).toEqual([]);
    expect(at(10)).toMatchObject([{ hole: 'A1', other: 'A2' }]);
    expect(at(4)[0]!.have).toBeCloseTo(-0.0015, 12);
  });
  it('leaves too little under its counterbore', () => {
    const sunk = hole('A1', 20, 20, { bore: { diameter: mm(10), depth: mm(5.4) } });
    expect(floorFaults([sunk], mm(8.2))).toEqual([]);
    expect(floorFaults([sunk], mm(8))).toHaveLength(1);
  });
  it('has its head under a part on the same face, not under one on the other', () => {
    const part = {
      group: 'B',
      middle: { x: mm(20), y: mm(26) },
      along: mm(30),
      across: mm(10),
    };
    const heads = (face: 'front' | 'back', y = 20) =>
      hiddenHeads([hole('A1', 20, y, { bore: { diameter: mm(10), depth: mm(5) } })], [{ ...part, face }]);
    expect(heads('front')).toMatchObject([{ hole: 'A1', under: 'B' }]);
    expect(heads('back')).toEqual([]);
    expect(heads('front', 15)).toEqual([]);
  });
  it('is too small for plasma below twice the thickness, for laser below once; never a dowel', () => {
    const made = (d: number, by: 'laser' | 'plasma' | 'drill', reamed = false) =>
      makingFaults([hole('A1', 20, 20, { diameter: mm(d), reamed })], mm(8), by).length;
    expect([made(16, 'plasma'), made(15, 'plasma'), made(8, 'laser'), made(7, 'laser')]).toEqual([
      0, 1, 0, 1,
    ]);
    expect([made(20, 'laser', true), made(2, 'drill', true)]).toEqual([1, 0]);
  });
  it('lies inside or outside an outline with a notch', () => {
    const notched = [...box(100, 100).slice(0, 3), { x: mm(50), y: mm(50) }, { x: 0, y: mm(100) }];
    expect(insideOutline({ x: mm(50), y: mm(40) }, notched)).toBe(true);
    expect(insideOutline({ x: mm(50), y: mm(60) }, notched)).toBe(false);
    expect(depthInside({ x: mm(50), y: mm(60) }, notched)).toBeLessThan(0);
  });
});

describe('a mirrored plate', () => {
  const even = [20, 80].flatMap((x) => [30, 70].map((y) => hole(`A${x}${y}`, x, y)));
  it('needs no drawing of its own where holes lie evenly', () => {
    expect(servesMirrored(even, mm(100), mm(100))).toBe(true);
  });
  it('with one hole aside it is turned over, unless a head sinks in from one face', () => {
    const bore = { diameter: mm(10), depth: mm(5) };
    const aside = (more: Partial<PlateHole>) => [...even, hole('B1', 40, 60)].map((h) => ({ ...h, ...more }));
    expect(servesMirrored(aside({}), mm(100), mm(100))).toBe(true);
    expect(servesMirrored(aside({ bore }), mm(100), mm(100))).toBe(false);
    expect(servesMirrored(aside({ depth: mm(8) }), mm(100), mm(100))).toBe(false);
    const along = [...even, hole('B1', 50, 60)].map((h) => ({ ...h, bore }));
    expect(servesMirrored(along, mm(100), mm(100))).toBe(true);
  });
  const any = fc.array(
    fc.record({ x: fc.integer({ min: 1, max: 99 }), y: fc.integer({ min: 1, max: 99 }), back: fc.boolean() }),
    { minLength: 1, maxLength: 6 },
  );
  it('is its own mirror image once its mirror image is added', () => {
    fc.assert(
      fc.property(any, (some) => {
        const face = (back: boolean) => (back ? ('back' as const) : ('front' as const));
        const holes = some.map((s, i) => hole(`A${i}`, s.x, s.y, { face: face(s.back), depth: mm(5) }));
        const both = [
          ...holes,
          ...some.map((s, i) => hole(`B${i}`, 100 - s.x, s.y, { face: face(s.back), depth: mm(5) })),
        ];
        expect(servesMirrored(both, mm(100), mm(100))).toBe(true);
      }),
    );
  });
});
