import { describe, expect, it } from 'vitest';
import type { Axis } from '@/core/model';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import { demoMachines } from '@/demo';
import { machineReport } from '..';
import { axisReport } from '.';

/** Put together past the rules, as only a fault of ours could: its pitch diameter is 0. */
const impossible = () => {
  const bed = demoAxis('bed');
  return withSi({ ...bed, drive: { ...bed.drive, thread: slidingThread('acme') } } as Axis, {
    'drive.nominalDiameter': 0.0127,
    'drive.rootDiameter': 0.00965,
    'drive.lead': 0.0254,
  });
};

describe('what comes to no number', () => {
  it('is named, is no verdict, and offers nothing', () => {
    const report = axisReport(impossible());
    expect(report.noNumber).toContain('cut');
    expect(report.verdict).toBe('not-known');
    for (const { value, limit, remedies } of report.findings) {
      expect([value, limit].every(Number.isFinite)).toBe(true);
      for (const { becomes } of remedies) expect(becomes === null || Number.isFinite(becomes)).toBe(true);
    }
  });
  it('is nowhere in a sound axis', () => {
    expect(axisReport(demoAxis('bed')).noNumber).toEqual([]);
  });
});

describe('of a machine', () => {
  it('an axis without a number withholds the verdict of the whole', () => {
    const kayak = demoMachines()[0]!;
    const whole = machineReport({ ...kayak, axes: [impossible()], pins: [] }, { remedies: false });
    expect(whole.verdict).toBe('not-known');
    expect(machineReport(kayak, { remedies: false })).toMatchObject({ verdict: 'gives-out', noNumber: [] });
  });
});
