import { describe, expect, it } from 'vitest';
import { applyEdits, type Axis, axisIssues, guess, putInAxis, startingDrive } from '@/core/model';
import { baseAxis } from '@test/helpers/axes';
import { withSi } from '@test/helpers/demo';
import { machineReport } from '..';
import { followTravel } from '.';
import { demoMachines } from '@/demo';

const screw = withSi(baseAxis(), { 'demands.travel': 1.55, 'drive.betweenBearings': 1.7 });
const set = (axis: Axis, to: number) =>
  applyEdits(axis, [...followTravel(axis, to), putInAxis('demands.travel', guess('length', `${to} m`))]);

describe('a longer travel carries along what must follow', () => {
  it('a screw by what the travel grows, where it would be too short; not where it is long enough', () => {
    const longer = set(screw, 1.75);
    expect(longer.drive).toMatchObject({ betweenBearings: { si: expect.closeTo(1.9, 9), typed: '1900 mm' } });
    expect(axisIssues(longer)).toEqual([]);
    expect(followTravel(screw, 1.69)).toEqual([]);
    expect(followTravel(screw, 1.2)).toEqual([]);
  });
  it('a belt between its wheels, and a rail under its carriages', () => {
    const belt = {
      ...baseAxis(),
      drive: startingDrive('belt', 0.8),
      guide: {
        ...baseAxis().guide,
        railLength: guess('length', '1000 mm'),
        carriageSpan: guess('length', '180 mm'),
      },
    };
    const longer = set(belt, 1.2);
    expect(longer.drive).toMatchObject({ centreDistance: { si: expect.closeTo(1.5, 9) } });
    expect(longer.guide.railLength!.si).toBeCloseTo(1.4, 9);
    expect(axisIssues(longer)).toEqual([]);
  });
  it('comes first where the axis does not reach the work, and the smaller job last', () => {
    const kayak = demoMachines()[0]!;
    const i = kayak.axes.findIndex((a) => a.drive.kind === 'screw' && a.role === 'gantry');
    const wish = { ...kayak.brief.area, width: guess('length', '1900 mm') };
    const { findings } = machineReport({ ...kayak, brief: { ...kayak.brief, area: wish } });
    const short = findings.find((f) => f.code === 'area-short')!;
    expect(short.remedies.map((r) => r.code)).toEqual(['longer-travel', 'smaller-area']);
    expect(short.remedies[0]!.edits.map((e) => e.path)).toEqual(
      expect.arrayContaining([`axes.${i}.demands.travel`, `axes.${i}.drive.betweenBearings`]),
    );
  });
});
