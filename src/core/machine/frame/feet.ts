import type { MemberProperties } from '@/core/sections';
import type { Structure } from '@/core/model';
import { type Base, bedFlexibility, pairFlexibility } from '@/core/structure';
import type { FrameAxis } from './inputs';
import { drivesOf, plateOf, RIGID_TURN } from './plates';

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

/** Two feet on two rails: a moving portal. @param supports under each side of the bed. */
export function portalFeet(
  structure: Structure,
  member: MemberProperties,
  bed: FrameAxis,
  supports: number,
): Feet | undefined {
  const below = bedBelow(structure, member, bed, supports);
  return (
    below && {
      base: { carriages: portalCarriages(bed), beds: below.side.map(twice) },
      bedPlaces: below.bedPlaces,
    }
  );
}

/** One foot beside the bed: an arm. One member under each rail; a single rail stands on one. */
export function armFoot(structure: Structure, member: MemberProperties, bed: FrameAxis): Feet | undefined {
  const below = bedBelow(structure, member, bed, structure.bed.supports.si);
  if (!below) return undefined;
  const carriages = diagonal(plateOf(bed, 'x', drivesOf(bed)));
  const { spacing } = bed;
  const pair = bed.rails > 1 && spacing !== null;
  const beds = below.side.map((f) => (pair ? pairFlexibility(f, spacing) : f));
  return { base: { carriages, beds }, bedPlaces: below.bedPlaces };
}
