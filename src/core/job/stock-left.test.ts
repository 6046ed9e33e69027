import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Motion, type Place, plainTaking, Reader } from '@/core/gcode';
import type { JobStock } from './setup';
import { StockLeft } from './stock-left';

const stock: JobStock = { low: [0, 0], high: [0.4, 0.3], top: 0, thickness: 0.018 };
const R = 3e-3;

/** The moves of a program, from far above the stock's corner. */
function movesOf(text: string): Motion[] {
  const moves: Motion[] = [];
  const nought: Place = [0, 0, 0];
  const reader = new Reader(
    { taking: plainTaking, place: [0, 0, 0.05], nought, zero: nought },
    { move: (m) => moves.push(m), act: () => undefined },
  );
  reader.push(new TextEncoder().encode(`G21 G90 F1000\n${text}\n`));
  reader.end();
  return moves;
}

/** Depths of all moves of a program one after the other, mm. */
const depths = (text: string, left = new StockLeft(stock), radius = R) =>
  movesOf(text).map((m) => left.take(m, radius) * 1e3);
const mm = (v: number) => expect.closeTo(v, 3) as number;

describe('what is left of the stock', () => {
  it('is met by a first pass as deep as it goes; by the next, by what is left under it', () => {
    const program = 'G0 X50 Y50\nG1 Z-4\nX150\nG0 Z5\nX50\nG1 Z-9\nX150\nG0 Z5\nX50\nG1 Z-9\nX150';
    expect(depths(program)).toEqual([0, mm(4), mm(4), 0, 0, mm(5), mm(5), 0, 0, 0, 0]);
  });
  it('stands in the way of a step to the side; back on the same way nothing does', () => {
    const found = depths('G0 X50 Y50\nG1 Z-4\nX150\nY53\nX50\nX150');
    expect(found.slice(2)).toEqual([mm(4), mm(4), mm(4), mm(0)]);
  });
  it('begins at its edge, and ends there', () => {
    const far = 'G0 X500 Y50\nG1 Z-4\nX450\nX410\nX380\nG0 Z5\nX395 Y200\nG1 Z-2';
    expect(depths(far)).toEqual([0, 0, 0, 0, mm(4), 0, 0, mm(2)]);
  });
  it('does not stand where a pocket was cleared: what crosses it at rapid meets nothing', () => {
    const pocket = ['G0 X100 Y100', 'G1 Z-5'];
    for (let y = 100; y <= 130; y += 2) pocket.push(`Y${y}`, y % 4 ? 'X100' : 'X150');
    const left = new StockLeft(stock);
    depths(pocket.join('\n'), left);
    const [through, out] = movesOf('G0 X102 Y102 Z-5\nX148 Y128\nX200').slice(1);
    expect(left.take(through!, R)).toBe(0);
    expect(left.take(out!, R) * 1e3).toBeCloseTo(5, 3);
  });
  it('is met by a ramp where it is deepest, by a helix turn by turn', () => {
    expect(depths('G0 X50 Y50 Z0\nG1 X90 Z-6')[1]).toBeCloseTo(6, 2);
    const helix = depths('G0 X50 Y50 Z0\nG2 X50 Y50 Z-2 I10\nG2 X50 Y50 Z-4 I10\nG2 X50 Y50 Z-4 I10');
    // Where it closes, its beginning was cut already.
    expect(helix[1]).toBeGreaterThan(1.9);
    expect(helix[1]).toBeLessThan(2.001);
    expect(helix[2]).toBeGreaterThan(1.9);
    expect(helix[3]).toBeLessThan(2.001);
  });
  it('is met as deep by short chords as by one long line', () => {
    const chords = Array.from({ length: 400 }, (_, i) => `X${(50 + 0.25 * (i + 1)).toFixed(2)}`);
    const found = depths(`G0 X50 Y50\nG1 Z-4\n${chords.join('\n')}`).slice(2);
    expect(found).toHaveLength(400);
    for (const depth of found) expect(depth).toBeCloseTo(4, 3);
  });
  it('leaves nothing to a second pass on any way, however that is cut into chords', () => {
    const corner = fc.tuple(fc.integer({ min: 20, max: 380 }), fc.integer({ min: 20, max: 280 }));
    const way = fc.array(corner, { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(way, fc.integer({ min: 1, max: 9 }), (corners, parts) => {
        const [first, ...others] = corners;
        const left = new StockLeft(stock);
        const begin = `G0 X${first![0]} Y${first![1]}\nG1 Z-3`;
        depths(`${begin}\n${others.map(([x, y]) => `X${x} Y${y}`).join('\n')}`, left);
        const chords: string[] = [];
        let [px, py] = first!;
        for (const [x, y] of others) {
          for (let i = 1; i <= parts; i++)
            chords.push(
              `X${(px + ((x - px) * i) / parts).toFixed(4)} Y${(py + ((y - py) * i) / parts).toFixed(4)}`,
            );
          [px, py] = [x, y];
        }
        const again = depths(`${begin}\n${chords.join('\n')}`, left);
        expect(Math.max(...again)).toBe(0);
      }),
      { numRuns: 60 },
    );
  });
  it('is looked at in no more cells than fit, however large it is', () => {
    const sheet = new StockLeft({ ...stock, high: [3, 1.5] });
    expect(sheet.cell).toBeCloseTo(1.5e-3, 5);
    expect(new StockLeft(stock).cell).toBe(0.5e-3);
    // A tool that is narrower than its cells still meets it, and still leaves nothing.
    expect(depths('G0 X50 Y50\nG1 Z-4\nX150\nX50', sheet, 0.5e-3)).toEqual([0, mm(4), mm(4), mm(0)]);
  });
});
