import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Motion, Place } from '@/core/gcode';
import { SEED } from '@test/helpers/chance';
import { bentWay } from './bent';

const rapid = (from: Place, to: Place): Motion => ({
  line: 1,
  rapid: true,
  from,
  to,
  arc: null,
  length: Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]),
  speed: Infinity,
  on: false,
  spindle: 0,
  path: { kind: 'set' },
  cycle: false,
  own: false,
});

describe('a rapid whose axes do not wait for one another', () => {
  it('bends where the first of them is there', () => {
    const [first, second, ...others] = bentWay(rapid([0, 0, 0], [0.3, 0.1, 0]), [0.2, 0.2, 0.05]);
    expect(first!.to).toEqual([expect.closeTo(0.1, 12), 0.1, 0]);
    expect(second!.to).toEqual([0.3, 0.1, 0]);
    expect(second!.from).toBe(first!.to);
    expect(others).toEqual([]);
  });
  it('of one axis is straight', () =>
    expect(bentWay(rapid([0, 0, 0], [0, 0, 0.05]), [1, 1, 1])).toHaveLength(1));
  it('goes from its beginning to its end, each axis one way, and never shorter than straight', () => {
    const place = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -50, max: 50 }).map((v) => v / 100)));
    const speed = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: 1, max: 40 }).map((v) => v / 100)));
    fc.assert(
      fc.property(place, place, speed, (from, to, speeds) => {
        const [a, b, v] = [from, to, speeds] as unknown as readonly [Place, Place, Place];
        fc.pre(a.some((x, i) => x !== b[i]));
        const pieces = bentWay(rapid(a, b), v);
        expect(pieces[0]!.from).toEqual(a);
        expect(pieces.at(-1)!.to).toEqual(b);
        const way = pieces.reduce((sum, p) => sum + p.length, 0);
        expect(way).toBeGreaterThanOrEqual(rapid(a, b).length - 1e-12);
        for (const i of [0, 1, 2] as const)
          for (const p of pieces)
            expect((p.to[i] - p.from[i]) * (b[i] - a[i])).toBeGreaterThanOrEqual(-1e-15);
      }),
      { seed: SEED, numRuns: 300 },
    );
  });
});
