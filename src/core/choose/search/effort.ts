import type { Axis } from '@/core/model';

/**
 * Hours to fit one side of a drive and to get it running true; common practice, no source: a builder's first
 * machine takes longer, one who did it before half of that.
 */
const DRIVE = { screw: 6, rack: 3, belt: 2.5, chain: 3, crank: 4 } as const;
/** For each metre of travel on top: segments of a rack, a long screw that must lie straight. */
const PER_METRE = { screw: 1, rack: 1.5, belt: 0.3, chain: 0.3, crank: 0 } as const;
/** Journals of a screw that are turned, and ends of it that are held without play. */
const FIXED_END = 1.5;
const REDUCER = 2;
/** A second motor that is squared against the first at every start. */
const SQUARED = 2;
/** Tuning of a servo; wiring of a motor that says where it is. */
const TUNING = { stepper: 0, servo: 4, geared: 1, hand: 0 } as const;
const CLOSED = 1;

/** Hours that the motor takes. */
const motorHours = ({ motor }: Axis): number =>
  TUNING[motor.kind] + (motor.kind === 'stepper' && motor.loop === 'closed' ? CLOSED : 0);

/** Hours that drive and reducer take, whatever turns them. */
export function driveHours({ drive, reducer, demands }: Axis): number {
  const ends =
    drive.kind === 'screw' ? [drive.motorEnd, drive.farEnd].filter((e) => e === 'fixed').length : 0;
  const side =
    DRIVE[drive.kind] +
    PER_METRE[drive.kind] * demands.travel.si +
    FIXED_END * ends +
    (reducer ? REDUCER : 0);
  return drive.sets * side + (drive.sets === 2 ? SQUARED : 0);
}

/** Hours to fit a drive train and to get it running true. */
export const fittingHours = (axis: Axis): number => driveHours(axis) + motorHours(axis) * axis.drive.sets;
