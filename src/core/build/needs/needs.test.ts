import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import {
  applyEdits,
  type BalancePart,
  type Edit,
  estimate,
  type Plain,
  type Project,
  startingBalance,
  startingSpindleBelt,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { type Need, needsOf } from '.';

const [kayak, gate, cutter] = demoMachines() as [Project, Project, Project];
const mm = (v: number) => ({ typed: `${v} mm`, si: v / 1000, basis: 'estimate' }) as never;
const put = (path: string, value: unknown): Edit => ({ path, value: value as Plain });
const needs = (project: Project, ...edits: Edit[]) => {
  const changed = applyEdits(project, edits);
  return needsOf({ project: changed, reports: machineReport(changed, { remedies: false }).axes });
};
const find = (list: readonly Need[], key: string) => list.find((n) => n.key === key)!;

describe('needs of what balances an axis and of a spindle behind a belt', () => {
  const plunge = kayak.axes.findIndex((a) => a.role === 'plunge');
  const balance = [
    { ...startingBalance('weight', 'w', 'Weight'), count: estimate('count', '2') },
    startingBalance('gas-spring', 'g', 'Strut'),
  ];
  it('weights with rope, sheaves and a guard, springs with their joints', () => {
    const list = needs(kayak, put(`axes.${plunge}.loads.balance`, balance));
    const [weight, spring] = balance as [Extract<BalancePart, { kind: 'weight' }>, BalancePart];
    expect(find(list, 'plunge/counterweight/w')).toMatchObject({ quantity: 2, mass: weight.mass.si });
    expect(find(list, 'plunge/sheave/w')).toMatchObject({ quantity: 4, origin: 'usual' });
    expect(find(list, 'plunge/weight-guard/w')).toMatchObject({ quantity: 2, origin: 'usual' });
    expect(find(list, 'plunge/gas-spring/g').quantity).toBe(spring.count.si);
    expect(find(list, 'plunge/gas-spring-mount/g').quantity).toBe(2 * spring.count.si);
    // Figures that nobody has said make a guess of it.
    expect(find(list, 'plunge/gas-spring/g').guessed).toBe(true);
  });
  it('a belt by its kind and length, two pulleys, a guard; none where the spindle is on its motor', () => {
    const belt = startingSpindleBelt();
    const list = needs(kayak, put('brief.spindle.belt', belt));
    const length = find(list, 'machine/spindle-belt').params.length as number;
    // Twice the centres and half round each pulley, a little more for pulleys that differ.
    const plain = 2 * belt.centre.si + (Math.PI / 2) * (belt.motorPulley.si + belt.spindlePulley.si);
    expect(length).toBeGreaterThanOrEqual(plain - 1e-9);
    expect(length / plain).toBeLessThan(1.01);
    expect(find(list, 'machine/spindle-pulley/motor').params.diameter).toBe(belt.motorPulley.si);
    expect(find(list, 'machine/spindle-guard').origin).toBe('usual');
    const bought = needs(kayak, put('brief.spindle.belt', { ...belt, beltLength: mm(1000) }));
    expect(find(bought, 'machine/spindle-belt').params.length).toBe(1);
    expect(needs(kayak).some((n) => n.kind === 'spindle-belt')).toBe(false);
  });
});

describe('needs of a drive', () => {
  it('a screw with its nut, one block for each held end, and no second block where an end is free', () => {
    const screw = needs(kayak);
    expect(find(screw, 'gantry/fixed-block').quantity).toBe(1);
    expect(find(screw, 'gantry/floating-block').quantity).toBe(1);
    const free = needs(kayak, put('axes.1.drive.farEnd', 'free'));
    expect(find(free, 'gantry/floating-block')).toBeUndefined();
    const both = needs(kayak, put('axes.1.drive.farEnd', 'fixed'));
    expect(find(both, 'gantry/fixed-block').quantity).toBe(2);
  });
  it('the whole screw can be sawn when its journals are said, and is open until then', () => {
    expect(find(needs(kayak), 'gantry/ball-screw')).toMatchObject({
      sawn: null,
      open: ['axes.1.fit.journals.drive', 'axes.1.fit.journals.far'],
    });
    const said = needs(kayak, put('axes.1.fit.journals', { drive: mm(70), far: mm(25) }));
    const { sawn, open } = find(said, 'gantry/ball-screw');
    expect(open).toEqual([]);
    // 1420 between the bearings, 70 and 25 beyond.
    expect(sawn!.pieces[0]!.length).toBeCloseTo(1.515, 9);
    expect(sawn!.section.hard).toBe(true);
  });
  it('an open belt has one pulley and two idlers on a side, a loop two pulleys', () => {
    expect(find(needs(gate), 'bed/pulley').quantity).toBe(2);
    expect(find(needs(gate), 'bed/idler').quantity).toBe(4);
    expect(find(needs(cutter), 'arm/pulley').quantity).toBe(2);
    expect(find(needs(cutter), 'arm/idler')).toBeUndefined();
    expect(find(needs(cutter), 'bed/roller-chain')).toMatchObject({ by: 'metre', params: { pieces: 1 } });
  });
  it('a rack of a typed length is whole racks and one cut between teeth', () => {
    const said = find(needs(kayak, put('axes.0.fit.rack', mm(2400))), 'bed/rack');
    const pitch = (Math.PI * 0.0015) / Math.cos(0.3408331323172087);
    const lengths = said.sawn!.pieces.map((p) => p.length);
    expect(lengths).toHaveLength(6);
    for (const length of lengths) expect(length / pitch).toBeCloseTo(Math.round(length / pitch), 6);
    expect(lengths.reduce((s, l) => s + l, 0) / 2).toBeGreaterThanOrEqual(2.4);
  });
});

describe('needs of guides and of Fit', () => {
  it('a joined rail is two pieces whose holes keep their pitch across the joint', () => {
    const edits = [put('axes.2.guide.railLength', mm(1000)), put('axes.2.fit.joints.a', mm(430))];
    const { sawn, quantity } = find(needs(kayak, ...edits), 'plunge/rail');
    expect(quantity).toBe(3);
    const [one, two, whole] = sawn!.pieces;
    expect([one!.length, two!.length]).toEqual([0.43, expect.closeTo(0.57, 9)]);
    // 17 holes, 20 from either end; the last before the joint at 380, so 50 to the joint and 10 behind it.
    expect(one!.first).toBeCloseTo(0.02, 9);
    expect(two!.first).toBeCloseTo(0.01, 9);
    expect(whole).toMatchObject({ length: 1, first: null });
  });
  it('screws stand once: with the plate that plans them, or with their part', () => {
    const list = needs(kayak);
    expect(find(list, 'plunge/part-screws/carriages')).toBeUndefined();
    expect(find(list, 'plunge/screw/carriage-plate.carriages')).toBeDefined();
    const bare = needs(kayak, put('axes.1.fit.plates', []), put('axes.2.fit.plates', []));
    expect(find(bare, 'gantry/part-screws/carriages').quantity).toBe(16);
    expect(find(bare, 'plunge/part-screws/carriages').params.thread).toBe('M4');
  });
  it('switches, cushions and stops of the ends that have them', () => {
    const list = needs(cutter);
    expect(find(list, 'bed/switch/near')).toMatchObject({ quantity: 1, params: { what: 'lever' } });
    expect(find(list, 'bed/cushion/far')).toMatchObject({ params: { what: 'rubber' } });
    expect(find(needs(gate), 'bed/stop/near').quantity).toBe(2);
    expect(list.filter((n) => n.kind === 'connector').every((n) => n.origin === 'usual')).toBe(true);
  });
  it('a body that is planned as a plate is no second plate', () => {
    const plate = {
      kind: 'plate',
      material: 'aluminium',
      length: mm(170),
      width: mm(170),
      thickness: mm(20),
      count: { typed: '1', si: 1, basis: 'estimate' },
    };
    const body = {
      id: 'saddle',
      name: 'Saddle',
      mass: { typed: '2 kg', si: 2, basis: 'estimate' },
      shape: plate,
    };
    const masses = [...kayak.axes[2]!.loads.masses, body];
    expect(find(needs(kayak, put('axes.2.loads.masses', masses)), 'plunge/sheet/saddle')).toBeUndefined();
    const other = [...kayak.axes[2]!.loads.masses, { ...body, shape: { ...plate, thickness: mm(8) } }];
    expect(find(needs(kayak, put('axes.2.loads.masses', other)), 'plunge/sheet/saddle')).toBeDefined();
  });
});
