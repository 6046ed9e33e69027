import { type Axis, oursIn } from '@/core/model';

/** Where things stand on the axis: of no account until the places of the carriages are given. */
const PLACES = /^guide\.(raceSpacing|overhang|shock|(mass|tool|drive)[XYZ])$/;
/** What a guide's own drag is made of: of no account beside a drag that was pulled. */
const DRAG = /^guide\.(friction|seal)$/;
/** Of the driver and its supply only a stepper's currents are computed with. */
const STEPPER = /^(driver\.|supply\.voltage$)/;

/** Whether nothing is computed from an input as the axis is now. */
function unread({ guide, loads, motor, drive }: Axis, path: string): boolean {
  if (PLACES.test(path)) return !guide.spacing || !guide.carriageSpan;
  if (DRAG.test(path)) return loads.guideDrag !== null;
  if (STEPPER.test(path)) return motor.kind !== 'stepper';
  if (path === 'drive.worstShare') return drive.sets === 1;
  if (path === 'drive.nutInertia') return !(drive.kind === 'screw' && drive.turning === 'nut');
  // Level or upright is said by what the axis is for.
  return path === 'demands.inclination';
}

/**
 * Numbers of ours on which the answers of an axis rest, as paths inside it.
 * @param axis as the machine loads it: what comes from elsewhere is ours while any number that made it is.
 */
export const oursOf = (axis: Axis): string[] => oursIn(axis).filter((path) => !unread(axis, path));
