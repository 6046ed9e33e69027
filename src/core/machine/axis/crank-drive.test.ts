import { describe, expect, it } from 'vitest';
import { applyEdits, axisIssues, type Axis, startingAxis, startingDrive, startingMotor } from '@/core/model';
import { withSi } from '@test/helpers/demo';
import { axisReport, crankTurn } from '.';

/** A feed of 60 mm stroke: crank of 30 mm, link of 120, one kilogram and 500 N, thirty strokes a minute. */
const feed = withSi(
  {
    ...startingAxis('bed', 'feed'),
    drive: startingDrive('crank', 0.06),
    motor: startingMotor('geared'),
  } as Axis,
  {
    'demands.travel': 0.06,
    'demands.rapid': 5.8303 / 60,
    'demands.feed': 5.8303 / 60,
    'demands.cuttingForce': 500,
    'loads.masses.0.mass': 1e-3,
    'loads.guideDrag': 0,
    'drive.efficiency': 0.85,
    'drive.bearingDrag': 0,
    'drive.inertia': 1e-9,
  },
);
const codes = (axis: Axis) => axisReport(axis).findings.map((f) => f.code);

describe('an axis driven by a crank', () => {
  it('asks 18.2 N·m for 500 N (handbook), whatever acceleration was typed', () => {
    expect(axisIssues(feed)).toEqual([]);
    const { cases, noNumber, accelerations } = axisReport(feed);
    expect([noNumber, accelerations]).toEqual([[], []]);
    expect(cases.cut.torque).toBeCloseTo(18.2, 1);
    const typed = withSi(feed, { 'demands.acceleration': 20 });
    expect(axisReport(typed).cases.cut.torque).toBe(cases.cut.torque);
  });
  it('its motor turns as often as its strokes come', () => {
    const motor = withSi(feed, { 'motor.noLoadSpeed': (60 * 2 * Math.PI) / 60, 'motor.stallTorque': 1e3 });
    const rung = axisReport(motor).ladder.find((r) => r.id === 'motor-speed')!;
    expect(rung.limit / feed.demands.rapid.si).toBeCloseTo(2, 3);
    expect(axisReport(feed).figures.find((f) => f.id === 'move-time')!.value).toBeCloseTo(1, 3);
  });
  it('a heavy mass asks more at the worst angle, and less than all of it at once would', () => {
    const heavy = withSi(feed, { 'loads.masses.0.mass': 200, 'demands.rapid': 0.3, 'demands.feed': 0.3 });
    const light = withSi(heavy, { 'loads.masses.0.mass': 1e-3 });
    const more = axisReport(heavy).cases.cut.torque - axisReport(light).cases.cut.torque;
    const turn = crankTurn(heavy)!;
    const most = Math.max(...turn.points.map((p) => Math.abs(p.acceleration)));
    const atOnce = (200 * most * (0.3 / turn.omega)) / 0.85;
    expect(more).toBeGreaterThan(0.05 * atOnce);
    expect(more).toBeLessThan(atOnce);
    expect(Math.max(...turn.points.map((p) => p.torque))).toBeCloseTo(
      axisReport(heavy).cases.rapid.torque,
      1,
    );
  });
  it('a stroke that is not the travel is told, and mended by the crank that makes it', () => {
    const short = withSi(feed, { 'demands.travel': 0.08 });
    const found = axisReport(short).findings.find((f) => f.code === 'crank-stroke')!;
    expect(found.verdict).toBe('gives-out');
    const mended = applyEdits(short, found.remedies[0]!.edits);
    expect(codes(mended)).not.toContain('crank-stroke');
    expect(
      axisReport(withSi(feed, { 'demands.travel': 0.05 })).findings.find((f) => f.code === 'crank-stroke')!
        .verdict,
    ).toBe('thin');
  });
  it('a short link is thin; one within its crank is refused', () => {
    expect(codes(withSi(feed, { 'drive.linkLength': 0.07 }))).toContain('link-short');
    expect(axisIssues(withSi(feed, { 'drive.linkLength': 0.02 })).map((i) => i.code)).toEqual([
      'link-within-crank',
    ]);
  });
  it('pins hold what is said of them, and nothing is green that nobody said', () => {
    expect(codes(feed)).not.toContain('pin-load');
    expect(axisReport(feed).unknowns.map((u) => u.path)).toContain('drive.pinLoad');
    const said = {
      ...feed,
      drive: { ...feed.drive, pinLoad: { typed: '300 N', si: 300, basis: 'datasheet' } },
    } as unknown as Axis;
    expect(axisReport(said).findings.find((f) => f.code === 'pin-load')!.verdict).toBe('gives-out');
  });
});
