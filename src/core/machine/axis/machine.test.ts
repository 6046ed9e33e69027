import { describe, expect, it } from 'vitest';
import { type Verdict, verdictOf, worstVerdict } from '@/core/findings';
import { applyEdits, axisIssues, type ScrewDrive } from '@/core/model';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, demoProject, withSi } from '@test/helpers/demo';
import { quantity } from '@/core/units';
import { fit } from '@/core/fit';
import { axisReport, axisChecks, machineReport } from '..';

const rank: Record<Verdict, number> = { holds: 0, 'not-known': 1, thin: 2, 'gives-out': 3 };

describe('the demo machine', () => {
  const report = machineReport(demoProject());
  const bed = report.axes[0]!;
  it('its bed axis whips far below the wanted rapid, and the tool says so first', () => {
    expect(bed.verdict).toBe('gives-out');
    expect(bed.governing).toBe('whip');
    expect(bed.findings[0]!.code).toBe('whip');
    // By hand: fixed-supported 2545.5 rpm for 1 m, over 2.72² m², times 0.8, times 5 mm: 1.376 m/min.
    expect(bed.speed * 60).toBeCloseTo((0.8 * 2545.5 * 0.005) / 2.72 ** 2, 2);
  });
  it('offers ways out, each computed', () => {
    const remedies = bed.findings[0]!.remedies;
    for (const code of ['turn-nut', 'screw-fixed', 'to-rack', 'to-belt'])
      expect(remedies.map((r) => r.code)).toContain(code);
    for (const r of remedies) expect(r.becomes ?? Infinity).toBeGreaterThan(bed.findings[0]!.value);
    // A standing screw does not whip: the rung is gone, and its motor's weight has been added.
    expect(remedies.find((r) => r.code === 'turn-nut')).toMatchObject({
      code: 'turn-nut',
      becomes: null,
      verdict: 'holds',
    });
  });
  it('the gantry axis holds with a thin margin, the plunge axis is held by detent only', () => {
    expect(report.axes[1]!.verdict).toBe('thin');
    expect(report.axes[2]!.findings.map((f) => f.code).sort()).toEqual(['deep-groove', 'drops']);
    expect(report.verdict).toBe('gives-out');
  });
  it('says what it does not know', () => {
    expect(report.axes[2]!.unknowns.map((u) => u.path)).toContain('drive.nutOffset');
    expect(bed.figures.map((f) => f.id)).toContain('stiffness-at-most');
    // The file of version 1 says nothing of its couplings; told how stiff they are, the figure is no bound
    // any more.
    const coupled = withSi(demoAxis('gantry'), { 'coupling.stiffness': 2000 });
    expect(axisReport(coupled).figures.map((f) => f.id)).toContain('stiffness');
  });
});

describe('travel chain', () => {
  it('a rail of 1330 with carriages over 210 leaves 1120, and 15 past each end 1150 (sum of lengths)', () => {
    const reach = (overhang: number) =>
      fit.railReach.evaluate({
        rail: quantity('length', 1.33),
        span: quantity('length', 0.21),
        overhang: quantity('length', overhang),
      });
    expect([reach(0), reach(0.015)]).toEqual([expect.closeTo(1.12, 12), expect.closeTo(1.15, 12)]);
  });
});

describe('remedies keep their word', () => {
  it.each(
    demoProject().axes.flatMap((axis) =>
      axisReport(axis).findings.flatMap((f) =>
        f.remedies.map((r) => [`${axis.name}: ${f.code} by ${r.code}`, axis, f, r] as const),
      ),
    ),
  )('%s', (_name, axis, finding, remedy) => {
    const changed = applyEdits(axis, remedy.edits);
    expect(axisIssues(changed)).toEqual([]);
    const after = axisReport(changed);
    expect(after.verdict).toBe(remedy.wholeVerdict);
    expect(after.speed).toBeCloseTo(remedy.reach!, 12);
    const same = after.findings.find((f) => f.code === finding.code);
    expect(same?.verdict ?? 'holds').toBe(remedy.verdict);
    if (same) expect(same.value).toBeCloseTo(remedy.becomes!, 12);
    expect(rank[after.verdict]).toBeLessThanOrEqual(rank[axisReport(axis).verdict]);
  });
});

describe('a remedy that exchanges the screw', () => {
  it('forgets what the datasheet said of the old one, and so does not make a thick screw light', () => {
    const light = withSi(demoAxis('bed'), { 'drive.screwInertia': 1e-9 });
    const remedies = axisReport(light).findings[0]!.remedies;
    const screw = remedies.find((r) => r.code === 'screw')!;
    const drive = applyEdits(light, screw.edits).drive as ScrewDrive;
    expect(drive.screwInertia).toBeNull();
    expect(drive.thread).toMatchObject({ dynamicLoad: null, nutStiffness: null, speedLimit: null });
    // The same screw is found as heavy as if no inertia had ever been typed.
    const plain = axisReport(demoAxis('bed')).findings[0]!.remedies.find((r) => r.code === 'screw')!;
    expect(axisReport(applyEdits(light, screw.edits)).cases.cut.torque).toBe(
      axisReport(applyEdits(demoAxis('bed'), plain.edits)).cases.cut.torque,
    );
    const short = withSi(light, { 'demands.travel': 0.5, 'demands.rapid': 0.04, 'demands.feed': 0.03 });
    const lead = axisReport(short).findings[0]!.remedies.find((r) => r.code === 'lead')!;
    expect(applyEdits(light, lead.edits).drive.thread).toMatchObject({ dynamicLoad: null });
    expect((applyEdits(light, lead.edits).drive as ScrewDrive).screwInertia).not.toBeNull();
  });
});

describe('findings', () => {
  const codes = (values: Record<string, number>, id: 'bed' | 'gantry' | 'plunge' = 'gantry') =>
    axisReport(withSi(demoAxis(id), values)).findings.map((f) => f.code);
  it.each([
    ['crest-high', { 'driver.setCurrent': 6.9 }],
    ['crest-low', { 'driver.setCurrent': 2, 'demands.acceleration': 4 }],
    ['supply-low', { 'supply.voltage': 24, 'demands.rapid': 0.4 }],
    ['column', { 'demands.cuttingForce': 6000 }],
    ['inertia-ratio', { 'loads.masses.0.mass': 120 }],
    ['never-reached', { 'demands.travel': 0.02 }],
    ['rail-short', { 'guide.railLength': 1.4 }],
    ['ramp-rings', { 'demands.acceleration': 60 }],
    ['torque-cut', { 'demands.cuttingForce': 900 }],
    ['pulses', { 'controller.pulseLimit': 30e3 }],
    ['dn', { 'demands.rapid': 0.5 }],
  ] as const)('%s', (code, values) => expect(codes(values)).toContain(code));
  it('a heavy head drives a ball screw down when the power goes, and a counterbalance mends it', () => {
    const axis = withSi(demoAxis('plunge'), { 'loads.masses.0.mass': 30 });
    const drops = axisReport(axis).findings.find((f) => f.code === 'drops')!;
    expect(drops.verdict).toBe('gives-out');
    expect(drops.remedies.slice(0, 2).map((r) => r.code)).toEqual(['brake', 'counterbalance']);
  });
  it('a sliding screw locks itself; close to the friction angle it is called thin', () => {
    const axis = demoAxis('plunge');
    const m = (si: number) => ({ typed: '', si, basis: 'estimate' }) as never;
    const sliding = (friction: number) =>
      axisReport({
        ...axis,
        drive: {
          ...axis.drive,
          thread: { ...slidingThread('trapezoidal'), friction: m(friction) },
        },
      });
    expect(sliding(0.2).findings.map((f) => f.code)).not.toContain('drops');
    expect(sliding(0.13).findings.map((f) => f.code)).toContain('thin-self-lock');
    expect(sliding(0.05).findings.map((f) => f.code)).toContain('drops');
  });
  it('judge thinness and the worst of a list', () => {
    expect([
      verdictOf(1.2, 1),
      verdictOf(1.1, 1),
      verdictOf(0.9, 1),
      verdictOf(NaN, 1),
      verdictOf(Infinity, 1),
    ]).toEqual(['holds', 'thin', 'gives-out', 'not-known', 'holds']);
    expect(worstVerdict([])).toBe('not-known');
    expect(worstVerdict(['holds', 'thin', 'not-known'])).toBe('thin');
    const codes = axisChecks.map((c) => c.code);
    expect(new Set(codes).size).toBe(codes.length);
  });
});
