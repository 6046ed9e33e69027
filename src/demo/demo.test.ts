import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { projectIssues } from '@/core/model';
import { demoMachines } from '.';

describe('the demo machines', () => {
  const [kayak, gate] = demoMachines();
  it('keep every rule, have screws, racks and belts among them, and steppers with and without an encoder', () => {
    for (const machine of [kayak!, gate!]) expect(projectIssues(machine)).toEqual([]);
    const axes = [...kayak!.axes, ...gate!.axes];
    expect(new Set(axes.map((a) => a.drive.kind))).toEqual(new Set(['rack', 'screw', 'belt']));
    expect(new Set(axes.map((a) => a.guide.kind)).size).toBeGreaterThanOrEqual(3);
    expect(axes.some((a) => a.motor.kind === 'stepper' && a.motor.loop === 'closed')).toBe(true);
  });
  it('have honest flaws that the report finds, each with a way out', () => {
    const [bed, , plunge] = machineReport(kayak!).axes;
    expect(bed!.findings[0]).toMatchObject({ code: 'sprung-pinion', verdict: 'gives-out' });
    expect(bed!.findings[0]!.remedies[0]).toMatchObject({ code: 'spring', verdict: 'holds' });
    expect(plunge!.findings.map((f) => f.code).sort()).toEqual(['deep-groove', 'drops']);
    const codes = machineReport(gate!).axes.map((a) => a.findings.map((f) => f.code));
    expect(codes).toEqual([['inertia-ratio', 'belt-tension'], ['joint-at-park'], ['deep-groove']]);
  });
  it('carry a pinned variant and a part of the builder’s own', () => {
    expect(kayak!.pins[0]!.axis.drive.kind).toBe('screw');
    expect(kayak!.ownParts[0]!.onHand).toBe(2);
  });
});
