import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, estimate, put, type Project } from '@/core/model';
import type { Kind } from '@/core/units';
import { demoMachines } from '@/demo';
import { turned } from '.';

const kayak = demoMachines()[0]!;
const withTyped = (project: Project, path: string, kind: Kind, text: string) =>
  applyEdits(project, [put(path, estimate(kind, text))]);

describe('what a change does to the answers of a machine', () => {
  it('is nothing where nothing is changed', () => {
    expect(turned(kayak, kayak)).toMatchObject({ verdicts: [], figures: [] });
  });
  it('verdicts that turn are those of both reports, a finding that comes held before', () => {
    const faster = withTyped(kayak, 'axes.2.demands.rapid', 'speed', '12 m/min');
    const { verdicts } = turned(kayak, faster);
    expect(verdicts).toContainEqual({
      axisId: 'plunge',
      code: 'pulses',
      before: 'holds',
      after: 'gives-out',
      guessed: { before: false, after: false },
    });
    const [was, is] = [kayak, faster].map((p) => machineReport(p, { flex: 'figures', remedies: false }));
    const turn = verdicts.find((v) => v.axisId === 'plunge' && v.code === null);
    expect(turn?.after ?? was!.axes[2]!.verdict).toBe(is!.axes[2]!.verdict);
    // The way back turns the same the other way.
    const back = turned(faster, kayak).verdicts;
    expect(back).toHaveLength(verdicts.length);
    for (const v of verdicts)
      expect(back).toContainEqual({
        ...v,
        before: v.after,
        after: v.before,
        guessed: { before: v.guessed.after, after: v.guessed.before },
      });
  });
  it('a heavier spindle weighs on what moves, and on the errors of the whole', () => {
    const at = kayak.axes[2]!.loads.masses.findIndex((m) => m.id === 'spindle');
    const heavy = withTyped(kayak, `axes.2.loads.masses.${at}.mass`, 'mass', '15 kg');
    const { mass, figures } = turned(kayak, heavy);
    expect(mass[1] - mass[0]).toBeCloseTo(15 - 7.9, 9);
    expect(figures.length).toBeGreaterThan(0);
    for (const f of figures) expect(f.change).not.toBe('same');
  });
  it('a part that is given up takes its price along', () => {
    const { cost } = turned(kayak, { ...kayak, axes: kayak.axes.slice(0, 2) });
    expect(cost[1]).toBeLessThan(cost[0]);
  });
});
