import type { Checked } from '@/core/findings';
import type { Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

export type MotorConcern = 'crest-high' | 'driver-small' | 'curve-voltage';

/** What every kind of motor tells the axis; torques at the motor shaft. */
export interface ResolvedMotor {
  readonly rotorInertia: Quantity<'inertia'>;
  /** Ripple that may hold a load from rest, not a friction. */
  readonly detent: Quantity<'torque'>;
  /** Power-off brake; 0 without one. */
  readonly brake: Quantity<'torque'>;
  /** Whether the motor cannot be turned from outside (worm gear). */
  readonly locks: boolean;
  /** Speed up to which the torque stays what it is at rest. */
  readonly corner: Quantity<'angularSpeed'>;
  /** Highest torque at a speed: pull-out of a stepper, peak of a servo. */
  readonly pullOut: (speed: Quantity<'angularSpeed'>) => Quantity<'torque'>;
  readonly usable: (speed: Quantity<'angularSpeed'>) => Quantity<'torque'>;
  /** Writes pull-out and usable torque at a speed as lines under a key. */
  readonly usableAt: (speed: Quantity<'angularSpeed'>, key: string, sheet: Worksheet) => Quantity<'torque'>;
  /** Highest axis speed at which the usable torque still meets a torque; 0 if it never does. */
  readonly speedFor: (
    torque: Quantity<'torque'>,
    k: Quantity<'travelPerRadian'>,
    kSource: string,
    key: string,
    torqueLine: string,
    sheet: Worksheet,
  ) => Quantity<'speed'>;
  /**
   * Torque that may be asked for ever, and the input it comes from; undefined where the motor heats with its
   * current, not with its load.
   */
  readonly continuous?: { readonly torque: Quantity<'torque'>; readonly source: string };
  /** Highest speed whatever the torque, where there is one. */
  readonly topSpeed?: { readonly speed: Quantity<'angularSpeed'>; readonly source: string };
  /** Heat in the windings when it works hard; W. */
  readonly copperLoss: (sheet: Worksheet) => { readonly power: Quantity<'power'>; readonly source: string };
  /**
   * Pulses for a length of travel, written as the line `pulsesPerLength`. @param ratioSource input of the
   * ratio, where there is a reducer.
   */
  readonly pulses: (
    ratio: Quantity<'ratio'>,
    ratioSource: string | undefined,
    k: Quantity<'travelPerRadian'>,
    sheet: Worksheet,
  ) => Quantity<'pulsesPerLength'>;
  readonly concerns: (sheet: Worksheet) => readonly Checked<MotorConcern>[];
}
