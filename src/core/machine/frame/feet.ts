import type { MemberProperties } from '@/core/sections';
import type { Structure } from '@/core/model';
import { type Base, bedFlexibility, pairFlexibility, type Six } from '@/core/structure';
import type { FrameAxis } from './inputs';
import { drivesOf, plateOf, RIGID_TURN } from './plates';
import { rodFlexibility, rodsUnder } from './rods';

/** What the feet of a gantry stand on, and the places along the bed at which that was looked at, m. */
export interface Feet {
  readonly base: Base;
  readonly bedPlaces: readonly number[];
}

const diagonal = (values: readonly number[]): number[][] =>
  values.map((v, i) => values.map((_, j) => (i === j ? v : 0)));

const zeros = (n: number): number[][] => Array.from({ length: n }, () => new Array<number>(n).fill(0));

/** One flexibility under each of two feet that do not know each other. */
const twice = (f: readonly (readonly number[])[]): number[][] =>
  Array.from({ length: 12 }, (_, i) =>
    Array.from({ length: 12 }, (_unused, j) =>
      Math.floor(i / 6) === Math.floor(j / 6) ? f[i % 6]![j % 6]! : 0,
    ),
  );

/** A gantry that stands: on the supports of its bed, turning held by the corner. */
export function standingFeet({ bed, corner }: Structure): Feet {
  const k = bed.supportStiffness.si;
  const turn = corner?.si ?? RIGID_TURN;
  const foot = [k, k, k, turn, turn, turn];
  return { base: { carriages: diagonal([...foot, ...foot]), beds: [zeros(12)] }, bedPlaces: [0] };
}

/** Carriages of both sides of a portal; one drive in the middle holds the mean of them. */
function portalCarriages(bed: FrameAxis): number[][] {
  const { drive } = bed;
  const side = plateOf(bed, 'x', drive, true);
  const K = diagonal([...side, ...side]);
  if (!bed.holdsBoth) for (const i of [0, 6]) for (const j of [0, 6]) K[i]![j] = drive / 4;
  return K;
}

/** Number of places along the bed at which the gantry is looked at. */
const BED_PLACES = 5;

/** What one side of the bed gives below a gantry that rides along it; undefined where that is loose. */
function bedBelow(structure: Structure, member: MemberProperties, bed: FrameAxis, supports: number) {
  const travel = Math.min(bed.travel, structure.bed.length.si);
  const bedPlaces = Array.from({ length: BED_PLACES }, (_, i) => (travel * i) / (BED_PLACES - 1));
  const start = (structure.bed.length.si - travel) / 2;
  const stiffness = structure.bed.supportStiffness.si;
  const places = bedPlaces.map((p) => p + start);
  const side = bedFlexibility(member, structure.bed.length.si, supports, stiffness, places);
  return side && { side, bedPlaces };
}

/** Adds what rods give at each place to what the bed gives. @param rodsAt by the way from the middle. */
function withRods(
  { side, bedPlaces }: { side: readonly number[][][]; bedPlaces: readonly number[] },
  rodsAt: (off: number) => Six | undefined,
): Pick<Base, 'rods'> & { readonly beds: number[][][] } {
  const middle = bedPlaces[bedPlaces.length - 1]! / 2;
  const rods = bedPlaces.flatMap((place) => {
    const six = rodsAt(place - middle);
    return six ? [diagonal(six)] : [];
  });
  if (!rods.length) return { beds: side.map((f) => f) };
  return { rods, beds: side.map((f, p) => f.map((row, i) => row.map((v, j) => v + rods[p]![i]![j]!))) };
}

/** Two feet on two rails: a moving portal. @param supports under each side of the bed. */
export function portalFeet(
  structure: Structure,
  member: MemberProperties,
  bed: FrameAxis,
  supports: number,
): Feet | undefined {
  const below = bedBelow(structure, member, bed, supports);
  if (!below) return undefined;
  const side = withRods(below, (off) => rodFlexibility(bed, 'x', Math.max(1, bed.rails / 2), 0, off));
  const base = {
    carriages: portalCarriages(bed),
    beds: side.beds.map(twice),
    ...(side.rods ? { rods: side.rods.map(twice) } : {}),
  };
  return { base, bedPlaces: below.bedPlaces };
}

/** One foot beside the bed: an arm. One member under each rail; a single rail stands on one. */
export function armFoot(structure: Structure, member: MemberProperties, bed: FrameAxis): Feet | undefined {
  const below = bedBelow(structure, member, bed, structure.bed.supports.si);
  if (!below) return undefined;
  const carriages = diagonal(plateOf(bed, 'x', drivesOf(bed)));
  const { spacing } = bed;
  const pair = bed.rails > 1 && spacing !== null;
  const members = below.side.map((f) => (pair ? pairFlexibility(f, spacing) : f));
  const under = withRods({ ...below, side: members }, (off) => rodsUnder(bed, 'x', off));
  return { base: { carriages, ...under }, bedPlaces: below.bedPlaces };
}
