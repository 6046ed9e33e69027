import { describe, expect, it } from 'vitest';
import { applyEdits, type Edit, guess, type Project, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { cutLoads, type KeptReport, loadedReports, massReport } from '..';
import type { Axis } from '@/core/model';
import { changedContext, contextOf } from './context';

const machines = demoMachines() as [Project, Project, Project];
const [kayak] = machines;

const known = (project: Project) => {
  const [cuts, masses] = [cutLoads(project.brief), massReport(project)];
  return { cuts, masses, loaded: loadedReports(project, cuts, masses, { remedies: false }) };
};
const fresh = (project: Project) => contextOf(project, known(project), { frame: null });

/** Changes of every slice on which an answer depends. */
const changes: readonly (readonly [string, (project: Project) => Edit[]])[] = [
  ['a body of an axis', () => [put('axes.0.loads.masses.0.mass', guess('mass', '14 kg'))]],
  ['a target', () => [put('axes.1.demands.acceleration', guess('acceleration', '0.6 m/s²'))]],
  [
    'a drive',
    ({ axes }) => [
      put('axes.0.drive', axes[0]!.drive),
      put('axes.0.demands.rapid', guess('speed', '7 m/min')),
    ],
  ],
  ['who rides on whom', () => [put('axes.2.carriedBy', 'bed')]],
  ['the arrangement', () => [put('brief.arrangement', 'moving-table')]],
  ['a cut', ({ brief }) => [put('brief.cuts', brief.cuts.slice(0, 1))]],
  ['the spindle', () => [put('brief.spindle', null)]],
  ['the beam', () => [put('structure.beam.material', 'steel')]],
  ['the stand', () => [put('stand', [])]],
  ['money', () => [put('brief.budget', 12)]],
  ['accuracy', () => [put('brief.accuracy', guess('length', '0.2 mm'))]],
];

describe('a machine with a change made', () => {
  it.each(changes)('is worked out as if it had been so from the start: %s', (_, edits) => {
    for (const machine of machines) {
      const list = edits(machine);
      const changed = changedContext(fresh(machine), list);
      if (!changed) continue;
      const { memory: _a, ...mine } = changed;
      const { memory: _b, ...theirs } = fresh(applyEdits(machine, list));
      expect(mine).toEqual(theirs);
    }
  });
  it('is refused where the gate refuses it', () => {
    expect(changedContext(fresh(kayak), [put('axes.0.carriedBy', 'plunge')])).toBeUndefined();
    expect(changedContext(fresh(kayak), [{ path: 'axes.9.name', value: 'x' }])).toBeUndefined();
  });
  it('keeps what the change does not touch', () => {
    const before = fresh(kayak);
    const money = changedContext(before, [put('brief.budget', 12)])!;
    expect(money.masses).toBe(before.masses);
    expect(money.loaded.map((l) => l.report)).toEqual(before.loaded.map((l) => l.report));
    expect(money.loaded[0]!.report).toBe(before.loaded[0]!.report);
    const drag = changedContext(before, [put('axes.0.loads.guideDrag', guess('force', '80 N'))])!;
    expect(drag.loaded[0]!.report).not.toBe(before.loaded[0]!.report);
    expect(drag.loaded[1]!.report).toBe(before.loaded[1]!.report);
  });
});

describe('reports that are kept', () => {
  const memory = () => new WeakMap<Axis, KeptReport>();
  const reports = (project: Project, kept: WeakMap<Axis, KeptReport>) => {
    const { cuts, masses } = known(project);
    return loadedReports(project, cuts, masses, {}, kept);
  };
  it('are those of axes that an edit left alone and that are loaded as before', () => {
    const kept = memory();
    const before = reports(kayak, kept);
    expect(reports(kayak, kept)).toEqual(before);
    expect(reports(kayak, kept)[0]).toBe(before[0]);
    const lighter = applyEdits(kayak, [put('axes.2.loads.masses.0.mass', guess('mass', '5 kg'))]);
    // The spindle is carried by every axis below: all are worked out anew, and as without a memory.
    const after = reports(lighter, kept);
    expect(after.some((r, i) => r === before[i])).toBe(false);
    expect(after.map((r) => r.report)).toEqual(reports(lighter, memory()).map((r) => r.report));
  });
  it('are not those of an axis that stands at another place of the list: its findings lead elsewhere', () => {
    const kept = memory();
    reports(kayak, kept);
    const turned = { ...kayak, axes: [kayak.axes[2]!, kayak.axes[0]!, kayak.axes[1]!] } as Project;
    const found = reports(turned, kept).flatMap(({ report }, i) =>
      report.findings.map((f) => [f.path, i] as const),
    );
    expect(found.length).toBeGreaterThan(2);
    for (const [path, index] of found) expect(path.startsWith(`axes.${index}.`)).toBe(true);
  });
});
