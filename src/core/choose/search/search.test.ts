import { describe, expect, it } from 'vitest';
import { familyById } from '@/core/catalogue';
import { axisReport, loadedAxes } from '@/core/machine';
import { applyEdits, type Axis, guess, type OwnPart, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { runSearch, smallCatalogue } from '@test/helpers/search';
import {
  isKnown,
  joinedAnswers,
  presentLine,
  scaled,
  scales,
  searchEdits,
  type SearchLimits,
  searchLinks,
  sharesOf,
  worthReading,
} from '.';
import { judgedDrive } from './judged';
import { electricalRows, joined, mechanicalRows, microsteps } from './space';

const [kayak] = demoMachines() as [Project];
const dice = chance(SEED + 77);

describe('a search for a drive train', () => {
  const plunge = loadedAxes(kayak)[2]!;
  const few = smallCatalogue({ 'ball-screw': 6, 'trapezoidal-screw': 6, stepper: 6, driver: 5, supply: 4 });
  it('shows what the report says, with the parts named, and changes what it was let change alone', () => {
    const answer = runSearch(plunge, [], few);
    const found = answer.fronts.speed;
    // What a catalogue drawn by chance leaves of a front: something to look at.
    expect(found.length).toBeGreaterThan(1);
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
    const answer = runSearch(plunge, [], few);
    const lost = Object.values(answer.killed).reduce((sum, n) => sum + n, 0);
    const judgedOut = lost + answer.passed - answer.combinations;
    expect(judgedOut).toBeGreaterThanOrEqual(0);
    expect(judgedOut).toBeLessThanOrEqual(answer.judged);
  });
  it('parts that lie in the drawer cost nothing, a budget and refused kinds hold', () => {
    const cheapest = (own: readonly OwnPart[], limits: SearchLimits) =>
      Math.min(...runSearch(plunge, own, limits).fronts.torque.map((f) => f.money));
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
    const mine = runSearch(plunge, [drawer], few).fronts.torque.find(
      (f) => f.axis.parts.stepper === 'drawer-motor',
    );
    expect(mine).toBeDefined();
    expect(cheapest([drawer], few)).toBeLessThan(bought);
    const poor = runSearch(plunge, [], { ...few, budget: bought - 1 });
    expect(poor.fronts.torque).toEqual([]);
    expect(poor.killed.money).toBeGreaterThan(0);
    const refused = runSearch(plunge, [], { ...few, refused: [...few.refused, 'ball-screw', 'stepper'] });
    for (const scale of scales)
      for (const { family, axis } of refused.fronts[scale]) {
        expect(family).not.toBe('ball-screw');
        expect(axis.parts.stepper).toBeUndefined();
      }
  });
  it('an own part without a price is no bargain: it counts only as far as it lies in the drawer', () => {
    const { values } = familyById('stepper')!.parts.find((p) => p.id === 'stepper-23-3-3_8')!;
    const own = (onHand: number): OwnPart => ({
      id: 'unpriced',
      family: 'stepper',
      name: 'unpriced',
      values,
      note: '',
      price: null,
      onHand,
    });
    const taken = (onHand: number) => {
      const { fronts, killed } = runSearch(plunge, [own(onHand)], few);
      const found = fronts.torque.filter((f) => f.axis.parts.stepper === 'unpriced');
      expect(found.every((f) => Number.isFinite(f.money))).toBe(true);
      return { found: found.length, killed: killed.price ?? 0 };
    };
    expect(taken(1).found).toBeGreaterThan(0);
    expect(taken(1).killed).toBe(0);
    expect(taken(0).found).toBe(0);
    expect(taken(0).killed).toBeGreaterThan(0);
  });
  it('holding links as they are leaves them as they are', () => {
    const answer = runSearch(plunge, [], { ...few, vary: ['motor', 'driver', 'supply'] });
    for (const { axis } of answer.fronts.torque) expect(axis.drive).toEqual(plunge.drive);
    const [only] = runSearch(plunge, [], { ...few, vary: ['drive'] }).fronts.torque;
    if (only) expect(only.axis.motor).toEqual(plunge.motor);
  });
  it('what the drive alone decides is the same whatever motor turns it', () => {
    const rows = [...mechanicalRows(plunge, [], few)];
    const motors = [...electricalRows(plunge, [], few)];
    for (let n = 0; n < 60; n++) {
      const [row, motor] = [rows, motors].map((list) => list[Math.floor(list.length * dice.next())]!);
      const [alone, both] = [row!.axis, joined(row!, motor!)].map((axis) => judgedDrive(axis, false));
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
    const whole = runSearch(plunge, [], few);
    const shares = sharesOf(few).map((limits) => runSearch(plunge, [], limits));
    const { fronts, ...counts } = joinedAnswers(shares);
    for (const scale of scales) expect(fronts[scale]).toEqual(whole.fronts[scale]);
    const { fronts: _, ...wholly } = whole;
    expect(counts).toEqual(wholly);
    const held = sharesOf({ ...few, vary: ['motor'] });
    expect(held).toHaveLength(1);
  });
  it('names the few that are worth reading: cheapest, knee, most, each once', () => {
    const answer = runSearch(plunge, [], few);
    for (const scale of scales) {
      const read = worthReading(answer.fronts[scale], scale);
      expect(read[0]!.reason).toBe('cheapest');
      expect(read[0]!.line.money).toBe(Math.min(...answer.fronts[scale].map((f) => f.money)));
      if (!answer.fronts[scale].some((f) => isKnown(f.figures.unknown, scale))) continue;
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
      figures: { ...line.figures, stiffness: 9e9, unknown: { stiffness: 1, lost: 0, error: 0 } },
    };
    const known = {
      ...at(20, 1),
      figures: { ...line.figures, unknown: { stiffness: 0, lost: 0, error: 0 } },
    };
    expect(worthReading([bounded, known], 'stiffness').map((r) => r.line.money)).toEqual([20]);
    const more = { ...bounded, id: '7', money: 7, figures: { ...bounded.figures, stiffness: 9e10 } };
    expect(worthReading([bounded, more], 'stiffness').map((r) => [r.reason, r.line.money])).toEqual([
      ['cheapest', 5],
    ]);
  });
  it('more force, mass, speed or travel never makes the cheapest that holds cheaper', () => {
    const cheapest = (axis: Axis) => {
      const { fronts } = runSearch(axis, [], few);
      return Math.min(Infinity, ...fronts.torque.map((f) => f.money));
    };
    const gantry = loadedAxes(kayak)[1]!;
    for (const axis of [plunge, gantry]) {
      const before = cheapest(axis);
      expect(before).toBeLessThan(Infinity);
      const heavier = {
        ...axis.loads,
        masses: axis.loads.masses.map((m) => ({ ...m, mass: guess('mass', '14 kg') })),
      };
      const harder = [
        { ...axis, demands: { ...axis.demands, cuttingForce: guess('force', '260 N') } },
        { ...axis, demands: { ...axis.demands, rapid: guess('speed', '14 m/min') } },
        { ...axis, demands: { ...axis.demands, acceleration: guess('acceleration', '1.6 m/s²') } },
        { ...axis, loads: heavier },
      ];
      for (const asked of harder) expect(cheapest(asked)).toBeGreaterThanOrEqual(before);
    }
  });
  it('a drive that is no screw takes no bearings of a screw along', () => {
    const held = { ...plunge, parts: { 'end-bearing': 'fixed-block-12', 'profile-rail': 'some' } };
    for (const { family, axis } of mechanicalRows(held, [], few)) {
      expect(axis.parts['profile-rail']).toBe('some');
      expect(axis.parts['end-bearing']).toBe(
        family.endsWith('screw') || family === 'threaded-rod' ? 'fixed-block-12' : undefined,
      );
    }
  });
  it('an eight-lead motor is tried in parallel where that is asked for, at the same torque and heat', () => {
    const both = [...electricalRows(plunge, [], { ...few, parallel: true })];
    const one = [...electricalRows(plunge, [], few)];
    expect(both.length).toBeGreaterThan(one.length);
    const pair = both.find((r) => r.id.includes(' parallel '))!;
    const series = one.find((r) => r.id === pair.id.replace(' parallel', ''))!;
    const [a, b] = [series.axis.motor, pair.axis.motor];
    if (a.kind !== 'stepper' || b.kind !== 'stepper') throw new Error('no steppers');
    expect(b.holdingTorque).toEqual(a.holdingTorque);
    expect(b.inductance.si / a.inductance.si).toBeCloseTo(0.25, 3);
    expect(b.resistance.si * b.ratedCurrent.si ** 2).toBeCloseTo(a.resistance.si * a.ratedCurrent.si ** 2, 2);
  });
  it('microsteps are as fine as the controller has pulses for, with some to spare', () => {
    // At 32 microsteps it reaches 0.5, 1.2 or 0.2 of what is asked.
    expect([0.5, 1.2, 0.2].map((most) => microsteps(32, most))).toEqual([10, 32, 4]);
    // Coarser than the coarsest it does not go; a finer setting than the present one is never taken.
    expect([microsteps(32, 0.01), microsteps(8, 0.01), microsteps(2, 0.5)]).toEqual([4, 4, 2]);
  });
});
