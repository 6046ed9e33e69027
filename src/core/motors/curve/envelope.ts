import { type Quantity, quantity } from '@/core/units';

/** A torque curve by points in order of speed; straight lines between them. */
export interface Envelope {
  readonly speeds: readonly number[];
  readonly torques: readonly number[];
}

/** A stretch of the curve between two of its points. */
export interface Stretch {
  readonly speed1: Quantity<'angularSpeed'>;
  readonly torque1: Quantity<'torque'>;
  readonly speed2: Quantity<'angularSpeed'>;
  readonly torque2: Quantity<'torque'>;
}

const stretch = ({ speeds, torques }: Envelope, i: number): Stretch => ({
  speed1: quantity('angularSpeed', speeds[i]!),
  torque1: quantity('torque', torques[i]!),
  speed2: quantity('angularSpeed', speeds[i + 1]!),
  torque2: quantity('torque', torques[i + 1]!),
});

/**
 * The stretch in which a speed lies: the first below the curve; undefined beyond its last point, where
 * nothing is known.
 */
export function stretchAtSpeed(curve: Envelope, speed: number): Stretch | undefined {
  const { speeds } = curve;
  if (speed > speeds[speeds.length - 1]!) return undefined;
  for (let i = 0; i < speeds.length - 2; i++) if (speed <= speeds[i + 1]!) return stretch(curve, i);
  return stretch(curve, speeds.length - 2);
}

/** The first stretch whose end lies below a torque: there the curve falls through it. Undefined: never. */
export function stretchAtTorque(curve: Envelope, torque: number): Stretch | undefined {
  const { torques } = curve;
  for (let i = 0; i < torques.length - 1; i++) if (torques[i + 1]! < torque) return stretch(curve, i);
  return undefined;
}

/** Torque of the curve at a speed, N·m. Below the first point its torque; beyond the last 0. */
export function torqueOn(curve: Envelope, speed: number): number {
  const { speeds, torques } = curve;
  if (speed <= speeds[0]!) return torques[0]!;
  for (let i = 1; i < speeds.length; i++)
    if (speed <= speeds[i]!)
      return (
        torques[i - 1]! +
        ((speed - speeds[i - 1]!) / (speeds[i]! - speeds[i - 1]!)) * (torques[i]! - torques[i - 1]!)
      );
  return 0;
}
