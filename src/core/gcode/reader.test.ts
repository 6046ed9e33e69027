import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arcPlace, BoxReader, plainTaking, quadrantsOf, wayAt } from '@/core/gcode';
import { SEED } from '@test/helpers/chance';
import { readGcode } from '@test/helpers/gcode';
import { heldWhole } from '@test/helpers/gcode-spoilt';
import { secondRead } from '@test/helpers/gcode-second';

const tenth = (most: number) => fc.integer({ min: -most * 10, max: most * 10 }).map((v) => v / 10);
const word = (letter: string, value: number) => `${letter}${value}`;

/** Lines, arcs by centre and radius, helices, planes, units and increments, as they come. */
const block = fc.oneof(
  fc.record({ x: tenth(200), y: tenth(200), z: tenth(20) }).map(({ x, y, z }) => `G1 X${x} Y${y} Z${z}`),
  fc.record({ x: tenth(200), z: tenth(20) }).map(({ x, z }) => `G0 Z${z} X${x}`),
  fc
    .record({ i: tenth(50), j: tenth(50), ccw: fc.boolean(), h: tenth(5) })
    .filter(({ i, j }) => Math.hypot(i, j) > 0.5)
    // A full turn always ends where it began: no rounding of ends is in the way.
    .map(({ i, j, ccw, h }) => `${ccw ? 'G3' : 'G2'} I${i} J${j}${h > 3 ? ` G91 Z${h}\nG90` : ''}`),
  fc
    .record({
      dx: tenth(40),
      dy: tenth(40),
      more: fc.double({ min: 1.02, max: 3, noNaN: true }),
      ccw: fc.boolean(),
      long: fc.boolean(),
    })
    .filter(({ dx, dy }) => Math.hypot(dx, dy) > 0.5)
    .map(({ dx, dy, more, ccw, long }) => {
      const r = Number(((Math.hypot(dx, dy) / 2) * more + 0.01).toFixed(3));
      return `G91 ${ccw ? 'G3' : 'G2'} X${dx} Y${dy} ${word('R', long ? -r : r)}\nG90`;
    }),
  fc.constantFrom('G20\nG1 F20', 'G21\nG1 F600'),
);

describe('against a second reader, written by other means', () => {
  it('length of the path and its box are the same', () => {
    fc.assert(
      fc.property(fc.array(block, { minLength: 1, maxLength: 12 }), (blocks) => {
        const text = ['G21 G90 G17', 'G1 F600', ...blocks].join('\n');
        const { moves, told } = readGcode(text);
        expect(told.unread).toBe(0);
        const second = secondRead(text);
        const length = moves.reduce((sum, m) => sum + m.length * 1e3, 0);
        expect(moves).toHaveLength(second.moves);
        // The second one’s arcs are four thousand chords: short by a millionth.
        expect(Math.abs(length - second.length)).toBeLessThan(1e-5 * Math.max(1, second.length));
        const box = new BoxReader(plainTaking);
        box.push(new TextEncoder().encode(text));
        const found = box.end();
        for (const i of [0, 1, 2] as const) {
          expect(Math.min(0, (found?.low[i] ?? 0) * 1e3)).toBeCloseTo(second.low[i]!, 3);
          expect(Math.max(0, (found?.high[i] ?? 0) * 1e3)).toBeCloseTo(second.high[i]!, 3);
        }
      }),
      { numRuns: 150 },
    );
  });
  it('an arc begins and ends where its line says, and goes the way that it says', () => {
    const { moves } = readGcode('G0 X10\nG3 X-10 Z-2 I-10 F60\nG18 G2 X10 Z-2 I10\nG19 G3 Y5 Z3 R6');
    for (const motion of moves) {
      const { arc, from, to } = motion;
      if (!arc) continue;
      arcPlace(motion, arc, 0).forEach((v, i) => expect(v).toBeCloseTo(from[i]!, 9));
      arcPlace(motion, arc, 1).forEach((v, i) => expect(v).toBeCloseTo(to[i]!, 9));
      for (const share of [0, 0.3, 1]) {
        const h = 1e-6;
        const [a, b] = [arcPlace(motion, arc, share), arcPlace(motion, arc, share + h)];
        const way = wayAt(motion, share);
        const step = Math.hypot(...b.map((v, i) => v - a[i]!));
        way.forEach((v, i) => expect(v).toBeCloseTo((b[i]! - a[i]!) / step, 4));
      }
      for (const share of quadrantsOf(arc))
        expect(wayAt(motion, share).some((v) => Math.abs(v) < 0.3)).toBe(true);
    }
  });
});

describe('whatever stands in a file', () => {
  it('two thousand spoilt ones: no crash, every move finite, every line done or named', () =>
    heldWhole(2000, SEED));
  it('a line that fails leaves nothing behind, not even what stands before its fault', () => {
    const { lines } = readGcode('G21 G0 X1\nG20 G91 S500 M3 T2 M6 X5 X6\nG0 X2');
    expect(lines).toEqual(['1 rapid 1 0 0', '3 rapid 2 0 0']);
  });
  it('a million faults are counted and not kept', () => {
    const { told } = readGcode('G77\n'.repeat(5000), {}, 1e6);
    expect(told.counts.get('unknown-g')).toBe(5000);
    expect(told.notes.length).toBeLessThan(100);
    expect(told.unread).toBe(5000);
  });
  it('a line without an end is cut off and named, and the next one is read', () => {
    const { told, lines } = readGcode(`G0 X1 (${'x'.repeat(1e5)})\nG0 X2`, {}, 1e6);
    expect(told.notes[0]).toMatchObject({ code: 'line-long', line: 1 });
    expect(lines).toEqual(['2 rapid 2 0 0']);
  });
  it('a place beyond any machine, and more pecks than anybody makes', () => {
    expect(readGcode('G0 X9999999').notes).toContain('1:4 move-far X');
    expect(readGcode('G83 X0 Z-100 R1 Q0.0001 F60').notes[0]).toBe('1:17 pecks-many Q');
  });
});
