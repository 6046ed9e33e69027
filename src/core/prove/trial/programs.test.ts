import { describe, expect, it } from 'vitest';
import { controllerClasses, setAt, type Project } from '@/core/model';
import { dialectOf, programFaults, writeProgram } from '@/core/program';
import { beginMachine } from '@/core/machine';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { readProgram } from '@test/helpers/program-reader';
import { kayak, trialIn } from '@test/helpers/trials';
import { trialProgram, trialsOf } from '.';

const plainNames = (role: string) => ({ axis: `${role} axis`, body: 'all' });
const programsOf = (project: Project) => {
  const { trials, grounds } = trialsOf(project);
  return trials.flatMap(({ plan }) => {
    const program = trialProgram(plan, project, grounds);
    return program ? [{ plan, program, grounds }] : [];
  });
};

describe('programs of trials', () => {
  it.each(demoMachines().map((m) => [m.name, m as Project] as const))(
    '%s: none goes beyond a soft limit or faster than its axis, in any class, read by another reader',
    (_, project) => {
      const all = programsOf(project);
      expect(all.length).toBeGreaterThan(10);
      for (const { program } of all) {
        expect(programFaults(program)).toEqual([]);
        for (const of of controllerClasses) {
          const text = writeProgram(program, dialectOf(of));
          for (const { to, speed, fast } of readProgram(text).moves) {
            expect(fast).toBe(false);
            for (const [letter, m] of Object.entries(to)) {
              const axis = program.axes.find((a) => a.letter === letter)!;
              expect(m).toBeGreaterThanOrEqual(axis.low - 1e-6);
              expect(m).toBeLessThanOrEqual(axis.high + 1e-6);
              expect(speed).toBeLessThanOrEqual(axis.speed * 1.001);
            }
          }
        }
      }
    },
  );
  it('stays so whatever the travel is', () => {
    const dice = chance(SEED);
    for (let k = 0; k < 40; k++) {
      const travel = 0.06 + 2 * dice.next() ** 2;
      const project = setAt(kayak, 'axes.1.demands.travel.si', travel) as Project;
      for (const { program } of programsOf(project)) expect(programFaults(program)).toEqual([]);
    }
  });
  it('an axis too short, too slow, or called by another letter makes no program that breaks, or none', () => {
    const odd = [
      setAt(kayak, 'axes.1.demands.travel.si', 0.004),
      setAt(kayak, 'axes.1.demands.rapid.si', 1e-5),
      setAt(kayak, 'axes.1.letter', 'A'),
      beginMachine('new', '2026-11-27T18:00:00.000Z', 'New', plainNames),
    ] as Project[];
    for (const project of odd)
      for (const { program } of programsOf(project)) {
        expect(program.blocks.length).toBeLessThan(40_000);
        // Either it can be written, or its faults say why not: nothing else is thrown.
        if (!programFaults(program).length) expect(writeProgram(program, dialectOf(''))).toContain('M5');
        else expect(() => writeProgram(program, dialectOf(''))).toThrow(RangeError);
      }
  });
  it('is written for every trial that says so, and for no other', () => {
    const { trials, grounds } = trialsOf(kayak);
    for (const { plan } of trials)
      expect([plan.key, trialProgram(plan, kayak, grounds) !== null]).toEqual([plan.key, plan.program]);
  });
  it('before homing it moves about where it stands: no further than it says', () => {
    const { grounds } = trialsOf(kayak);
    const slow = trialProgram(trialIn(kayak, 'slow:bed').plan, kayak, grounds)!;
    expect(slow.nought).toBe('here');
    const { moves } = readProgram(writeProgram(slow, dialectOf('board-8')));
    expect(moves.map((m) => m.to.Y)).toEqual([0.005, 0]);
    expect(moves.every((m) => m.speed <= 0.3 / 60 + 1e-9)).toBe(true);
  });
  it('a place is come to from its side, with an overrun, and ends where it began', () => {
    const { grounds } = trialsOf(kayak);
    const { plan } = trialIn(kayak, 'positioning:gantry');
    const program = trialProgram(plan, kayak, grounds)!;
    const xs = readProgram(writeProgram(program, dialectOf('board-8')))
      .moves.map((m) => m.to.X)
      .filter((x): x is number => x !== undefined);
    const [first, last] = [plan.rows[0]!.at!.value, plan.rows.at(-1)!.at!.value];
    expect(Math.max(...xs)).toBeCloseTo(last + 0.005, 5);
    expect(xs[1]).toBeCloseTo(first - 0.005, 5);
    expect(xs.at(-1)).toBe(xs[0]);
    // Every target five times from below and five times from above.
    for (const row of plan.rows) {
      const hits = xs.flatMap((x, i) => (Math.abs(x - row.at!.value) < 2e-6 ? [i] : []));
      const up = hits.filter((i) => xs[i - 1]! < xs[i]!);
      expect([up.length, hits.length - up.length]).toEqual([5, 5]);
    }
  });
  it('the tool is lifted before another axis moves, and readings wait as they were asked to', () => {
    const { grounds } = trialsOf(kayak);
    const { plan } = trialIn(kayak, 'steps:bed');
    const press = trialProgram(plan, kayak, grounds)!;
    const first = press.blocks.find((b) => 'to' in b)!;
    expect('to' in first && Object.keys(first.to)).toEqual(['Z']);
    const rests = (waits: 'press' | 'dwell') =>
      trialProgram(plan, kayak, grounds, waits)!.blocks.filter((b) => b.does === 'dwell').length;
    expect([rests('press'), rests('dwell')]).toEqual([0, 10]);
  });
  it('a circle goes round both ways, once to run in, and stops at every place', () => {
    const { grounds } = trialsOf(kayak);
    const program = trialProgram(trialIn(kayak, 'circle').plan, kayak, grounds)!;
    const arcs = program.blocks.filter((b) => b.does === 'arc');
    expect(arcs.filter((a) => a.way === 'ccw')).toHaveLength(1 + 36);
    expect(arcs.filter((a) => a.way === 'cw')).toHaveLength(1 + 36);
    expect(program.blocks.filter((b) => b.does === 'ask')).toHaveLength(1 + 72);
  });
});
