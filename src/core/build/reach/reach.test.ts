import { describe, expect, it } from 'vitest';
import { chance, type Chance, SEED, WIDE } from '@test/helpers/chance';
import { type Fastener, reachOf, type Solid, type Tool, toolsFor } from '.';
import { crosses, overlaps } from './solid';
import { exitsOf } from './exits';

type P = readonly [number, number, number];
const mm = (...v: number[]) => v.map((x) => x / 1000) as unknown as P;
const solid = (part: string, at: P, size: P, more: Partial<Solid> = {}): Solid => ({
  part,
  at,
  size,
  rides: [],
  holes: null,
  usual: false,
  ...more,
});
/** A screw whose head looks up, at the origin. */
const up: Fastener = { id: 's', at: [0, 0, 0], way: 2, sign: 1, rides: [], joins: ['seat'] };
const m5 = toolsFor('M5');
const key = m5.find((t) => t.kind === 'key')!;
const seen = (solids: readonly Solid[], tools: readonly Tool[] = m5, f: Fastener = up) =>
  reachOf(f, solids, [], tools);

describe('what hides a screw', () => {
  it('a key of M5 is 4 across (ISO 4762), 25 by 70 (ISO 2936, memory), and wants room to be set on', () => {
    expect(key).toMatchObject({ size: 0.004, arm: 0.07 });
    expect(key.shaft).toBeCloseTo(0.0275, 9);
    // A screw of 40 mm wants 40 to come out.
    expect(toolsFor('M5', 0.04).find((t) => t.kind === 'key')!.shaft).toBe(0.04);
    expect(toolsFor('no thread')).toEqual([]);
  });
  it('nothing above: free; a ceiling at 50 mm leaves the short arm, at 20 mm nothing', () => {
    expect(seen([])[0]).toMatchObject({ hidden: [] });
    const ceiling = (z: number) => [solid('plate', mm(0, 0, z + 10), mm(400, 400, 20))];
    expect(seen(ceiling(50))[0]).toMatchObject({ hidden: [], tool: { kind: 'key' } });
    expect(seen(ceiling(20))).toMatchObject([{ hidden: ['plate'] }]);
  });
  it('a wall on three sides leaves a quarter for the arm; on four it takes a T handle', () => {
    const wall = (x: number, y: number, part: string) =>
      solid(part, mm(x * 30, y * 30, 20), mm(x ? 10 : 200, y ? 10 : 200, 40));
    const three = [wall(1, 0, 'a'), wall(-1, 0, 'b'), wall(0, 1, 'c')];
    expect(seen([wall(1, 0, 'a'), wall(0, 1, 'c')], [key])[0]!.hidden).toEqual([]);
    // Between two walls 50 mm apart an arm of 70 mm cannot swing a quarter.
    expect(seen(three, [key]).every((r) => r.hidden.length > 0)).toBe(true);
    expect(seen([...three, wall(0, -1, 'd')])[0]).toMatchObject({ hidden: [], tool: { kind: 'driver' } });
  });
  it('through an open hole, not through one with a screw in it; what it joins is never in the way', () => {
    const hole = (diameter: number, open: boolean) =>
      solid('plate', mm(0, 0, 60), mm(300, 300, 10), {
        holes: { way: 2, front: 1, list: [{ label: 'A1', at: [0, 0, 0], diameter, open }] },
      });
    const straight = m5.filter((t) => t.kind === 'key-long');
    expect(seen([hole(0.008, true)], straight)[0]!.hidden).toEqual([]);
    expect(seen([hole(0.008, false)], straight)[0]!.hidden).toEqual(['plate']);
    expect(seen([hole(0.005, true)], straight)[0]!.hidden).toEqual(['plate']);
    expect(seen([solid('seat', mm(0, 0, 5), mm(100, 100, 10))])[0]!.hidden).toEqual([]);
  });
  it('a ball end leans past an edge that a straight key meets', () => {
    const edge = [solid('plate', mm(60, 0, 60), mm(130, 300, 20))];
    const ball = m5.filter((t) => t.kind === 'ball');
    expect(
      seen(
        edge,
        [key].map((t) => ({ ...t, shaft: 0.08, arm: 0 })),
      )[0]!.hidden,
    ).toEqual(['plate']);
    expect(seen(edge, ball)[0]!.hidden).toEqual([]);
  });
  it('what moves is moved aside: the pose is told; ways ask for no more off than others', () => {
    const carriage = solid('carriage', mm(0, 0, 30), mm(120, 120, 40), { rides: ['x'] });
    const cover = solid('cover', mm(0, 0, 120), mm(600, 600, 10));
    const moves = [{ axisId: 'x', way: 0 as const, travel: 0.5 }];
    const found = reachOf(up, [carriage], moves, m5);
    expect(found[0]!.hidden).toEqual([]);
    expect(found[0]!.pose.get('x')! * 0.5).toBeGreaterThan(0.06);
    const both = reachOf(up, [carriage, cover], [], m5.slice(1, 2));
    expect(both.map((r) => r.hidden)).toEqual([['carriage', 'cover']]);
  });
  it('a rod meets a box just where some point of it lies in the box, swollen by the rod', () => {
    const c = chance(SEED);
    const point = (chance: Chance): P => [chance.next() - 0.5, chance.next() - 0.5, chance.next() - 0.5];
    let hits = 0;
    for (let n = 0; n < 2000 * WIDE; n++) {
      const [from, to, at] = [point(c), point(c), point(c)];
      const size: P = [c.next() * 0.5, c.next() * 0.5, c.next() * 0.5];
      const radius = 0.01 + c.next() * 0.05;
      const near = (grow: number) =>
        Array.from({ length: 401 }, (_, i) => i / 400).some((t) =>
          [0, 1, 2].every(
            (w) => Math.abs(from[w]! + t * (to[w]! - from[w]!) - at[w]!) <= size[w]! / 2 + radius + grow,
          ),
        );
      const found = crosses(from, to, radius, at, size);
      if (found) hits++;
      // Points along the rod are a few thousandths apart.
      if (near(-0.004)) expect(found).toBe(true);
      if (!near(0.004)) expect(found).toBe(false);
    }
    expect(hits).toBeGreaterThan(200);
  });
  it('boxes that touch are not in one another’s way; half a millimetre is a touch', () => {
    expect(overlaps([0, 0, 0], mm(10, 10, 10), mm(9.6, 0, 0), mm(10, 10, 10))).toBe(false);
    expect(overlaps([0, 0, 0], mm(10, 10, 10), mm(9.4, 0, 0), mm(10, 10, 10))).toBe(true);
  });
});

describe('the way out of a part', () => {
  it('a nut leaves along its screw, past the block at the end; a usual size says nothing', () => {
    const parts = [
      solid('nut', mm(0, 0, 0), mm(40, 40, 40)),
      solid('screw', mm(0, 0, 0), mm(800, 16, 16)),
      solid('block', mm(60, 0, 0), mm(25, 60, 60)),
    ];
    const out = exitsOf('nut', parts, [0], ['screw']);
    expect(out).toEqual([
      { way: 0, sign: 1, hidden: ['block'] },
      { way: 0, sign: -1, hidden: [] },
    ]);
    const guessed = parts.map((p) => (p.part === 'block' ? { ...p, usual: true } : p));
    expect(exitsOf('nut', guessed, [0], ['screw']).every((e) => !e.hidden.length)).toBe(true);
  });
});
