import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { buildContext, standsOf } from '.';

const TODAY = '2026-11-27';
const kayak = demoMachines()[0]!;

describe('where a machine stands', () => {
  it('is what its report and its list say', () => {
    const report = machineReport(kayak, { flex: true });
    const { money } = buildContext(kayak, report.axes, TODAY);
    expect(standsOf(kayak, TODAY)).toEqual({
      verdict: report.verdict,
      guessed: report.ours.length > 0,
      axes: report.axes.map((a, i) => ({
        id: a.axisId,
        name: kayak.axes[i]!.name,
        verdict: a.verdict,
        guessed: a.ours.length > 0,
      })),
      cost: money.total,
      more: money.unpriced.unknown > 0,
      budget: 2600,
      next: report.next,
    });
  });
  it('is nothing where it breaks a rule: nothing is worked out of it', () => {
    const broken = applyEdits(kayak, [put('axes.0.carriedBy', 'bed')]);
    expect(standsOf(broken, TODAY)).toMatchObject({ verdict: null, axes: [], next: null });
  });
});
