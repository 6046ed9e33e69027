import { crank } from '@/core/drives';
import type { Axis } from '@/core/model';

/** The axis with the acceleration that its crank makes of its speed; any other as it is. */
export function swung(axis: Axis): Axis {
  const { drive, demands } = axis;
  if (drive.kind !== 'crank') return axis;
  const shape = { radius: drive.crankRadius.si, link: drive.linkLength.si };
  const k = crank.crankLever.evaluate(shape);
  const si = crank.crankAcceleration.evaluate({ ...shape, speed: demands.rapid.si, k });
  const acceleration = { ...demands.acceleration, si };
  return { ...axis, demands: { ...demands, acceleration, jerk: null } };
}
