import { describe, expect, it } from 'vitest';
import { applyEdits, estimate, type Project, putInAxis } from '@/core/model';
import { demoMachines } from '@/demo';
import { allFindings, elsewhere, machineReport } from '..';

/** A machine on which two axes thrust on deep-groove bearings, and one does not. */
function grooved(...ids: string[]): Project {
  const kayak = demoMachines()[0]!;
  const screws = kayak.axes.filter((a) => a.drive.kind === 'screw').map((a) => a.id);
  expect(screws.length).toBe(2);
  return {
    ...kayak,
    axes: kayak.axes.map((a) => {
      const bearing = ids.includes(a.id) ? 'deep-groove' : 'angular-contact';
      return a.drive.kind === 'screw' ? applyEdits(a, [putInAxis('drive.thrustBearing', bearing)]) : a;
    }),
  };
}

describe('the same change on the other axes', () => {
  const of = (project: Project, axisId: string) => {
    const report = machineReport(project);
    const found = allFindings(report).find((f) => f.code === 'deep-groove' && f.axisId === axisId)!;
    const [remedy] = found.remedies;
    return { found, remedy: remedy!, there: elsewhere(found, remedy!, allFindings(report)) };
  };
  it('is offered where the same is found on another and the same is offered there; it mends both', () => {
    const project = grooved('gantry', 'plunge');
    const { there } = of(project, 'gantry');
    expect(there!.axes).toEqual([{ axisId: 'plunge', verdict: 'holds' }]);
    const mended = applyEdits(project, there!.edits);
    const left = allFindings(machineReport(mended)).map((f) => f.code);
    expect(left).not.toContain('deep-groove');
  });
  it('is not where the others have no such finding', () => {
    expect(of(grooved('gantry'), 'gantry').there).toBeUndefined();
  });
  it('is not where another figure would help there, nor for the machine as a whole', () => {
    const project = grooved('gantry', 'plunge');
    const { found, remedy } = of(project, 'gantry');
    const value = estimate('length', '1 mm');
    const other = { ...remedy, edits: [{ path: 'axes.1.drive.play', value }] };
    const all = allFindings(machineReport(project));
    expect(elsewhere(found, other, all)).toBeUndefined();
    expect(elsewhere({ ...found, axisId: null }, remedy, all)).toBeUndefined();
  });
});
