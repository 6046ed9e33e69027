import type { Guide } from '@/core/model';
import type { Row } from '../table';
import { screwEnds as endRows, seats, woodInserts as insertRows } from '../tables/mounting';

const mm = (cell: string | undefined): number => Number(cell) / 1000;

/** Shoulders for a profile rail and its carriages, and the largest corner radius of either; m. */
export interface RailSeat {
  readonly size: number;
  readonly railShoulder: number;
  readonly railCorner: number;
  readonly shoulder: number;
  readonly corner: number;
  readonly source: string;
}

export const railSeats: readonly RailSeat[] = seats.map((r) => ({
  size: mm(r.size),
  railShoulder: mm(r.railShoulder),
  railCorner: mm(r.railCorner),
  shoulder: mm(r.shoulder),
  corner: mm(r.corner),
  source: r.basis!,
}));

/** The seat of a guide; null where it is no profile rail of the table. */
export const seatFor = ({ kind, size }: Guide): RailSeat | null =>
  (kind === 'profile' && size && railSeats.find((s) => Math.abs(s.size - size.si) < 1e-6)) || null;

/** What is turned on the ends of a screw; m. */
export interface ScrewEnds {
  readonly screw: number;
  readonly seat: number;
  readonly lockNut: string;
  readonly shank: number;
  readonly far: number;
  readonly groove: { readonly diameter: number; readonly width: number };
  readonly source: string;
}

export const screwEnds: readonly ScrewEnds[] = endRows.map((r: Row) => ({
  screw: mm(r.screw),
  seat: mm(r.seat),
  lockNut: r.nut!,
  shank: mm(r.shank),
  far: mm(r.far),
  groove: { diameter: mm(r.groove), width: mm(r.wide) },
  source: r.basis!,
}));

/** A screw-in insert for wood; m. */
export interface WoodInsert {
  readonly thread: string;
  readonly outside: number;
  /** Hole for it, in softwood and in hardwood. */
  readonly hole: { readonly soft: number; readonly hard: number };
  readonly long: number;
  readonly source: string;
}

export const woodInserts: readonly WoodInsert[] = insertRows.map((r: Row) => ({
  thread: r.thread!,
  outside: mm(r.outside),
  hole: { soft: mm(r.soft), hard: mm(r.hard) },
  long: mm(r.long),
  source: r.basis!,
}));
