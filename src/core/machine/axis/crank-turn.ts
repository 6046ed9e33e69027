import { crank } from '@/core/drives';
import type { Axis } from '@/core/model';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { analyse } from './analysis';

/** One angle of a crank that turns evenly at the rapid; SI. */
export interface CrankPoint {
  /** From where the link is stretched out, rad. */
  readonly angle: number;
  readonly speed: number;
  /** Away from the shaft. */
  readonly acceleration: number;
  /** Of the motor, drag, weight and mass against it. */
  readonly torque: number;
  /** Push along the axis that the motor can give here; null near a dead centre, where it has no limit. */
  readonly push: number | null;
}

export interface CrankTurn {
  readonly points: readonly CrankPoint[];
  /** Turns of the crank, rad/s, and the torque that may be used at that. */
  readonly omega: number;
  readonly usable: number;
}

const POINTS = 72;
/** Pushes beyond so many times the least are not drawn: they go on without an end. */
const DRAWN = 6;

/** A whole turn of an axis that a crank drives; null for any other. */
export function crankTurn(axis: Axis): CrankTurn | null {
  const { drive } = axis;
  if (drive.kind !== 'crank') return null;
  const analysis = analyse(axis, silentWorksheet);
  const { gear, motor, share, mass, drag, gravity } = analysis;
  const { k, efficiency } = analysis.drive;
  const shape = { radius: drive.crankRadius.si, link: drive.linkLength.si };
  const omega = axis.demands.rapid.si / k;
  const load = { steady: share * (drag + Math.abs(gravity)), mass: share * mass, omega };
  const usable = motor.usable(quantity('angularSpeed', omega * gear.ratio));
  const atCrank = usable * gear.ratio * gear.reducerEfficiency * efficiency;
  const points = Array.from({ length: POINTS + 1 }, (_, i): CrankPoint => {
    const angle = (2 * Math.PI * i) / POINTS;
    const lever = Math.abs(crank.leverAt(shape, angle));
    const torque = crank.thrustAt(shape, load, angle) * lever;
    return {
      angle,
      speed: lever * omega,
      acceleration: crank.bendAt(shape, angle) * omega * omega,
      torque: (torque / efficiency + analysis.drive.drag) / (gear.ratio * gear.reducerEfficiency),
      push: lever * DRAWN > k ? atCrank / lever : null,
    };
  });
  return { points, omega, usable };
}
