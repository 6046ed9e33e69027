import type { Row } from '../table';
import { endBlocks, housings, motors, nuts, racks } from '../tables/mounting';

const mm = (cell: string | undefined): number => Number(cell) / 1000;
const NEAR = 1e-6;
const bySize = (rows: readonly Row[], column: string, size: number) =>
  rows.find((r) => Math.abs(mm(r[column]) - size) < NEAR);

/** A pair of end blocks on feet, m. */
export interface EndBlock {
  readonly fixedBore: number;
  readonly floatingBore: number;
  /** From its foot to the axis of the screw. */
  readonly centre: number;
  /** Distance of its holes across the screw. */
  readonly across: number;
  readonly width: number;
  readonly thread: string;
  readonly source: string;
}

/** @param screw nominal diameter, m. @returns null where the size stands in no table. */
export function endBlockFor(screw: number): EndBlock | null {
  const r = bySize(endBlocks, 'screw', screw);
  return r
    ? {
        fixedBore: mm(r.fixed),
        floatingBore: mm(r.floating),
        centre: mm(r.centre),
        across: mm(r.across),
        width: mm(r.width),
        thread: r.thread!,
        source: r.basis!,
      }
    : null;
}

/** A flanged nut, m. */
export interface NutFlange {
  readonly body: number;
  readonly flange: number;
  readonly circle: number;
  readonly hole: number;
  readonly flats: number;
  readonly source: string;
}

/** @param screw nominal diameter, m. */
export function nutFlangeFor(screw: number): NutFlange | null {
  const r = bySize(nuts, 'screw', screw);
  return r
    ? {
        body: mm(r.body),
        flange: mm(r.flange),
        circle: mm(r.circle),
        hole: mm(r.hole),
        flats: mm(r.flats),
        source: r.basis!,
      }
    : null;
}

/** A housing that holds a flanged nut to a plate, m. */
export interface NutHousing {
  /** From the axis of the screw to the face that meets the plate. */
  readonly centre: number;
  readonly width: number;
  readonly height: number;
  readonly length: number;
  readonly across: number;
  readonly along: number;
  readonly thread: string;
  readonly source: string;
}

/** @param screw nominal diameter, m. */
export function nutHousingFor(screw: number): NutHousing | null {
  const r = bySize(housings, 'screw', screw);
  return r
    ? {
        centre: mm(r.centre),
        width: mm(r.width),
        height: mm(r.height),
        length: mm(r.length),
        across: mm(r.across),
        along: mm(r.along),
        thread: r.thread!,
        source: r.basis!,
      }
    : null;
}

/** The face of a motor, m: holes at the corners of a square about its pilot. */
export interface MotorFace {
  readonly size: string;
  readonly frame: number;
  readonly square: number;
  readonly pilot: number;
  /** Clearance hole in the plate. */
  readonly hole: number;
  readonly source: string;
}

const faceOf = (r: Row): MotorFace => ({
  size: r.size!,
  frame: mm(r.frame),
  square: mm(r.square),
  pilot: mm(r.pilot),
  hole: mm(r.hole),
  source: r.basis!,
});

export const motorFaces: readonly MotorFace[] = motors.map(faceOf);

/** Servos by their power, W, where one frame is usual; from memory. */
const servoFaces: Readonly<Record<string, string>> = { '200': 's60', '400': 's60', '750': 's80' };

/** The face of a motor of the catalogue, by its id (`stepper-23-...`); null where it says no size. */
export function faceOfMotor(partId: string | undefined): MotorFace | null {
  const size = /^(?:stepper|closed)-(\d\d)-/.exec(partId ?? '')?.[1];
  const watts = /^servo-(\d+)-/.exec(partId ?? '')?.[1] ?? '';
  const wanted = size ?? servoFaces[watts];
  return motorFaces.find((f) => f.size === wanted) ?? null;
}

/** A rack's body, m. */
export interface RackBody {
  readonly width: number;
  readonly height: number;
  /** From its back to its pitch line. */
  readonly line: number;
  readonly source: string;
}

/** @param module m. */
export function rackBodyFor(module: number): RackBody | null {
  const r = bySize(racks, 'module', module);
  return r ? { width: mm(r.width), height: mm(r.height), line: mm(r.line), source: r.basis! } : null;
}

/** Every rack of the table with its module. */
export const rackBodies: readonly (RackBody & { readonly module: number })[] = racks.map((r) => ({
  module: mm(r.module),
  ...rackBodyFor(mm(r.module))!,
}));
