import { describe, expect, it } from 'vitest';
import { jobFindings, jobSteps, piecesOf } from '@/core/job';
import { machineReport } from '@/core/machine';
import { projectIssues } from '@/core/model';
import { hashOf } from '@/storage';
import { ended } from '@test/helpers/steps';
import { demoContents, demoMachines } from '.';

describe('the demo machines', () => {
  const [kayak, gate, scenery] = demoMachines();
  it('keep every rule, have screws, racks and belts among them, and steppers with and ' +
'without an encoder', () => {
    for (const machine of [kayak!, gate!, scenery!]) expect(projectIssues(machine)).toEqual([]);
    const axes = [kayak!, gate!, scenery!].flatMap((m) => m.axes);
    expect(new Set(axes.map((a) => a.drive.kind))).toEqual(new Set(['rack', 'screw', 'belt', 'chain']));
    expect(new Set(axes.map((a) => a.guide.kind)).size).toBeGreaterThanOrEqual(3);
    expect(axes.some((a) => a.motor.kind === 'stepper' && a.motor.loop === 'closed')).toBe(true);
  });
  it('have honest flaws that the report finds, each with a way out', () => {
    const [bed, , plunge] = machineReport(kayak!).axes;
    expect(bed!.findings[0]).toMatchObject({ code: 'sprung-pinion', verdict: 'gives-out' });
    expect(bed!.findings[0]!.remedies[0]).toMatchObject({ code: 'spring', verdict: 'holds' });
    expect(plunge!.findings.map((f) => f.code).sort()).toEqual(['deep-groove', 'drops', 'stack-twice']);
    const codes = machineReport(gate!).axes.map((a) => a.findings.map((f) => f.code));
    expect(codes).toEqual([
      ['chain-short', 'inertia-ratio'],
      ['plate-pattern', 'joint-at-park', 'stack-gap'],
      ['plate-bottom', 'deep-groove', 'drops'],
    ]);
  });
  it('have what does not go together: a height counted twice, a ledge nobody read, a switch too near', () => {
    const slot = machineReport(kayak!).axes[2]!.findings.find((f) => f.code === 'stack-twice')!;
    expect(slot).toMatchObject({ verdict: 'gives-out', params: { thing: 'rail' } });
    expect(slot.remedies.map((r) => r.code)).toContain('drop-link');
    const mesh = machineReport(gate!).axes[1]!.findings.find((f) => f.code === 'stack-gap')!;
    expect(mesh).toMatchObject({ verdict: 'not-known', params: { does: 'measure', change: 'shim' } });
    const columns = machineReport(kayak!).findings.find((f) => f.code === 'passes-between');
    expect(columns).toMatchObject({ verdict: 'gives-out', limit: 1.25 });
    const ends = machineReport(scenery!).axes[0]!.findings.filter((f) => f.code === 'end-switch');
    // It holds at homing speed; a runaway at rapid meets the stop.
    expect(ends).toMatchObject([{ about: 'far', verdict: 'thin' }]);
  });
  it('are complete as machines, each with a flaw of the whole: a gantry that twists, a mass that ' +
'rocks its stand, an arm that sags', () => {
    const [router, plasma, cutter] = [kayak!, gate!, scenery!].map((m) => machineReport(m, { flex: true }));
    for (const r of [router!, plasma!, cutter!]) {
      expect(r.flex).not.toBeNull();
      expect(r.flex!.missing).toEqual([]);
      expect(r.cost.known).toBeGreaterThan(0);
    }
    const largest = (r: typeof router, way: 'x' | 'z') => {
      const { budget } = r!.flex!.softest[way];
      return [...budget].sort((a, b) => b.value - a.value)[0]!.id;
    };
    expect(largest(router, 'x')).toBe('beam-twist');
    expect(router!.findings.map((f) => f.code)).toContain('accuracy');
    // The rail is long enough for the travel, and not for what its ends take of it.
    const chain = plasma!.axes[0]!.findings.find((f) => f.code === 'chain-short')!;
    expect(chain).toMatchObject({ verdict: 'gives-out', params: { near: 'stops' } });
    expect(chain.remedies.map((r) => r.code)).toContain('close-chain');
    expect(plasma!.findings.map((f) => f.code)).toEqual(expect.arrayContaining(['rocks', 'plasma-slow']));
    const rocks = plasma!.findings.find((f) => f.code === 'rocks')!;
    expect(rocks.remedies[0]).toMatchObject({ code: 'ballast', verdict: 'holds' });
    expect(cutter!.findings.find((f) => f.code === 'sag-spread')).toMatchObject({ verdict: 'gives-out' });
    expect(cutter!.flex!.sag.spread).toBeGreaterThan(0.003);
  });
  it('have a job each: one stalls, one is spoilt by plasma corners, one goes beyond the travel', () => {
    const contents = demoContents();
    const found = [kayak!, gate!, scenery!].map((machine) => {
      const [job] = machine.jobs;
      const bytes = contents.get(job!.file)!;
      const { report, guessed } = ended(jobSteps(machine, job!, () => piecesOf(bytes), bytes.length));
      expect(report.read.notes).toEqual([]);
      expect(guessed).toBe(false);
      const [worst] = jobFindings(report);
      return [worst!.code, worst!.axis, worst!.line];
    });
    expect(found).toEqual([
      ['job-stall', 'Gantry axis', 575],
      ['job-kerf', '', 664],
      ['job-past', 'Track axis', 382],
    ]);
  });
  it('have programs that are what their hashes say', async () => {
    const contents = demoContents();
    for (const { hash, bytes } of [kayak!, gate!, scenery!].flatMap((m) => m.files)) {
      expect(contents.get(hash)).toHaveLength(bytes);
      expect(await hashOf(contents.get(hash)!)).toBe(hash);
    }
  });
  it('carry a pinned variant and a part of the builder’s own', () => {
    expect(kayak!.pins[0]!.axis.drive.kind).toBe('screw');
    expect(kayak!.ownParts[0]!.onHand).toBe(2);
  });
});
