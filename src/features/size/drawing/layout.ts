import { planRack, rack } from '@/core/drives';
import type { Axis } from '@/core/model';

export const WIDTH = 560;
export const HEIGHT = 214;
export const RAIL_Y = 84;
export const DRIVE_Y = 138;

/**
 * Where things stand along the travel; m from the start of the drive (motor-end bearing, driving wheel, start
 * of the rack).
 */
export interface Layout {
  /** Length of the drive: between bearings, from shaft to shaft, or of the rack. */
  readonly total: number;
  /** Middle of the carriages at the near end of the travel. */
  readonly near: number;
  /** The motor rides on the carriage. */
  readonly rides: boolean;
  readonly span: number;
  readonly rail: number;
  readonly railStart: number;
  /** Side of the square of the motor, and its length with a reducer. */
  readonly face: number;
  readonly motorLength: number;
  readonly reducerLength: number;
  readonly joints: readonly number[];
  readonly x: (m: number) => number;
  readonly px: (m: number, least?: number) => number;
}

/** NEMA ICS 16 faces by torque: the drawing only needs a likely square for the motor, m. */
function motorFace({ motor }: Axis): number {
  if (motor.kind === 'servo')
    return motor.ratedTorque.si < 0.5 ? 0.04 : motor.ratedTorque.si < 2 ? 0.06 : 0.08;
  const torque = motor.kind === 'stepper' ? motor.holdingTorque.si : motor.stallTorque.si / 4;
  return torque < 0.7 ? 0.042 : torque < 3.2 ? 0.057 : 0.086;
}

/** Lengths of the drive before any scale. */
function driveLengths({ drive, demands }: Axis): Pick<Layout, 'total' | 'near' | 'rides' | 'joints'> {
  const travel = demands.travel.si;
  if (drive.kind === 'screw')
    return {
      total: drive.betweenBearings.si,
      near: drive.nutOffset?.si ?? (drive.betweenBearings.si - travel) / 2,
      rides: drive.turning === 'nut',
      joints: [],
    };
  if (drive.kind === 'rack') {
    const pitch = rack.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
    const plan = planRack(travel, drive.segment.si, pitch);
    return { total: plan.length, near: (plan.length - travel) / 2, rides: true, joints: plan.joints };
  }
  return {
    total: drive.centreDistance.si,
    near: (drive.centreDistance.si - travel) / 2,
    rides: drive.kind === 'belt' && drive.arrangement === 'open',
    joints: [],
  };
}

/** Puts the axis to one scale into the sheet. */
export function layoutOf(axis: Axis): Layout {
  const { guide, demands } = axis;
  const lengths = driveLengths(axis);
  const travel = demands.travel.si;
  const face = motorFace(axis);
  const span = guide.carriageSpan?.si ?? Math.min(0.3, 0.4 * lengths.total);
  const rail = guide.railLength?.si ?? travel + span;
  // A reducer is drawn as the front part of the motor, parted by a line.
  const reducerLength = axis.reducer ? face * 0.7 : 0;
  const motorLength = face * 1.5 + reducerLength;
  const railStart = lengths.near + travel / 2 - rail / 2;
  const beside = axis.drive.kind === 'screw' && !lengths.rides ? motorLength + face : face;
  const left = Math.min(-beside, railStart);
  const right = Math.max(lengths.total + face, railStart + rail);
  const scale = Math.min((WIDTH - 56) / (right - left), 50 / (face * 1.2));
  return {
    ...lengths,
    span,
    rail,
    railStart,
    face,
    motorLength,
    reducerLength,
    x: (m) => (WIDTH - (right - left) * scale) / 2 + (m - left) * scale,
    px: (m, least = 2) => Math.max(least, m * scale),
  };
}
