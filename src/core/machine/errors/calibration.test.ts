import { describe, expect, it } from 'vitest';
import { belt, pitchLeft } from '@/core/drives';
import {
  applyEdits,
  type Axis,
  guess,
  type Project,
  put,
  putInAxis,
  startingAxis,
  startingDrive,
} from '@/core/model';
import { quantity as q } from '@/core/units';
import { demoMachines } from '@/demo';
import { axisReport, machineReport } from '..';

const base = startingAxis('bed', 'a');
const on = (kind: 'screw' | 'rack' | 'belt' | 'chain'): Axis => ({
  ...base,
  drive: startingDrive(kind, 1.2),
});
const figure = (axis: Axis, id: string) => axisReport(axis).figures.find((f) => f.id === id)!.value;

describe('what calibration takes away of a pitch error', () => {
  it('is what grows evenly: a least-squares line through an error leaves its waver alone', () => {
    // 0.2 mm over a metre, and a waver of 0.03 mm round it.
    const places = Array.from({ length: 201 }, (_, i) => i / 200);
    const waver = places.map((s) => 0.03e-3 * Math.cos(8 * Math.PI * s));
    const error = places.map((s, i) => 0.2e-3 * s + waver[i]!);
    const mean = (v: number[]) => v.reduce((a, b) => a + b, 0) / v.length;
    const [s0, e0] = [mean(places), mean(error)];
    const slope =
      places.reduce((sum, s, i) => sum + (s - s0) * (error[i]! - e0), 0) /
      places.reduce((sum, s) => sum + (s - s0) ** 2, 0);
    const left = Math.max(...places.map((s, i) => Math.abs(error[i]! - e0 - slope * (s - s0))));
    expect(left).toBeCloseTo(0.03e-3, 6);
    const given = { error: q('length', 0.2e-3), uneven: q('ratio', 0.15) };
    expect(pitchLeft.evaluate(given)).toBeCloseTo(0.03e-3, 9);
  });
  it('of a ball screw stays what its class allows over 300 mm (ISO 3408-3: T7 52 µm)', () => {
    const long = applyEdits(on('screw'), [putInAxis('demands.travel', guess('length', '1200 mm'))]);
    expect(figure(long, 'lead-error')).toBeCloseTo(208e-6, 9);
    expect(figure(long, 'lead-left')).toBeCloseTo(52e-6, 9);
  });
  it('of racks stays that of one; belts have an error and a growth at all', () => {
    const long = applyEdits(on('rack'), [putInAxis('demands.travel', guess('length', '3000 mm'))]);
    expect(figure(long, 'lead-error')).toBeCloseTo(0.3e-3, 9);
    expect(figure(long, 'lead-left')).toBeCloseTo(0.1e-3, 9);
    for (const id of ['lead-error', 'lead-left', 'heat-growth'])
      expect(figure(on('belt'), id)).toBeGreaterThan(0);
  });
  it('belts: 0.4 mm a metre, the middle of what they are cut to (memory)', () => {
    expect(belt.beltPitchError.evaluate({ travel: q('length', 1.5) })).toBeCloseTo(0.6e-3, 9);
  });
  it('never is more than there was, whatever the drive', () => {
    for (const kind of ['screw', 'rack', 'belt', 'chain'] as const)
      expect(figure(on(kind), 'lead-left')).toBeLessThanOrEqual(figure(on(kind), 'lead-error'));
  });
});

describe('the accuracy of a machine', () => {
  const kayak = demoMachines()[0]!;
  const tight = applyEdits(kayak, [put('brief.accuracy', guess('length', '0.05 mm'))]);
  const budget = (project: Project) =>
    machineReport(project, { flex: true, remedies: false }).errors.find((e) => e.way === 'x')!;
  const calibrated = (to: string) => {
    const index = kayak.axes.findIndex((a) => a.role === 'bed');
    return budget(applyEdits(kayak, [{ path: `axes.${index}.controller.calibration`, value: to }]));
  };
  it('counts the whole error until somebody calibrates, and says what that would take away', () => {
    const whole = budget(kayak);
    const pitch = whole.shares.find((s) => s.id === 'lead')!;
    expect(pitch.calibrated).toBe(false);
    const steps = calibrated('steps');
    const left = steps.shares.find((s) => s.id === 'lead')!;
    expect(left).toMatchObject({ calibrated: true, taken: pitch.taken });
    expect(left.value).toBeCloseTo(pitch.value! - pitch.taken, 12);
    expect(steps.likely).toBeCloseTo(whole.calibrated, 12);
    expect(steps.likely).toBeLessThan(whole.likely);
    expect(calibrated('map').likely).toBeLessThan(steps.likely);
    for (const s of whole.shares.filter(({ id }) => id !== 'lead')) expect(s.taken).toBe(0);
  });
  it('is mended by calibration, a finer drive, a warm one: what is offered keeps its word', () => {
    const found = machineReport(tight, { flex: true }).findings.filter((f) => f.code === 'accuracy');
    const changes = found.flatMap((f) => f.remedies.filter((r) => r.code === 'axis-change'));
    expect(changes.length).toBeGreaterThan(0);
    // More ways than one: each stands for itself.
    const ways = new Set(changes.map((r) => String(r.params.change)));
    expect([...ways].filter((w) => /calibrate|error-map|finer|warm-up/.test(w)).length).toBeGreaterThan(1);
    for (const f of found)
      for (const r of f.remedies.filter((o) => o.code === 'axis-change')) {
        const after = machineReport(applyEdits(tight, r.edits), { flex: true, remedies: false });
        const same = after.findings.find((g) => g.code === 'accuracy' && g.params.way === f.params.way);
        expect(same?.value ?? 0, String(r.params.change)).toBeLessThan(f.value);
      }
  });
});
