import { describe, expect, it } from 'vitest';
import { familyById } from '@/core/catalogue';
import { worstVerdict } from '@/core/findings';
import {
  axisReport,
  type AxisReport,
  costReport,
  loadedAxes,
  machineReport,
  massReport,
} from '@/core/machine';
import {
  applyEdits,
  capsAt,
  change,
  type Axis,
  axisIssues,
  guess,
  type OwnPart,
  type Project,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { onlyParts } from '@test/helpers/search';
import { type Scale, scaled, scales, searchLinks } from '../search';
import { driveCodes, judgedLine, motorCodes, tightened } from '../search/judged';
import { electricalRows, joined, mechanicalRows } from '../search/space';
import { mayChange, setEdits, type TogetherAnswer, type TogetherLimits, togetherSets } from '.';
import { groupings, othersOf } from './solve';
import { heavierBy, withAllowance } from './weights';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];

function searched(project: Project, limits: TogetherLimits): TogetherAnswer {
  const steps = togetherSets(project, limits);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** Parts that are looked through, all others of those links refused: few enough to put every set together. */
const parts = [
  ...['ball-16mm-16mm', 'trapezoidal-8mm-8mm', 'stage-3-15-60'],
  ...['rack-1s-milled', 'pinion-1s-12', 'belt-5-15-glass', 'pulley-5-16'],
];
const few = (...electric: readonly string[]) => onlyParts(...parts, ...electric);
const usual = few(
  ...['stepper-23-1_26-2_5', 'stepper-23-3-3_8', 'driver-42', 'driver-56'],
  ...['supply-36-350', 'supply-48-350'],
);
const small = few('stepper-23-1_9-3_6', 'stepper-23-3-3_8', 'driver-56', 'supply-24-150', 'supply-48-350');
const codes: readonly string[] = [...driveCodes, ...motorCodes];
const holds = ({ findings }: AxisReport, sure: boolean) =>
  !findings.some(
    (f) => (f.verdict === 'gives-out' || (sure && f.verdict === 'thin')) && codes.includes(f.code),
  );
const lineFamilies = (family: string) => searchLinks.some((link) => familyById(family)?.link === link);

/** Every drive train of an axis that is light enough, with its full report for what others draw. */
function linesOf(project: Project, axis: Axis, all: readonly Axis[], { limits, heavier }: TogetherLimits) {
  const alone = withAllowance(
    project,
    applyEdits(axis, [{ path: 'supply.others', value: guess('power', '0 W') }]),
    all,
    heavier,
  );
  const motors = [...electricalRows(alone, project.ownParts, limits)];
  return [...mechanicalRows(alone, project.ownParts, limits)].flatMap((row) => {
    const pulled = { ...row, axis: tightened(row.axis, limits.sure) };
    return motors.flatMap((motor) => {
      const it = joined(pulled, motor);
      const { self, on } = heavierBy(axis, it);
      if (axisIssues(it).length || Math.max(self, on) > heavier + 1e-9) return [];
      const reports = new Map<number, AxisReport>();
      const at = (others: number) => {
        const told = applyEdits(it, [{ path: 'supply.others', value: guess('power', `${others} W`) }]);
        const known = reports.get(others) ?? axisReport(told, { remedies: false });
        reports.set(others, known);
        return { axis: told, report: known };
      };
      const { report } = at(0);
      if (!holds(report, limits.sure)) return [];
      const draws = report.figures.find((f) => f.id === 'supply-power')!.value;
      return [{ at, draws, supply: it.parts.supply!, figures: judgedLine(it, limits.sure).figures }];
    });
  });
}

type Line = ReturnType<typeof linesOf>[number];

/** Money of a machine with these axes, by its own table of money. */
function moneyOf(project: Project, axes: readonly Axis[], reports: readonly AxisReport[]): number {
  return costReport({ ...project, axes: [...axes] }, reports)
    .parts.filter((p) => lineFamilies(p.family))
    .reduce((sum, { count, price }) => sum + (count > 0 ? count * (price ?? Infinity) : 0), 0);
}

/** Every set there is, with all its ways to hang on supplies. */
function everySet(project: Project, limits: TogetherLimits) {
  const axes = loadedAxes(project).filter((a) => limits.axes.includes(a.id));
  let sets: (readonly Line[])[] = [[]];
  for (const axis of axes) {
    const lines = linesOf(project, axis, axes, limits);
    sets = sets.flatMap((set) => lines.map((line) => [...set, line]));
  }
  const ways = groupings(axes.length, limits.supplies);
  return sets.flatMap((set) => {
    const hung = ways
      .filter((way) => way.every((g) => g.every((i) => set[i]!.supply === set[g[0]!]!.supply)))
      .map((way) =>
        set.map((line, i) =>
          line.at(
            othersOf(
              way.find((g) => g.includes(i))!,
              i,
              (j) => set[j]!.draws,
            ),
          ),
        ),
      )
      .filter((lines) => lines.every(({ report }) => holds(report, limits.limits.sure)));
    if (!hung.length) return [];
    const money = Math.min(
      ...hung.map((lines) =>
        moneyOf(
          project,
          lines.map((l) => l.axis),
          lines.map((l) => l.report),
        ),
      ),
    );
    const each = set.map((l) => scaled(l.figures, limits.scale));
    const worth = limits.scale === 'effort' ? each.reduce((a, b) => a + b, 0) : Math.min(...each);
    return Number.isFinite(money) ? [{ money, worth }] : [];
  });
}

function plainFront(sets: readonly { readonly money: number; readonly worth: number }[]) {
  let best = -Infinity;
  return [...sets]
    .sort((a, b) => a.money - b.money || b.worth - a.worth)
    .filter(({ worth }) => worth > best + 1e-12 && ((best = worth), true));
}

const partOf = (family: string, id: string, more: Partial<OwnPart>): OwnPart =>
  ({
    id: `own-${id}`,
    family,
    name: id,
    values: familyById(family)!.parts.find((p) => p.id === id)!.values,
    note: '',
    price: null,
    onHand: 1,
    ...more,
  }) as OwnPart;

describe('drive trains for all axes together', () => {
  let seen = 0;
  const ask = (project: Project, scale: Scale, more: Partial<TogetherLimits> = {}): TogetherLimits => ({
    // No part here moves the bed of the gate table.
    axes: project.axes.map((a) => a.id).filter((id) => project !== gate || id !== 'bed'),
    limits: usual,
    scale,
    supplies: 1,
    heavier: 2,
    ...more,
  });
  const drawer = (project: Project, ...ownParts: OwnPart[]): Project => ({ ...project, ownParts });
  const motor = (more: Partial<OwnPart>) => partOf('stepper', 'stepper-23-3-3_8', more);
  const two = { supplies: 2, limits: small } as const;
  const cases: [string, Project, TogetherLimits][] = [
    ...scales.map((scale): [string, Project, TogetherLimits] => [
      `kayak, ${scale}`,
      kayak,
      ask(kayak, scale),
    ]),
    ['gate, two supplies', gate, ask(gate, 'torque', two)],
    ['scenery, two supplies', scenery, ask(scenery, 'stiffness', two)],
    ['scenery, one small supply', scenery, ask(scenery, 'torque', { limits: small })],
    ['scenery, nothing thin', scenery, ask(scenery, 'speed', { limits: { ...usual, sure: true } })],
    [
      'one motor in the drawer for three axes, more to be bought',
      drawer(kayak, motor({ price: 9 as OwnPart['price'] })),
      ask(kayak, 'torque'),
    ],
    ['two motors in the drawer that nobody sells', drawer(gate, motor({ onHand: 2 })), ask(gate, 'torque')],
    ['heavier by nothing', gate, ask(gate, 'stiffness', { heavier: 0 })],
  ];
  it.each(cases)('finds what looking at every set finds: %s', (_, project, limits) => {
    const wanted = plainFront(everySet(project, limits));
    const found = searched(project, limits).sets;
    seen += found.length;
    expect(found.map((s) => [s.money.toFixed(6), s.worth.toPrecision(9)])).toEqual(
      wanted.map((s) => [s.money.toFixed(6), s.worth.toPrecision(9)]),
    );
  });
  it('did find some', () => {
    expect(seen).toBeGreaterThan(30);
  });
});

describe('a set that was found', () => {
  const limits: TogetherLimits = {
    axes: kayak.axes.map((a) => a.id),
    limits: usual,
    scale: 'torque',
    supplies: 1,
    heavier: 2,
  };
  const { sets } = searched(kayak, limits);
  const nameOf = (axis: Axis) => `Heavier drive of ${axis.name}`;
  const takenIn = (set: (typeof sets)[number]) => {
    const changed = change(kayak, setEdits(kayak, set, nameOf));
    if (!changed.ok) throw new Error('refused');
    return changed.project;
  };
  it('taken into the machine it is what the full report says of that', () => {
    for (const set of sets) {
      const made = takenIn(set);
      const report = machineReport(made, { flex: 'figures', remedies: false });
      set.lines.forEach((line, i) => {
        const own = report.axes[i]!;
        expect(own.stiffness.value).toBeCloseTo(line.figures.stiffness, 3);
        expect(own.speed / made.axes[i]!.demands.rapid.si).toBeCloseTo(line.figures.speed, 9);
        expect(own.lostMotion.value).toBeCloseTo(line.figures.lost, 12);
      });
      const found = report.axes.flatMap((a) => a.findings.filter((f) => codes.includes(f.code)));
      expect(worstVerdict(found.map((f) => f.verdict))).toBe(set.verdict);
      expect(set.verdict).not.toBe('gives-out');
      const paid = report.cost.parts.filter((p) => lineFamilies(p.family));
      expect(paid.reduce((sum, p) => sum + p.count * p.price!, 0)).toBeCloseTo(set.money, 6);
    }
  });
  it('what it weighs more lies on what carries it, and grows where it grows again', () => {
    const set = sets.find((s) => s.heavier.length)!;
    const made = takenIn(set);
    const { axisId, onId, kg } = set.heavier.find((h) => h.onId !== null)!;
    const id = `heavier-${axisId}`;
    const bodyIn = (p: Project) => p.axes.find((a) => a.id === onId)!.loads.masses.find((b) => b.id === id)!;
    expect(bodyIn(made).mass.si).toBeCloseTo(kg, 9);
    expect(bodyIn(made).mass.basis).toBe('ours');
    const again = change(made, setEdits(made, { lines: [], heavier: [{ axisId, onId, kg: 0.7 }] }, nameOf));
    if (!again.ok) throw new Error('refused');
    expect(bodyIn(again.project).mass.si).toBeCloseTo(kg + 0.7, 9);
    const own = again.project.axes.find((a) => a.id === onId)!.loads.masses.filter((b) => b.id === id);
    expect(own).toHaveLength(1);
    // Every other axis as it was asked to carry: no more than was allowed.
    const before = massReport(kayak).axes.map((a) => a.total);
    massReport(made).axes.forEach((a, i) => expect(a.total - before[i]!).toBeLessThanOrEqual(2 * 5 + 1e-9));
  });
  it('where the list of weights is full it is refused, and no weight left out in silence', () => {
    const set = sets.find((s) => s.heavier.some((h) => h.onId !== null))!;
    const { onId } = set.heavier.find((h) => h.onId !== null)!;
    const most = capsAt('axes.0.loads.masses')!.max;
    const axes = kayak.axes.map((axis) => {
      const [first] = axis.loads.masses;
      const masses = Array.from({ length: most }, (_, i) => ({ ...first!, id: `m${i}` }));
      return axis.id === onId ? { ...axis, loads: { ...axis.loads, masses } } : axis;
    });
    const full = { ...kayak, axes };
    expect(change(full, setEdits(full, set, nameOf)).ok).toBe(false);
  });
  it('axes that nobody asked for stay, and keep their parts of the drawer', () => {
    const part = partOf('stepper', 'stepper-23-3-3_8', { onHand: 2 });
    const bed = { ...kayak.axes[0]!, parts: { ...kayak.axes[0]!.parts, stepper: part.id } };
    const project = { ...kayak, ownParts: [part], axes: [bed, ...kayak.axes.slice(1)] };
    const some = searched(project, { ...limits, axes: ['gantry', 'plunge'] }).sets;
    expect(some.length).toBeGreaterThan(0);
    for (const { lines } of some) {
      expect(lines.map((l) => l.axisId)).toEqual(['gantry', 'plunge']);
      // The bed takes both of them.
      expect(lines.every((l) => l.axis.parts.stepper !== part.id)).toBe(true);
    }
  });
  it('a budget ends the list, and nothing is found for too little', () => {
    const all = sets.map((s) => s.money);
    const within = searched(kayak, { ...limits, limits: { ...usual, budget: all[1]! } }).sets;
    expect(within.map((s) => s.money)).toEqual(all.slice(0, 2));
    expect(searched(kayak, { ...limits, limits: { ...usual, budget: all[0]! - 1 } }).sets).toEqual([]);
    expect(searched(kayak, { ...limits, axes: [] }).sets).toEqual([]);
    // Each axis by itself has what holds; for the gate's bed there is nothing among these parts.
    expect(searched(kayak, { ...limits, limits: { ...usual, budget: 1 } }).barren).toEqual([]);
    const { sets: none, barren } = searched(gate, { ...limits, axes: gate.axes.map((a) => a.id) });
    expect([none, barren]).toEqual([[], ['bed']]);
    expect(searched(kayak, limits).barren).toEqual([]);
  });
  it('a hand, a geared motor and a crank are no matter of parts', () => {
    const drive = (kind: string) => ({ ...kayak.axes[0]!, drive: { kind } }) as Axis;
    const motor = (kind: string) => ({ ...kayak.axes[0]!, motor: { kind } }) as Axis;
    expect(['screw', 'crank'].map((k) => mayChange(drive(k)))).toEqual([true, false]);
    expect(['stepper', 'servo', 'geared', 'hand'].map((k) => mayChange(motor(k)))).toEqual([
      ...[true, true],
      ...[false, false],
    ]);
  });
});

describe('ways to hang on supplies', () => {
  it('three axes on at most three: Bell’s five; on two: four; on one: one', () => {
    expect([1, 2, 3].map((most) => groupings(3, most).length)).toEqual([1, 4, 5]);
    expect(groupings(4, 4)).toHaveLength(15);
  });
});
