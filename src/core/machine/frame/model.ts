import type { Arrangement, Structure } from '@/core/model';
import { memberOf } from '@/core/sections';
import type { Base, Carried, GantryInput, Series } from '@/core/structure';
import { stripsOf } from '../demand';
import { armFoot, type Feet, portalFeet, standingFeet } from './feet';
import type { FrameAxis, FrameInputs, Grades } from './inputs';
import { drivesOf, plateOf } from './plates';
import { plateBending } from './plate-bending';
import { onRods, rodFlexibility, rodsUnder } from './rods';
import { plungeSeries, tableSeries } from './series';

/**
 * Everything that the solver asks for, and what is missing for it: inputs by their path inside the machine.
 */
export interface FrameModel {
  readonly input: GantryInput;
  readonly base: Base;
  readonly carried: Carried;
  readonly series: readonly Series[];
  /** Places along the bed, m from the start of travel of the gantry; one where the gantry stands. */
  readonly bedPlaces: readonly number[];
  /** First and last place of the tool along the beam, m. */
  readonly reach: readonly [number, number];
  readonly missing: readonly string[];
}

/** Why there is no frame. */
export type Unbuilt = 'no-structure' | 'no-gantry-axis' | 'loose';

const stands = (arrangement: Arrangement) => arrangement === 'moving-table' || arrangement === 'fixed-gantry';

type Member = ReturnType<typeof memberOf>;
type Members = Readonly<Record<'beam' | 'column' | 'bed', Member>> & { readonly crossbar: Member | null };

function membersOf({ beam, column, crossbar, bed }: Structure, grades: Grades): Members {
  const plain = ({ section, material }: Pick<Structure['bed'], 'section' | 'material'>) =>
    memberOf(section, material, [], undefined, grades[material]);
  return {
    crossbar: crossbar && plain(crossbar),
    beam: memberOf(
      beam.section,
      beam.material,
      stripsOf(beam),
      beam.fill ?? undefined,
      grades[beam.material],
    ),
    column: plain(column),
    bed: plain(bed),
  };
}

/** A bed whose posts are lifted hangs on its ends alone. */
const LIFTED_SUPPORTS = 2;

/** What the feet stand on; undefined where it is loose. */
function feetOf(
  arrangement: Arrangement,
  s: Structure,
  { bed: member, crossbar }: Members,
  bed: FrameAxis,
): Feet | undefined {
  if (arrangement === 'cantilever') return armFoot(s, member, bed);
  const supports = arrangement === 'lifted-four' ? LIFTED_SUPPORTS : s.bed.supports.si;
  const feet = portalFeet(s, member, bed, supports);
  return feet && crossbar ? { ...feet, base: { ...feet.base, crossbar } } : feet;
}

/** What rides on the beam: its weight and where that acts, the tool, carriages, drive and rods. */
function carriedBy(
  { structure, ridden }: FrameInputs & { readonly structure: Structure },
  gantry: FrameAxis,
  reach: readonly [number, number],
): Carried {
  const { reach: out, drop } = structure.tool;
  const { section } = structure.beam;
  // Out of the face of the beam, or above it: where the axis says that its weight acts.
  const face = ('diameter' in section ? section.diameter.si : section.width.si) / 2;
  const wall = gantry.mounting === 'wall';
  const { y, z } = gantry.mass;
  const side = Math.sign(out.si) || 1;
  const middle = (reach[0] + reach[1]) / 2;
  return {
    mass: ridden,
    out: wall ? side * (face + Math.abs(z)) : y,
    up: wall ? y : z,
    reach: out.si,
    drop: drop.si,
    plate: plateOf(gantry, 'y', drivesOf(gantry)),
    ...(gantry.rods ? { rods: (place) => rodsUnder(gantry, 'y', place - middle)! } : {}),
  };
}

/** Beam, columns and corners as the solver wants them. */
function gantryInput(
  { structure: s, arrangement }: FrameInputs & { readonly structure: Structure },
  members: Members,
  plunge: FrameAxis | undefined,
  pieces: number,
): GantryInput {
  return {
    kind: arrangement === 'cantilever' ? 'arm' : 'portal',
    length: s.beam.length.si,
    height: s.column.height.si,
    beam: members.beam,
    spacing: s.beam.spacing?.si ?? 0,
    column: members.column,
    corner: s.corner?.si ?? null,
    // A beam that is lifted on its posts stands on the carriages of the plunge axis.
    lift:
      arrangement === 'lifted-two' && plunge
        ? onRods(plateOf(plunge, 'z', plunge.drive, true), rodFlexibility(plunge, 'z', 1, 0))
        : null,
    prop: s.prop ? { at: s.prop.at.si, stiffness: s.prop.stiffness.si } : null,
    pieces,
  };
}

/** Pieces of the beam in a report; variants are tried with fewer. */
export const REPORT_PIECES = 48;

/**
 * The machine as a frame. What is not given is named and counted as rigid, so the answer is then a bound: at
 * least so much gives.
 * @param pieces of the beam.
 */
export function frameModel(
  inputs: FrameInputs,
  pieces = REPORT_PIECES,
): FrameModel | { readonly unbuilt: Unbuilt } {
  const { structure, arrangement, axes } = inputs;
  if (!structure) return { unbuilt: 'no-structure' };
  const [gantry, bed, plunge] = (['gantry', 'bed', 'plunge'] as const).map((role) =>
    axes.find((a) => a.role === role),
  );
  const standing = stands(arrangement);
  if (!gantry || (!standing && !bed)) return { unbuilt: 'no-gantry-axis' };
  const members = membersOf(structure, inputs.grades ?? {});
  const feet = standing ? standingFeet(structure) : feetOf(arrangement, structure, members, bed!);
  if (!feet) return { unbuilt: 'loose' };
  const length = structure.beam.length.si;
  const travel = arrangement === 'fixed-gantry' ? 0 : Math.min(gantry.travel, length);
  const reach = [(length - travel) / 2, (length + travel) / 2] as const;
  const lifted = arrangement === 'lifted-two' || arrangement === 'lifted-four';
  const tool = plungeSeries(structure, lifted ? undefined : plunge);
  const below = standing
    ? tableSeries(
        structure,
        axes.filter((a) => a.role === 'bed' || a.role === 'table'),
        members.bed,
      )
    : { series: [], missing: [] };
  const saddle = plateBending(gantry, 'y', [structure.tool.reach.si, 0, structure.tool.drop.si]);
  const missing = [
    ...saddle.missing,
    ...(structure.corner ? [] : ['structure.corner']),
    ...(standing ? [] : bed!.lacking),
    ...gantry.lacking,
    ...axes.flatMap((a) => a.rodsLacking),
    ...tool.missing,
    ...below.missing,
  ];
  const whole = { ...inputs, structure };
  return {
    input: gantryInput(whole, members, plunge, pieces),
    base: feet.base,
    carried: carriedBy(whole, gantry, reach),
    series: [...saddle.series, ...tool.series, ...below.series],
    bedPlaces: feet.bedPlaces,
    reach,
    missing: [...new Set(missing)],
  };
}
