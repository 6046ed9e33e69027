import { describe, expect, it } from 'vitest';
import { type Axis, guess, guideOfKind } from '@/core/model';
import { axisReport } from '@/core/machine';
import { demoAxis, withSi } from '@test/helpers/demo';

/** Four carriages 0.3 m and 0.4 m apart, all weight in their middle, a tool that lifts at a lever. */
const axisOn = (kind: Axis['guide']['kind'], values: Record<string, number>): Axis => {
  const bed = demoAxis('bed');
  const guide = {
    ...guideOfKind(kind, bed.guide),
    mounting: 'flat' as const,
    rails: guess('count', '2'),
    perRail: guess('count', '2'),
    spacing: guess('length', '0.4 m'),
    carriageSpan: guess('length', '0.36 m'),
    carriageLength: guess('length', '0.06 m'),
    staticLoad: guess('force', '4000 N'),
    raceSpacing: guess('length', '0 mm'),
    normalForce: guess('force', '0 N'),
    sideForce: guess('force', '0 N'),
    massX: guess('length', '0 mm'),
    massY: guess('length', '0 mm'),
    massZ: guess('length', '0 mm'),
    toolX: guess('length', '0 mm'),
    toolY: guess('length', '0 mm'),
    toolZ: guess('length', '0 mm'),
    driveZ: guess('length', '0 mm'),
  };
  return withSi({ ...bed, guide }, { 'demands.cuttingForce': 0, 'demands.inclination': 0, ...values });
};
const uplift = (axis: Axis) => axisReport(axis).findings.find((f) => f.code === 'uplift');
const lifting = { 'guide.normalForce': 1000, 'guide.toolY': 0.6 };

describe('a carriage that is pulled off its rail', () => {
  it('is nothing to one that reaches round it, and nothing while all are pressed down', () => {
    expect(uplift(axisOn('profile', lifting))).toBeUndefined();
    expect(uplift(axisOn('v-wheel', {}))).toBeUndefined();
  });
  it('is pulled as four springs have it: F/4 + F y b/2 / (4 (b/2)²), less a quarter of the weight', () => {
    const axis = axisOn('v-wheel', lifting);
    const mass = axis.loads.masses.reduce((s, b) => s + b.mass.si, 0);
    const found = uplift(axis)!;
    expect(found.limit).toBeCloseTo(1000 / 4 + (1000 * 0.6 * 0.2) / (4 * 0.2 ** 2) - (mass * 9.80665) / 4, 6);
    expect(found.verdict).toBe('not-known');
  });
  it('takes half of its rating where it is an open block', () => {
    const rated = (staticLoad: number) =>
      uplift(axisOn('supported-round', { ...lifting, 'guide.staticLoad': staticLoad }))?.verdict;
    const pull = uplift(axisOn('v-wheel', lifting))!.limit;
    // Two to one: 1.2 of twice the pull holds, 1.1 is thin, 0.9 gives out.
    expect([2.4, 2.2, 1.8].map((f) => rated(f * pull))).toEqual([undefined, 'thin', 'gives-out']);
  });
  it('wheels on both sides hold it, on one side they do not; where nobody says, it is not known', () => {
    const wheels = (grip: Axis['guide']['grip']) => {
      const axis = axisOn('v-wheel', lifting);
      return uplift({ ...axis, guide: { ...axis.guide, grip } });
    };
    expect(wheels('unknown')!.verdict).toBe('not-known');
    expect(wheels('both-sides')).toBeUndefined();
    const off = wheels('one-side')!;
    expect(off.verdict).toBe('gives-out');
    const mend = off.remedies.find((r) => r.code === 'grip-both')!;
    expect(mend.verdict).toBe('holds');
  });
});
