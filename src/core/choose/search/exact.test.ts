import { describe, expect, it } from 'vitest';
import { type AxisReport, axisReport, errorBudgets, loadedAxes } from '@/core/machine';
import { type Axis, axisIssues, type OwnPart, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { runSearch, smallCatalogue } from '@test/helpers/search';
import { isKnown, type Scale, scales, type SearchLimits } from '.';
import { fittingHours } from './effort';
import { driveCodes, motorCodes, tightened } from './judged';
import { moneyOf } from './sides';
import { electricalRows, joined, mechanicalRows } from './space';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];

/** Money by the cost table, both sides of the shaft. */
const moneyIn = (axis: Axis, own: readonly OwnPart[]) =>
  moneyOf(own, axis, 'drive') + moneyOf(own, axis, 'motor');

/** Pitch and heat as the error budget of the machine has them; null: not known. */
function budgeted(report: AxisReport, axis: Axis) {
  const budgets = errorBudgets({ axes: [axis], brief: kayak.brief }, [report], [], null);
  const { shares } = budgets.find((b) => b.axisId === axis.id)!;
  return (['lead', 'heat'] as const).map((id) => shares.find((s) => s.id === id)!.value);
}

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
    error: -Math.hypot(
      report.lostMotion.value,
      axis.demands.cuttingForce.si / report.stiffness.value,
      ...budgeted(report, axis).map((v) => v ?? 0),
    ),
    effort: -fittingHours(axis),
  };
  return figures[scale];
};

const codes: readonly string[] = [...driveCodes, ...motorCodes];
const holds = (report: AxisReport, sure: boolean) =>
  !report.findings.some(
    ({ verdict, code }) => (verdict === 'gives-out' || (sure && verdict === 'thin')) && codes.includes(code),
  );

/** Every combination, each with its full report. */
function everyLine(axis: Axis, own: readonly OwnPart[], limits: SearchLimits) {
  const motors = [...electricalRows(axis, own, limits)];
  return [...mechanicalRows(axis, own, limits)].flatMap((row) => {
    const pulled = { ...row, axis: tightened(row.axis, limits.sure) };
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
  const seen = { thin: 0, sure: 0 };
  const cases: [string, Axis, readonly OwnPart[], boolean][] = [kayak, gate, scenery].flatMap((p) =>
    loadedAxes(p).map((axis, i): [string, Axis, readonly OwnPart[], boolean] => [
      `${p.name}, ${axis.name}`,
      axis,
      p.ownParts,
      // Every other one with nothing thin either.
      i % 2 === 0,
    ]),
  );
  it.each(cases)('finds what looking at every one finds: %s', (_, axis, own, sure) => {
    const some = smallCatalogue({
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
    const limits = { ...some, sure };
    const answer = runSearch(axis, own, limits);
    const all = everyLine(axis, own, limits);
    const held = all.filter((l) => holds(l.report, limits.sure));
    expect(answer.passed).toBeGreaterThanOrEqual(held.length);
    const missing = { stiffness: 'stiffness', lost: 'lostMotion' } as const;
    const knownIn = (report: AxisReport, scale: Scale): boolean => {
      if (scale === 'error')
        return (
          knownIn(report, 'lost') && knownIn(report, 'stiffness') && !budgeted(report, axis).includes(null)
        );
      return scale === 'stiffness' || scale === 'lost' ? report[missing[scale]].missing.length === 0 : true;
    };
    const kinds = [...new Set(all.map((l) => l.family))].flatMap((family) =>
      [true, false].map((certain) => ({ family, certain })),
    );
    for (const scale of scales)
      for (const { family, certain } of kinds) {
        const found = answer.fronts[scale].filter(
          (f) => f.family === family && isKnown(f.figures.unknown, scale) === certain,
        );
        const lines = held
          .filter((l) => l.family === family && knownIn(l.report, scale) === certain)
          .map((l) => ({ money: moneyIn(l.axis, own), worth: valueOf(l.report, l.axis, scale) }));
        const mine = found.map((f) => ({
          money: f.money,
          worth: valueOf(axisReport(f.axis), f.axis, scale),
        }));
        const wanted = plainFront(lines);
        seen[sure ? 'sure' : 'thin'] += mine.length;
        expect(mine.length, `${scale} ${family}`).toBe(wanted.length);
        mine.forEach((m, i) => {
          expect(m.money).toBeCloseTo(wanted[i]!.money, 6);
          expect(m.worth / wanted[i]!.worth).toBeCloseTo(1, 9);
        });
      }
  });
  it('did find some, with and without what is thin', () => {
    expect(seen.thin).toBeGreaterThan(40);
    expect(seen.sure).toBeGreaterThan(10);
  });
});
