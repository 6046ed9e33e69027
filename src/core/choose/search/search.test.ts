import { describe, expect, it } from 'vitest';
import { families, familyById } from '@/core/catalogue';
import { type AxisReport, axisReport, loadedAxes } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, type OwnPart, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import {
  everything,
  isKnown,
  joinedAnswers,
  presentLine,
  scaled,
  type Scale,
  scales,
  type SearchAnswer,
  searchEdits,
  searchLines,
  type SearchLimits,
  searchLinks,
  sharesOf,
  worthReading,
} from '.';
import { driveCodes, judgedDrive, motorCodes, tightened } from './judged';
import { moneyOf } from './pairs';
import { electricalRows, joined, mechanicalRows } from './space';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];
const dice = chance(SEED + 77);

function run(axis: Axis, own: readonly OwnPart[], limits: SearchLimits): SearchAnswer {
  const steps = searchLines(axis, own, limits);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

const linked = ['drive', 'reducer', 'motor', 'driver', 'supply'];
/** A catalogue of so many parts by family, drawn by chance: all others are refused. */
function small(most: Readonly<Record<string, number>>): SearchLimits {
  const refused = families
    .filter((f) => linked.includes(f.link))
    .flatMap((f) => {
      const ids = f.parts.map((p) => p.id);
      const kept = new Set(
        Array.from({ length: most[f.id] ?? 1 }, () => Math.floor(ids.length * dice.next())),
      );
      return ids.filter((_, i) => !kept.has(i));
    });
  return { ...everything, refused };
}

/** Money by the cost table, both sides of the shaft. */
const moneyIn = (axis: Axis, own: readonly OwnPart[]) =>
  moneyOf(own, axis, 'drive') + moneyOf(own, axis, 'motor');

const valueOf = (report: AxisReport, axis: Axis, scale: Scale): number => {
  const share = (id: 'speed-up' | 'cut') => {
    const { usable, torque } = report.cases[id];
    return torque > 0 ? usable / torque : Infinity;
  };
  const figures = {
    speed: Math.min(3, report.speed / axis.demands.rapid.si),
    torque: Math.min(3, share('speed-up'), share('cut')),
    stiffness: report.stiffness.value,
    lost: -report.lostMotion.value,
  };
  return figures[scale];
};

const codes: readonly string[] = [...driveCodes, ...motorCodes];
const holds = (report: AxisReport) =>
  !report.findings.some((f) => f.verdict === 'gives-out' && codes.includes(f.code));

/** Every combination, each with its full report. */
function everyLine(axis: Axis, own: readonly OwnPart[], limits: SearchLimits) {
  const motors = [...electricalRows(axis, own, limits)];
  return [...mechanicalRows(axis, own, limits)].flatMap((row) => {
    const pulled = { ...row, axis: tightened(row.axis) };
    return motors.flatMap((motor) => {
      const it = joined(pulled, motor);
      if (axisIssues(it).length) return [];
      return [{ family: row.family, axis: it, report: axisReport(it, { remedies: false }) }];
    });
  });
}

/** The front of some lines, found by looking at all. */
function plainFront(lines: readonly { readonly money: number; readonly worth: number }[]) {
  const sorted = [...lines].sort((a, b) => a.money - b.money || b.worth - a.worth);
  let best = -Infinity;
  return sorted.filter(({ worth }) => worth > best && ((best = worth), true));
}

describe('a search over every combination', () => {
  const cases: [string, Axis, readonly OwnPart[]][] = [kayak, gate, scenery].flatMap((p) =>
    loadedAxes(p).map((axis): [string, Axis, readonly OwnPart[]] => [
      `${p.name}, ${axis.name}`,
      axis,
      p.ownParts,
    ]),
  );
  it.each(cases)('finds what looking at every one finds: %s', (_, axis, own) => {
    const limits = small({
      'ball-screw': 3,
      rack: 2,
      pinion: 40,
      belt: 2,
      pulley: 16,
      chain: 2,
      sprocket: 12,
      stepper: 4,
      servo: 2,
      driver: 4,
      supply: 3,
    });
    const answer = run(axis, own, limits);
    const all = everyLine(axis, own, limits);
    const held = all.filter((l) => holds(l.report));
    expect(answer.passed).toBeGreaterThanOrEqual(held.length);
    const missing = { stiffness: 'stiffness', lost: 'lostMotion' } as const;
    const sureOf = (report: AxisReport, scale: Scale) =>
      scale === 'stiffness' || scale === 'lost' ? report[missing[scale]].missing.length === 0 : true;
    const kinds = [...new Set(all.map((l) => l.family))].flatMap((family) =>
      [true, false].map((sure) => ({ family, sure })),
    );
    for (const scale of scales)
      for (const { family, sure } of kinds) {
        const found = answer.fronts[scale].filter(
          (f) => f.family === family && isKnown(f.figures.unknown, scale) === sure,
        );
        const lines = held
          .filter((l) => l.family === family && sureOf(l.report, scale) === sure)
          .map((l) => ({ money: moneyIn(l.axis, own), worth: valueOf(l.report, axis, scale) }));
        const mine = found.map((f) => ({ money: f.money, worth: valueOf(axisReport(f.axis), axis, scale) }));
        const wanted = plainFront(lines);
        expect(mine.length, `${scale} ${family}`).toBe(wanted.length);
        mine.forEach((m, i) => {
          expect(m.money).toBeCloseTo(wanted[i]!.money, 6);
          expect(m.worth / wanted[i]!.worth).toBeCloseTo(1, 9);
        });
      }
  });
  const plunge = loadedAxes(kayak)[2]!;
  const few = small({ 'ball-screw': 6, 'trapezoidal-screw': 6, stepper: 6, driver: 5, supply: 4 });
  it('shows what the report says, with the parts named, and changes what it was let change alone', () => {
    const answer = run(plunge, [], few);
    const found = answer.fronts.speed;
    expect(found.length).toBeGreaterThan(3);
    for (const { axis, figures, verdict } of found) {
      const report = axisReport(axis, { remedies: false });
      expect(figures.speed).toBe(report.speed / axis.demands.rapid.si);
      expect(figures.stiffness).toBe(report.stiffness.value);
      expect(figures.lost).toBe(report.lostMotion.value);
      expect(verdict).not.toBe('gives-out');
      expect({ ...axis, ...Object.fromEntries(searchLinks.map((l) => [l, plunge[l]])), parts: 0 }).toEqual({
        ...plunge,
        parts: 0,
      });
    }
    const edited = applyEdits(plunge, searchEdits(found[0]!.axis));
    expect(edited).toEqual(found[0]!.axis);
    // Taken, it is the present one, with the same figures and money.
    expect({ ...presentLine(edited, []), id: found[0]!.id }).toEqual(found[0]);
    expect(presentLine({ ...edited, parts: {} }, []).money).toBeNull();
  });
  it('counts every combination once: what went by a check, what was passed over, what holds', () => {
    const answer = run(plunge, [], few);
    const lost = Object.values(answer.killed).reduce((sum, n) => sum + n, 0);
    const judgedOut = lost + answer.passed - answer.combinations;
    expect(judgedOut).toBeGreaterThanOrEqual(0);
    expect(judgedOut).toBeLessThanOrEqual(answer.judged);
  });
  it('parts that lie in the drawer cost nothing, a budget and refused kinds hold', () => {
    const cheapest = (own: readonly OwnPart[], limits: SearchLimits) =>
      Math.min(...run(plunge, own, limits).fronts.torque.map((f) => f.money));
    const bought = cheapest([], few);
    const stepper = familyById('stepper')!.parts.find((p) => p.id === 'stepper-23-3-3_8')!;
    const drawer: OwnPart = {
      id: 'drawer-motor',
      family: 'stepper',
      name: 'from the drawer',
      values: stepper.values,
      note: '',
      price: 40,
      onHand: 1,
    } as OwnPart;
    const mine = run(plunge, [drawer], few).fronts.torque.find(
      (f) => f.axis.parts.stepper === 'drawer-motor',
    );
    expect(mine).toBeDefined();
    expect(cheapest([drawer], few)).toBeLessThan(bought);
    const poor = run(plunge, [], { ...few, budget: bought - 1 });
    expect(poor.fronts.torque).toEqual([]);
    expect(poor.killed.money).toBeGreaterThan(0);
    const refused = run(plunge, [], { ...few, refused: [...few.refused, 'ball-screw', 'stepper'] });
    for (const scale of scales)
      for (const { family, axis } of refused.fronts[scale]) {
        expect(family).not.toBe('ball-screw');
        expect(axis.parts.stepper).toBeUndefined();
      }
  });
  it('holding links as they are leaves them as they are', () => {
    const answer = run(plunge, [], { ...few, vary: ['motor', 'driver', 'supply'] });
    for (const { axis } of answer.fronts.torque) expect(axis.drive).toEqual(plunge.drive);
    const [only] = run(plunge, [], { ...few, vary: ['drive'] }).fronts.torque;
    if (only) expect(only.axis.motor).toEqual(plunge.motor);
  });
  it('what the drive alone decides is the same whatever motor turns it', () => {
    const rows = [...mechanicalRows(plunge, [], few)];
    const motors = [...electricalRows(plunge, [], few)];
    for (let n = 0; n < 60; n++) {
      const [row, motor] = [rows, motors].map((list) => list[Math.floor(list.length * dice.next())]!);
      const [alone, both] = [row!.axis, joined(row!, motor!)].map((axis) => judgedDrive(axis));
      const { analysis: _a, ...one } = alone as object & { analysis?: unknown };
      const { analysis: _b, ...other } = both as object & { analysis?: unknown };
      expect(Object.keys(other)).toEqual(Object.keys(one));
      for (const [key, value] of Object.entries(one)) {
        const now = (other as Record<string, unknown>)[key];
        if (typeof value === 'object') expect(now).toEqual(value);
        else if (typeof value === 'number') expect(now).toBeCloseTo(value, 9);
        else expect(now).toBe(value);
      }
    }
  });
  it('in shares finds what it finds as a whole', () => {
    const whole = run(plunge, [], few);
    const shares = sharesOf(few).map((limits) => run(plunge, [], limits));
    const { fronts, ...counts } = joinedAnswers(shares);
    for (const scale of scales) expect(fronts[scale]).toEqual(whole.fronts[scale]);
    const { fronts: _, ...wholly } = whole;
    expect(counts).toEqual(wholly);
    const held = sharesOf({ ...few, vary: ['motor'] });
    expect(held).toHaveLength(1);
  });
  it('names the few that are worth reading: cheapest, knee, most, each once', () => {
    const answer = run(plunge, [], few);
    for (const scale of scales) {
      const read = worthReading(answer.fronts[scale], scale);
      expect(read[0]!.reason).toBe('cheapest');
      expect(read[0]!.line.money).toBe(Math.min(...answer.fronts[scale].map((f) => f.money)));
      const most = read.at(-1)!.line;
      const top = Math.max(...answer.fronts[scale].map((f) => scaled(f.figures, scale)));
      expect(scaled(most.figures, scale)).toBe(top);
      expect(new Set(read.map((r) => r.line.id)).size).toBe(read.length);
    }
    const line = answer.fronts.torque[0]!;
    const at = (money: number, torque: number) => ({
      ...line,
      id: `${money}`,
      money,
      figures: { ...line.figures, torque },
    });
    const bent = [at(10, 1), at(12, 2.4), at(300, 2.6)];
    expect(worthReading(bent, 'torque').map((r) => [r.reason, r.line.money])).toEqual([
      ['cheapest', 10],
      ['knee', 12],
      ['most', 300],
    ]);
    expect(worthReading([], 'torque')).toEqual([]);
    // What is only bounded is not called the stiffest while others are known.
    const bounded = {
      ...at(5, 9),
      figures: { ...line.figures, stiffness: 9e9, unknown: { stiffness: 1, lost: 0 } },
    };
    const known = { ...at(20, 1), figures: { ...line.figures, unknown: { stiffness: 0, lost: 0 } } };
    expect(worthReading([bounded, known], 'stiffness').map((r) => r.line.money)).toEqual([20]);
    expect(worthReading([bounded], 'stiffness').map((r) => r.line.money)).toEqual([5]);
  });
});
