import type { Axis } from '@/core/model';
import { planRack, rack } from '@/core/drives';

/** How wide the paper is that a drawing is made for: a sheet on the desk, or a phone. */
export type Paper = 'sheet' | 'phone';

/** Paper units that an axis takes along its travel, lying and upright; and across it. */
const LYING: Readonly<Record<Paper, number>> = { sheet: 504, phone: 270 };
const UPRIGHT = 176;
const MOTOR = 50;
/** How far the drive is drawn below the rail; paper units. Across the travel only bodies are to scale. */
const APART = 54;
/** From here on an axis is drawn upright: 45°. */
const STEEP = Math.PI / 4;

/**
 * Where things stand: m, x along the travel from the start of the drive (motor-end bearing, driving wheel,
 * start of the rack), y away from the rail.
 */
export interface Layout {
  /** Length of the drive: between bearings, from shaft to shaft, or of the rack. */
  readonly total: number;
  /** Middle of the carriages at the near end of the travel, and at its far end. */
  readonly near: number;
  readonly far: number;
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
  readonly upright: boolean;
  /** The middle line of the drive, y. */
  readonly drive: number;
  /** Paper units per metre. */
  readonly scale: number;
  /** So many paper units, in m. */
  readonly paper: (units: number) => number;
  /** A length to scale, but drawn so large at least; m and paper units. */
  readonly least: (m: number, units: number) => number;
}

/** NEMA ICS 16 faces by torque: the drawing only needs a likely square for the motor, m. */
function motorFace({ motor }: Axis): number {
  if (motor.kind === 'servo') {
    if (motor.ratedTorque.si < 0.5) return 0.04;
    return motor.ratedTorque.si < 2 ? 0.06 : 0.08;
  }
  if (motor.kind === 'hand') return 2 * motor.radius.si;
  const torque = motor.kind === 'stepper' ? motor.holdingTorque.si : motor.stallTorque.si / 4;
  if (torque < 0.7) return 0.042;
  return torque < 3.2 ? 0.057 : 0.086;
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
  if (drive.kind === 'crank')
    return {
      total: drive.crankRadius.si + drive.linkLength.si,
      near: drive.linkLength.si - drive.crankRadius.si,
      rides: false,
      joints: [],
    };
  return {
    total: drive.centreDistance.si,
    near: (drive.centreDistance.si - travel) / 2,
    rides: drive.kind === 'belt' && drive.arrangement === 'open',
    joints: [],
  };
}

/** Puts the axis to one scale into the sheet. */
export function layoutOf(axis: Axis, paper: Paper = 'sheet'): Layout {
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
  const upright = demands.inclination.si > STEEP;
  const scale = Math.min((upright ? UPRIGHT : LYING[paper]) / (right - left), MOTOR / (face * 1.2));
  return {
    ...lengths,
    far: lengths.near + travel,
    span,
    rail,
    railStart,
    face,
    motorLength,
    reducerLength,
    upright,
    drive: -APART / scale,
    scale,
    paper: (units) => units / scale,
    least: (m, units) => Math.max(units / scale, m),
  };
}
