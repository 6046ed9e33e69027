import { demoMachines } from '@/demo';
import { describe, expect, it } from 'vitest';
import { foretoldOf, loadedAxes } from '@/core/machine';
import { applyEdits, getAt, guess, type Measure, type Project, projectIssues, setAt } from '@/core/model';
import { alive, gate, kayak, later, recorded, scenery } from '@test/helpers/trials';
import { trialsOf } from '../trial';
import { type HeldRow, heldRows, settingsOf, takeEdits, takeOf, untakeEdits, withTaken } from '.';

const rowOf = (project: Project, axis: string, id: HeldRow['id']) =>
  heldRows(project, trialsOf(project)).find((r) => r.axis === axis && r.id === id)!;
const foretold = (project: Project, axis: number, id: HeldRow['id']) =>
  foretoldOf(loadedAxes(project)[axis]!).find((f) => f.id === id)!.value!;

const steps = (project: Project, axis: string, lost: number, scale = 1) =>
  recorded(
    project,
    `steps:${axis}`,
    (_, row, column) => row.at!.value * scale + (column === 'up' ? -lost / 2 : lost / 2),
    'dial',
  );
const pulled = (project: Project, axis: string, drag: number) =>
  recorded(project, `pull:${axis}`, () => drag);
const machine = alive(kayak);

describe('foretold against measured', () => {
  it('stands for every answer of every axis; nothing measured is nothing said', () => {
    const rows = heldRows(machine, trialsOf(machine));
    expect(rows).toHaveLength(3 * 11);
    expect(rows.every((r) => r.measured === null && ['not-measured'].includes(r.verdict))).toBe(true);
    expect(heldRows(machine, trialsOf(machine), 'measured')).toEqual([]);
  });
  it('agrees within both doubts, contradicts beyond them', () => {
    expect(rowOf(pulled(machine, 'bed', 63), 'bed', 'drag').verdict).toBe('agree');
    const apart = rowOf(pulled(machine, 'bed', 110), 'bed', 'drag');
    expect(apart.verdict).toBe('apart');
    expect(apart.apart!).toBeGreaterThan(2);
  });
  it('what is only a bound is contradicted on one side', () => {
    const over = (by: number) => rowOf(steps(machine, 'gantry', 0, 1 + by), 'gantry', 'lead').verdict;
    expect([over(0), over(1e-4), over(5e-4)]).toEqual(['agree', 'agree', 'apart']);
  });
  it('the surest of several readings counts, and those that went stale count no more', () => {
    const twice = recorded(
      steps(machine, 'bed', 1e-4),
      'links:bed',
      (id) => (id === 'carriage' ? 9e-5 : undefined),
      'lever-dial',
    );
    const row = rowOf(twice, 'bed', 'lost-motion');
    expect([row.measured!.trial, row.measured!.of]).toEqual(['steps:bed', 2]);
    const hit = { id: 'h', at: later(), node: 'mesh:bed', what: 'moved', note: '' } as const;
    expect(rowOf({ ...twice, happenings: [hit] }, 'bed', 'lost-motion').measured).toBeNull();
  });
});

describe('a reading goes into the plan', () => {
  it('a drag that was pulled takes the place of what was reckoned with, with its own spread', () => {
    const read = pulled(machine, 'bed', 61);
    const row = rowOf(read, 'bed', 'drag');
    const take = takeOf(read, row)!;
    const taken = applyEdits(read, takeEdits(read, row, take));
    expect(projectIssues(taken)).toEqual([]);
    const drag = getAt(taken.axes[0]!, 'loads.guideDrag') as Measure;
    expect(drag.basis).toBe('measured');
    expect(drag.si).toBeCloseTo(61 - kayak.axes[0]!.loads.otherDrag.si, 3);
    expect(drag.spread).toMatchObject({ by: 'absolute' });
    // The plan answers anew.
    expect(foretold(taken, 0, 'drag')).toBeCloseTo(61, 3);
  });
  it('what was taken does not prove itself: the plan of before stands beside it, and comes back', () => {
    const read = pulled(machine, 'bed', 61);
    const row = rowOf(read, 'bed', 'drag');
    const taken = applyEdits(read, takeEdits(read, row, takeOf(read, row)!));
    const after = rowOf(taken, 'bed', 'drag');
    expect(after.taken).toBe(true);
    expect(after.foretold).toBe(row.foretold);
    expect(takeOf(taken, after)).toBeNull();
    const back = applyEdits(taken, untakeEdits(taken, after));
    expect(back.axes).toEqual(read.axes);
    expect(back.trials).toEqual(read.trials);
  });
  it('an input learns between what was believed and what was read, and its doubt shrinks', () => {
    const read = recorded(kayak, 'hand:bed', (id) => (id === 'arm' ? 0.02 : 55));
    const row = rowOf(read, 'bed', 'hand');
    const take = takeOf(read, row)!;
    expect(take.how).toBe('learnt');
    const [input] = take.inputs;
    const before = getAt(read.axes[0]!, input!.path) as Measure;
    const after = foretold(withTaken(read, row, take), 0, 'hand');
    expect(after).toBeGreaterThan(row.foretold!);
    expect(after).toBeLessThan(row.measured!.value);
    expect(input!.figure!.expanded).toBeLessThan(before.si * 0.25);
  });
  it('a contradiction is taken only when the plan is given up, and then the plan says what was read', () => {
    const read = steps(machine, 'bed', 1.2e-4);
    const row = rowOf(read, 'bed', 'lost-motion');
    expect(row.verdict).toBe('apart');
    expect(takeOf(read, row)).toBeNull();
    const take = takeOf(read, row, true)!;
    expect(foretold(withTaken(read, row, take), 0, 'lost-motion') / 1.2e-4).toBeCloseTo(1, 1);
  });
  it('answers that bend are solved, not taken as a line: stiffnesses in a row', () => {
    const [demo] = demoMachines() as [Project];
    const row = rowOf(demo, 'gantry', 'stiffness');
    expect(row.verdict).toBe('apart');
    const take = takeOf(demo, row, true)!;
    const { value, expanded } = take.inputs[0]!.figure!;
    expect(expanded).toBeLessThan(value);
    expect(foretold(withTaken(demo, row, take), 1, 'stiffness') / row.measured!.value).toBeCloseTo(1, 3);
    // Softer than any bearing could make it, or stiffer than the screw alone: nothing to take.
    const stiffer = { ...row, measured: { ...row.measured!, value: 100 * row.foretold! } };
    expect(takeOf(demo, stiffer, true)).toBeNull();
  });
  it('a stall scales the torque over the whole curve: then the plan stalls there too', () => {
    const read = recorded(machine, 'stairs-acceleration:gantry', (_, row) =>
      row.at!.value < 3.5 ? 0 : 3e-4,
    );
    const row = rowOf(read, 'gantry', 'top-acceleration');
    const take = takeOf(read, row)!;
    expect(take.inputs[0]!.path).toBe('motor.curve');
    const taken = withTaken(read, row, take);
    expect(projectIssues(taken)).toEqual([]);
    expect(foretold(taken, 1, 'top-acceleration') / row.measured!.value).toBeCloseTo(1, 1);
  });
  it('steps per unit that were set by measuring take the even part of the scale away', () => {
    const read = steps(machine, 'gantry', 0, 1.0001);
    const row = rowOf(read, 'gantry', 'lead');
    const taken = withTaken(read, row, takeOf(read, row)!);
    expect(taken.axes[1]!.controller.calibration).toBe('steps');
    expect(foretold(taken, 1, 'lead')).toBeLessThan(row.foretold!);
  });
  it('what nobody knew becomes known: a play that the links leave over', () => {
    const bare = setAt(alive(gate), 'axes.0.drive.play', null) as Project;
    const read = steps(bare, 'bed', 3e-4);
    const row = rowOf(read, 'bed', 'lost-motion');
    expect(row.side).toBe('at-least');
    const taken = withTaken(read, row, takeOf(read, row)!);
    expect(foretold(taken, 0, 'lost-motion')).toBeCloseTo(3e-4, 6);
  });
});

describe('settings of the controller', () => {
  it('numbers by hundreds of the axes, every number once; what nobody said is empty', () => {
    const settings = settingsOf(machine, trialsOf(machine));
    expect(new Set(settings.map((s) => s.number)).size).toBe(settings.length);
    expect(settings.filter((s) => s.letter === 'Y').map((s) => s.number)[0]).toBe(101);
    expect(settings.at(-1)!.number).toBe(404);
    for (const s of settings) expect(s.value === null).toBe(s.from === 'unsaid');
  });
  it('steps per unit are corrected by what was measured beyond its doubt', () => {
    const of = (project: Project) => settingsOf(project, trialsOf(project)).find((s) => s.number === 101)!;
    const planned = Number(of(machine).value);
    const read = of(steps(machine, 'bed', 0, 1.0004));
    expect(read.from).toBe('measured');
    expect(Number(read.value) / planned).toBeCloseTo(1 / 1.0004, 9);
    expect(of(steps(machine, 'bed', 0, 1.000001)).from).toBe('plan');
  });
  it('a side that leads is drawn back by its pull-off: less at the low end, more at the high one', () => {
    const at = (home: 'near' | 'far', leads: number | undefined) => {
      const homed = [
        ['fit.homing.at', home],
        ['fit.homing.motors', 'each'],
        ['fit.homing.pullOff', guess('length', '5 mm')],
      ].reduce<Project>(
        (p, [path, value]) => setAt(p, `axes.0.${path as string}`, value as never) as Project,
        kayak,
      );
      const read = recorded(homed, 'both-motors:bed', (id) => (id === 'apart' ? leads : undefined));
      return settingsOf(read, trialsOf(read)).find((s) => s.number === 112)!;
    };
    expect(at('near', 0.001)).toMatchObject({ value: expect.closeTo(0.004, 9), from: 'measured' });
    expect(at('far', 0.001)).toMatchObject({ value: expect.closeTo(0.006, 9), from: 'measured' });
    expect(at('near', undefined)).toMatchObject({ value: expect.closeTo(0.005, 9), from: 'plan' });
  });
  it('a staircase holds top acceleration back to what is kept; homing as it was said', () => {
    const read = recorded(machine, 'stairs-acceleration:gantry', (_, row) => (row.at!.value < 2 ? 0 : 3e-4));
    const of = (project: Project, number: number) =>
      settingsOf(project, trialsOf(project)).find((s) => s.number === number)!;
    const asked = kayak.axes[1]!.demands.acceleration.si;
    expect(of(read, 203).from === 'measured').toBe(Number(of(read, 203).value) < asked);
    const homed = alive(scenery);
    expect(of(homed, 106).value).not.toBeNull();
    expect(of(machine, 106).from).toBe('unsaid');
  });
});
