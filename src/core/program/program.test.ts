import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { controllerClasses } from '@/core/model';
import { readGcode } from '@test/helpers/gcode';
import { readProgram } from '@test/helpers/program-reader';
import { type Block, dialectOf, type Program, type ProgramAxis, programFaults, writeProgram } from '.';

const axis = (letter: string, high: number, more: Partial<ProgramAxis> = {}): ProgramAxis => ({
  letter,
  low: 0,
  high,
  speed: 0.1,
  ...more,
});
const axes = [axis('X', 1.2), axis('Y', 0.8), axis('Z', 0.1)];
const program = (blocks: readonly Block[], more: Partial<Program> = {}): Program => ({
  name: 'Test',
  remarks: [],
  nought: 'low-limit',
  axes,
  blocks,
  ...more,
});
const move = fc.record({
  x: fc.double({ min: 0, max: 1.2, noNaN: true }),
  y: fc.double({ min: 0, max: 0.8, noNaN: true }),
  speed: fc.double({ min: 0.001, max: 0.1, noNaN: true }),
});

describe('programs read back by another reader', () => {
  it.each(controllerClasses)('%s: every place within a file’s own figure, in both units', (of) => {
    fc.assert(
      fc.property(fc.array(move, { minLength: 1, maxLength: 20 }), fc.boolean(), (moves, inch) => {
        const blocks = moves.map(({ x, y, speed }): Block => ({ does: 'feed', to: { X: x, Y: y }, speed }));
        const dialect = dialectOf(of, { units: inch ? 'inch' : 'mm' });
        const text = writeProgram(program(blocks), dialect);
        const found = readProgram(text).moves;
        expect(found).toHaveLength(moves.length);
        found.forEach((m, i) => {
          expect(Math.abs(m.to.X! - moves[i]!.x)).toBeLessThan(2e-6);
          expect(Math.abs(m.to.Y! - moves[i]!.y)).toBeLessThan(2e-6);
          expect(Math.abs(m.speed - moves[i]!.speed)).toBeLessThan(6e-6);
        });
        for (const line of text.split('\n')) expect(line.length).toBeLessThanOrEqual(dialect.line);
      }),
      { numRuns: 20 },
    );
  });
  it('every figure has its point, whatever it is: some readers take ten without one for increments', () => {
    const text = writeProgram(
      program([{ does: 'feed', to: { X: 0.01, Y: 0 }, speed: 0.01 }]),
      dialectOf('board-8'),
    );
    expect(text).toContain('G1 X10. Y0. F600.');
  });
  it('a full circle and a quarter keep centre, sense and end', () => {
    const text = writeProgram(
      program([
        { does: 'feed', to: { X: 0.5, Y: 0.4 }, speed: 0.02 },
        { does: 'arc', way: 'ccw', to: {}, centre: { X: 0.4, Y: 0.4 }, speed: 0.02 },
        { does: 'arc', way: 'cw', to: { X: 0.4, Y: 0.3 }, centre: { X: 0.4, Y: 0.4 }, speed: 0.02 },
      ]),
      dialectOf('board-8'),
    );
    expect(text).toContain('G3 X500. Y400. I-100. J0. F1200.');
    expect(text).toContain('G2 X400. Y300. I-100. J0. F1200.');
  });
  it('a sense that was counted from Y to X is the other one to a controller', () => {
    const text = writeProgram(
      program([
        { does: 'feed', to: { X: 0.4, Y: 0.5 }, speed: 0.02 },
        { does: 'arc', way: 'ccw', to: { X: 0.5, Y: 0.4 }, centre: { Y: 0.4, X: 0.4 }, speed: 0.02 },
      ]),
      dialectOf('board-8'),
    );
    // From straight up to straight right is clockwise on paper: with Y to the right it is the other way.
    expect(text).toContain('G2 Y400. X500. J-100. I0.');
  });
  it('dwells as the controller reads them, and a spindle has its time to come up', () => {
    const blocks: Block[] = [
      { does: 'spindle', speed: 100 },
      { does: 'dwell', time: 0.25 },
      { does: 'spindle', speed: null },
    ];
    const seconds = writeProgram(program(blocks), dialectOf('board-8'));
    expect(seconds).toMatch(/M3 S955\nG4 P3\.\nG4 P0\.25\nM5\n/);
    expect(writeProgram(program(blocks), dialectOf('closed'))).toMatch(/M3 S955\nG4 P3000\nG4 P250\n/);
  });
  it('nought is set by hand, for nobody has said how the controller counts; no offset is touched', () => {
    const blocks: Block[] = [{ does: 'feed', to: { X: 0.1 }, speed: 0.01 }];
    for (const of of controllerClasses) {
      const text = writeProgram(program(blocks), dialectOf(of));
      expect(text).toMatch(/low soft limit[^\n]*\nM0\n[\s\S]*\nM5\nM(2|30)\n$/);
      expect(text).not.toMatch(/G10|G5[4-9]|G92/);
    }
    const here = program(blocks, { nought: 'here' });
    expect(writeProgram(here, dialectOf('board-8'))).toMatch(/axes stand[^\n]*\nM0\n/);
    expect(writeProgram(program(blocks), dialectOf('closed'))).not.toContain('G61');
  });
  it('a remark is never read as anything else', () => {
    const text = writeProgram(
      program([{ does: 'say', text: 'X (5) %\nG0 Z-99; µ' }], { name: 'a)b(' }),
      dialectOf('board-32'),
    );
    expect(readProgram(text).moves).toEqual([]);
    expect(text.split('\n').filter((l) => l.startsWith('G0'))).toEqual([]);
  });
});

describe('programs read back by our own reader', () => {
  it.each(controllerClasses)('%s: every move where it was meant, and nothing to say of it', (of) => {
    fc.assert(
      fc.property(fc.array(move, { minLength: 1, maxLength: 20 }), fc.boolean(), (moves, inch) => {
        const blocks = moves.map(({ x, y, speed }): Block => ({ does: 'feed', to: { X: x, Y: y }, speed }));
        const dialect = dialectOf(of, { units: inch ? 'inch' : 'mm' });
        const text = writeProgram(program([...blocks, { does: 'dwell', time: 0.25 }]), dialect);
        const read = readGcode(text, { dwell: dialect.dwell });
        expect(read.told.unread, read.notes.join()).toBe(0);
        expect(read.told.over).toBe(true);
        const last = read.moves.at(-1);
        expect(last ? last.to[0] : 0).toBeCloseTo(moves.at(-1)!.x, 5);
        expect(last ? last.to[1] : 0).toBeCloseTo(moves.at(-1)!.y, 5);
        for (const m of read.moves)
          if (!m.rapid) expect(moves.some((w) => Math.abs(w.speed - m.speed) < 6e-6)).toBe(true);
        expect(read.acts.some((a) => a.does === 'dwell' && Math.abs(a.time - 0.25) < 1e-9)).toBe(true);
      }),
      { numRuns: 20 },
    );
  });
  it('arcs keep centre, sense and end', () => {
    const text = writeProgram(
      program([
        { does: 'feed', to: { X: 0.5, Y: 0.4 }, speed: 0.02 },
        { does: 'arc', way: 'cw', to: { X: 0.4, Y: 0.3 }, centre: { X: 0.4, Y: 0.4 }, speed: 0.02 },
      ]),
      dialectOf('board-8'),
    );
    const { arc } = readGcode(text).moves.at(-1)!;
    expect(arc).toMatchObject({ centre: [0.4, 0.4], radius: expect.closeTo(0.1, 9) as number });
    expect(arc!.sweep).toBeCloseTo(-Math.PI / 2, 9);
  });
});

describe('what is never written', () => {
  const faultsOf = (blocks: readonly Block[], more: Partial<Program> = {}) =>
    programFaults(program(blocks, more)).map((f) => `${f.letter} ${f.what}`);
  const feed = (to: Record<string, number>, speed = 0.01): Block => ({ does: 'feed', to, speed });
  it('a place beyond a soft limit, by a hair; one at the limit is', () => {
    expect(faultsOf([feed({ X: 1.2, Y: 0 })])).toEqual([]);
    expect(faultsOf([feed({ X: 1.2001 })])).toEqual(['X above']);
    expect(faultsOf([{ does: 'rapid', to: { Z: -0.0001 } }])).toEqual(['Z below']);
    expect(() => writeProgram(program([feed({ X: 2 })]), dialectOf('board-8'))).toThrow('above');
  });
  it('an arc that bulges beyond a limit between its ends', () => {
    const half = (y: number): Block[] => [
      feed({ X: 0.2, Y: y }),
      { does: 'arc', way: 'cw', to: { X: 0.4, Y: y }, centre: { X: 0.3, Y: y }, speed: 0.01 },
    ];
    expect(faultsOf(half(0.7))).toEqual([]);
    expect(faultsOf(half(0.75))).toEqual(['Y above']);
  });
  it('an arc that does not close, or begins nowhere', () => {
    const arc: Block = {
      does: 'arc',
      way: 'cw',
      to: { X: 0.45, Y: 0.3 },
      centre: { X: 0.3, Y: 0.3 },
      speed: 0.01,
    };
    expect(faultsOf([feed({ X: 0.2, Y: 0.3 }), arc])).toEqual(['X no-arc']);
    expect(faultsOf([arc])).toEqual(['X not-placed']);
    const upright: Block = { does: 'arc', way: 'cw', to: {}, centre: { X: 0.3, Z: 0.05 }, speed: 0.01 };
    expect(faultsOf([feed({ X: 0.25, Z: 0.05 }), upright])).toEqual(['X no-arc']);
  });
  it('faster than an axis may, each by its share of the way', () => {
    const slow = [axis('X', 1.2, { speed: 0.01 }), axis('Y', 0.8)];
    const to = [feed({ X: 0, Y: 0 }), feed({ X: 0.1, Y: 0.1 }, 0.02)];
    expect(faultsOf(to, { axes: slow })).toEqual(['X too-fast']);
    expect(faultsOf([to[0]!, feed({ X: 0.1, Y: 0.1 }, 0.014)], { axes: slow })).toEqual([]);
  });
  it('an axis that is not there, and what is no number', () => {
    expect(faultsOf([feed({ A: 0 })])).toEqual(['A no-axis']);
    expect(faultsOf([feed({ X: NaN })])).toEqual(['X no-number']);
    expect(faultsOf([feed({ X: 0 }, 0)])).toEqual([' no-number']);
    expect(faultsOf([{ does: 'dwell', time: Infinity }])).toEqual([' no-number']);
    expect(faultsOf([feed({ Q: NaN })], { axes: [] })).toEqual(['Q no-number']);
  });
});
