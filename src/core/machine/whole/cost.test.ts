import { describe, expect, it } from 'vitest';
import { familyById } from '@/core/catalogue';
import { applyEdits, type Axis, guess, type OwnPart, type Project, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { costOfChange, machineReport, partsLeft, pickedPart } from '..';

const kayak = demoMachines()[0]!;
const first = (family: string) => familyById(family)!.parts[0]!;
/** Every axis names the same part of a family. */
const all = (
  project: Project,
  family: string,
  change: (axis: Axis) => Partial<Axis> = () => ({}),
): Project => ({
  ...project,
  axes: project.axes.map((a) => ({ ...a, parts: { [family]: first(family).id }, ...change(a) })),
});
const rows = (project: Project) => machineReport(project, { remedies: false }).cost.parts;

describe('money counts pieces, metres and what is shared', () => {
  it('one controller runs all axes, one supply feeds them while its power is enough', () => {
    expect(rows(all(kayak, 'controller')).map((p) => p.count)).toEqual([1]);
    const fed = (power: string) =>
      all(kayak, 'supply', (a) => ({
        supply: { ...a.supply, power: guess('power', power), others: guess('power', '0 W') },
      }));
    expect(rows(fed('5000 W')).map((p) => p.count)).toEqual([1]);
    const drawn = machineReport(fed('5000 W'), { remedies: false }).axes.map(
      (a) => a.figures.find((f) => f.id === 'supply-power')!.value,
    );
    const sum = drawn.reduce((s, w) => s + w, 0);
    const [{ count } = { count: 0 }] = rows(fed(`${Math.ceil(sum / 2.5)} W`));
    expect(count).toBe(3);
  });
  it('a screw is paid by its length, a rack by its pieces, on each side', () => {
    const gantry = kayak.axes.findIndex((a) => a.drive.kind === 'screw' && a.role === 'gantry');
    const named = (i: number, family: string) =>
      rows(applyEdits(kayak, [put(`axes.${i}.parts`, { [family]: first(family).id })])).find(
        (p) => p.family === family,
      )!;
    const screw = kayak.axes[gantry]!.drive;
    expect(named(gantry, 'ball-screw')).toMatchObject({
      by: 'metre',
      count: screw.kind === 'screw' && screw.betweenBearings.si,
    });
    // 2540 mm of travel and two teeth of 5 mm beyond at each end: three pieces of a metre, on two sides.
    expect(named(0, 'rack')).toMatchObject({ by: 'metre', count: expect.closeTo(6, 9) });
  });
  it('a loop of belt is twice the distance and once round a wheel, two sides of it twice', () => {
    const gate = demoMachines().find((m) => m.axes.some((a) => a.drive.kind === 'belt'))!;
    const i = gate.axes.findIndex((a) => a.drive.kind === 'belt');
    const { drive } = gate.axes[i]!;
    if (drive.kind !== 'belt') throw new Error('a demo has a belt');
    const named = applyEdits(gate, [
      put(`axes.${i}.parts`, { belt: first('belt').id }),
      put(`axes.${i}.drive.arrangement`, 'loop'),
    ]);
    const sides = drive.sets === 2 || drive.crossShaft ? 2 : 1;
    const once = 2 * drive.centreDistance.si + drive.teeth.si * drive.pitch.si;
    expect(rows(named).find((p) => p.family === 'belt')!.count).toBeCloseTo(sides * once, 9);
  });
  it('the other axes on one supply are not drawn a second time, and what is more than they are is', () => {
    const loaded = (watt: string): Project => ({
      ...kayak,
      brief: { ...kayak.brief, power: guess('power', '99 W') },
      axes: kayak.axes.map((a) => ({
        ...a,
        supply: { ...kayak.axes[0]!.supply, others: guess('power', watt) },
      })),
    });
    const need = (watt: string) =>
      machineReport(loaded(watt), { remedies: false }).findings.find((f) => f.code === 'power-short')!.limit;
    // Less than the axes draw themselves: they are what somebody typed.
    expect(need('60 W')).toBeCloseTo(need('0 W'), 6);
    expect(need('6 kW') - need('5 kW')).toBeCloseTo(1000, 6);
    expect(need('5 kW') - need('0 W')).toBeGreaterThan(4000);
  });
});

describe('what a change costs', () => {
  const { cost, axes: reports } = machineReport(kayak, { remedies: false });
  const by = (edits: Parameters<typeof costOfChange>[3]) => costOfChange(kayak, reports, cost, edits);
  it('is what its parts cost more or less, carriage by carriage', () => {
    const guide = pickedPart(kayak, kayak.axes[0]!, 'guide')!;
    const { rails, perRail } = kayak.axes[0]!.guide;
    const three = [put('axes.0.guide.perRail', { ...perRail, typed: '3', si: 3 as typeof perRail.si })];
    expect(by(three)).toBeCloseTo(guide.price! * rails.si * (3 - perRail.si), 9);
    const one = [put('axes.0.guide.perRail', { ...perRail, typed: '1', si: 1 as typeof perRail.si })];
    expect(by(one)).toBeCloseTo(-guide.price! * rails.si * (perRail.si - 1), 9);
  });
  it('is nothing where nothing of it has a price, or where it cannot be made', () => {
    expect(by([put('note', 'dearer')])).toBeNull();
    expect(by([{ path: 'axes.0.nowhere', value: 1 }])).toBeNull();
  });
  it('a part that nobody picked is none, and one that is gone neither', () => {
    expect(pickedPart(kayak, kayak.axes[0]!, 'controller')).toBeUndefined();
    const lost = { ...kayak.axes[0]!, parts: { ball: 'gone' } };
    expect(pickedPart(kayak, lost, 'guide')).toBeUndefined();
  });
  it('what another axis takes out of the drawer is not there for this one; a supply serves several', () => {
    const own = (id: string, family: string, onHand: number): OwnPart => ({
      id,
      family,
      name: id,
      values: first(family).values,
      price: 10,
      onHand,
      note: '',
    });
    const ownParts = [own('m', 'stepper', 3), own('few', 'driver', 1), own('s', 'supply', 1)];
    const parts = { stepper: 'm', driver: 'few', supply: 's' };
    const [bed, gantry, plunge] = kayak.axes as [Axis, Axis, Axis];
    const naming = (axis: Axis, named: Axis['parts']): Axis => ({ ...axis, parts: named });
    const axes = [naming(bed, parts), naming(gantry, {}), naming(plunge, { stepper: 'm' })];
    const left = (id: string) => partsLeft({ ownParts, axes }, id).map((p) => p.onHand);
    // Two motors and two drivers turn the bed, one the plunge axis.
    expect(bed.drive.sets).toBe(2);
    expect(left(gantry.id)).toEqual([0, 0, 1]);
    expect(left(bed.id)).toEqual([2, 1, 1]);
    expect(left(plunge.id)).toEqual([1, 0, 1]);
    // Three motors lie there and three are wanted; of two, the last axis buys its own.
    const motors = (has: number) => {
      const shelf = ownParts.map((p) => (p.id === 'm' ? { ...p, onHand: has } : p));
      const paid = rows({ ...kayak, axes, ownParts: shelf });
      return paid.filter((r) => r.family === 'stepper').map((r) => r.count);
    };
    expect(motors(3)).toEqual([0, 0]);
    expect(motors(2)).toEqual([0, 1]);
    expect(motors(0)).toEqual([2, 1]);
  });
});
