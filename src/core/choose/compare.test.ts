import { describe, expect, it } from 'vitest';
import { axisReport } from '@/core/machine';
import { demoAxis, withSi } from '@test/helpers/demo';
import { compareReports } from '.';

describe('two variants side by side', () => {
  const bed = demoAxis('bed');
  const before = axisReport(bed);
  it('a variant against itself changes nothing', () => {
    const same = compareReports(before, before);
    expect(same.rows.every((r) => r.change === 'same' || (r.before === null && r.after === null))).toBe(true);
    expect([same.gone, same.come, same.verdict.change]).toEqual([[], [], 'same']);
  });
  it('a thicker screw: whip better, inertia worse, and turned round the other way round', () => {
    const after = axisReport(withSi(bed, { 'drive.nominalDiameter': 0.032, 'drive.rootDiameter': 0.0287 }));
    const change = (a: typeof before, b: typeof before, id: string) =>
      compareReports(a, b).rows.find((r) => r.id === id)!.change;
    expect([
      change(before, after, 'whip'),
      change(before, after, 'torque-rapid'),
      change(before, after, 'inertia-ratio'),
    ]).toEqual(['better', 'worse', 'worse']);
    expect([change(after, before, 'whip'), change(after, before, 'torque-rapid')]).toEqual([
      'worse',
      'better',
    ]);
  });
  it('says which findings go and which come', () => {
    const calm = axisReport(withSi(bed, { 'demands.rapid': 0.015, 'demands.feed': 0.012 }));
    expect(compareReports(before, calm).gone.map((f) => f.code)).toContain('whip');
    expect(compareReports(calm, before).come.map((f) => f.code)).toContain('whip');
    expect(compareReports(before, calm).verdict.change).toBe('better');
  });
});
