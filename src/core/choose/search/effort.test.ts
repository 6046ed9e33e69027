import { describe, expect, it } from 'vitest';
import {
  type Axis,
  type DriveKind,
  estimate,
  startingDrive,
  startingMotor,
  startingReducer,
} from '@/core/model';
import { demoAxis } from '@test/helpers/demo';
import { driveHours, fittingHours } from './effort';

const axis = demoAxis('gantry') as Axis;
const driven = (kind: DriveKind, travel = '1 m'): Axis => ({
  ...axis,
  reducer: null,
  demands: { ...axis.demands, travel: estimate('length', travel) },
  drive: startingDrive(kind, 1),
});
const both = (a: Axis): Axis => ({ ...a, drive: { ...a.drive, sets: 2 } as Axis['drive'] });

describe('effort of a drive train (common practice, no source)', () => {
  it('a belt is fitted in hours, a screw in a day', () => {
    expect(driveHours(driven('belt'))).toBeLessThan(4);
    expect(driveHours(driven('screw'))).toBeGreaterThan(6);
    expect(driveHours(driven('screw'))).toBeLessThan(12);
  });
  it('a rack grows with its length faster than a belt', () => {
    const grows = (kind: DriveKind) => driveHours(driven(kind, '3 m')) - driveHours(driven(kind, '1 m'));
    expect(grows('rack')).toBeGreaterThan(2 * grows('belt'));
    for (const kind of ['screw', 'rack', 'belt', 'chain'] as const) expect(grows(kind)).toBeGreaterThan(0);
  });
  it('two sides are more than twice one: they are squared', () => {
    for (const kind of ['screw', 'rack', 'belt', 'chain'] as const) {
      const one = driven(kind);
      const single = { ...one, drive: { ...one.drive, sets: 1 } as Axis['drive'] };
      expect(driveHours(both(one))).toBeGreaterThan(2 * driveHours(single));
    }
  });
  it('a reducer, a held end and a servo each take their time; nothing makes it less', () => {
    const plain = driven('rack');
    const geared = { ...plain, reducer: startingReducer('belt', 3) };
    expect(driveHours(geared)).toBe(driveHours(plain) + 2);
    const screw = driven('screw');
    const held = { ...screw, drive: { ...screw.drive, motorEnd: 'fixed', farEnd: 'fixed' } as Axis['drive'] };
    const free = { ...screw, drive: { ...screw.drive, motorEnd: 'fixed', farEnd: 'free' } as Axis['drive'] };
    expect(driveHours(held)).toBeGreaterThan(driveHours(free));
    const servo = { ...plain, motor: startingMotor('servo') };
    const stepper = { ...plain, motor: startingMotor('stepper') };
    expect(fittingHours(servo)).toBeGreaterThan(fittingHours(stepper));
    for (const kind of ['stepper', 'servo', 'geared', 'hand'] as const)
      expect(fittingHours({ ...plain, motor: startingMotor(kind) })).toBeGreaterThanOrEqual(
        driveHours(plain),
      );
  });
});
