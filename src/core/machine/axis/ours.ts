import { plateShape } from '@/core/guides';
import { type Axis, oursIn } from '@/core/model';

/** Where things stand on the axis: of no account until the places of the carriages are given. */
const PLACES = /^guide\.(shock|(mass|tool|drive)[XYZ])$/;
/** What a guide's own drag is made of: of no account beside a drag that was pulled. */
const DRAG = /^guide\.(friction|seal)$/;
/** What sets the currents of a stepper and of nothing else. */
const CURRENTS = /^driver\.(setCurrent|microsteps|maxCurrent)$/;
/** What drives a stepper, and what braking pumps up. */
const VOLTAGES = /^(supply\.voltage|driver\.maxVoltage)$/;

/** Whether nothing is computed from an input as the axis is now. */
function unread(axis: Axis, path: string): boolean {
  const { guide, loads, motor, drive, supply } = axis;
  if (PLACES.test(path)) return !plateShape(axis);
  if (path === 'guide.overhang') return !guide.railLength;
  if (DRAG.test(path)) return loads.guideDrag !== null;
  if (CURRENTS.test(path)) return motor.kind !== 'stepper';
  if (VOLTAGES.test(path)) return motor.kind !== 'stepper' && !supply.capacitance;
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
