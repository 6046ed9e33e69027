import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, estimate, type JobSaid, put, startingJob } from '@/core/model';
import { demoMachines } from '@/demo';
import { ended } from '@test/helpers/steps';
import { jobSteps, piecesOf, slowerJob, type SlowerProgram } from '.';

const kayak = demoMachines()[0]!;
/** Its gantry has torque for some three quarters of its rapids. */
const weak = applyEdits(kayak, [put('axes.1.motor.usableShare', estimate('ratio', '0.3'))]);
const nought = {
  x: estimate('length', '0 mm'),
  y: estimate('length', '0 mm'),
  z: estimate('length', '60 mm'),
};
const job: JobSaid = { ...startingJob('j', 'Job', 'a'.repeat(64)), nought };

const bytesOf = (text: string) => new TextEncoder().encode(text);
const slower = (text: string): SlowerProgram & { readonly text: string } => {
  const program = ended(slowerJob(weak, job, bytesOf(text)));
  return { ...program, text: new TextDecoder().decode(program.bytes) };
};
const run = (bytes: Uint8Array) => ended(jobSteps(weak, job, () => piecesOf(bytes), bytes.length)).report;

describe('a program with the feeds at which it holds', () => {
  it('changes F on the lines that do not hold, and gives the next one its own feed back', () => {
    const { text, changes, count, left } = slower(
      'G21 G90\nG1 X10 F600\nX600 F11000\nX595\nX0 (back) \nY5\nM2\n',
    );
    const lines = text.split('\n');
    expect(lines[1]).toBe('G1 X10 F600');
    expect(lines[2]).toMatch(/^X600 F79\d\d\.$/);
    // Too short to become too fast: it feeds as it was written.
    expect(lines[3]).toBe('X595 F11000.');
    expect(lines[4]).toMatch(/^X0 F79\d\d\. \(back\)\s*$/);
    expect(lines[5]).toBe('Y5 F11000.');
    expect(changes.map((c) => c.line)).toEqual([3, 4, 5, 6]);
    expect([count, left]).toEqual([4, 0]);
  });
  it('a program that holds comes back as it was', () => {
    const text = 'G21 G90\nG1 X10 F600 ; slow\nX600\nM2\n';
    expect(slower(text)).toMatchObject({ text, count: 0, left: 0 });
  });
  it('in inches, with sums, with F before the place', () => {
    const { text } = slower('G20 G90 F430.\nN3 G1 F430. X23.*1\nM2\n'.replace('*1', ''));
    expect(text).toMatch(/N3 G1 F31\d\.?\d* X23\./);
    const line = 'N3 G1 X600 F11000';
    let sum = 0;
    for (const c of line) sum ^= c.charCodeAt(0);
    const summed = slower(`G21 G90\n${line}*${sum}\nM2\n`);
    expect(summed.count).toBe(1);
    // Its new sum is the new line’s: it is read again.
    expect(run(summed.bytes).read.unread).toBe(0);
  });
  it('an F in a remark is no feed', () => {
    const { text, left } = slower('G21 G90\n(F1 face) G1 X600 F11000 ; F2\nM2\n');
    expect(text).toMatch(/^\(F1 face\) G1 X600 F79\d\d\. ; F2$/m);
    expect(left).toBe(0);
  });
  it('what no feed mends is counted', () => {
    expect(slower('G21 G90\nG0 X600\nM2\n')).toMatchObject({ count: 0, left: 1 });
    expect(slower('G21 G90 G93\nG1 X600 F18\nM2\n')).toMatchObject({ count: 0, left: 1 });
  });
  it('run again, no line that feeds asks for more than there is; every move goes where it went', () => {
    const word = fc.tuple(
      fc.integer({ min: 0, max: 1200 }),
      fc.integer({ min: 0, max: 2000 }),
      fc.option(fc.integer({ min: 500, max: 11_900 })),
    );
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 12 }), (words) => {
        const lines = words.map(([x, y, f]) => `X${x} Y${y}${f === null ? '' : ` F${f}`}`);
        const text = `G21 G90\nG1 F9000\n${lines.join('\n')}\nM2\n`;
        const { bytes } = slower(text);
        const [before, after] = [run(bytesOf(text)), run(bytes)];
        expect(after.read.unread).toBe(0);
        expect(after.box).toEqual(before.box);
        expect(after.moves).toBe(before.moves);
        expect(after.time).toBeGreaterThanOrEqual(before.time * (1 - 1e-9));
        for (const { share, holds } of after.worst) if (holds !== null) expect(share).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });
});
