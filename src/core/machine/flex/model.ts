import { materials } from '@/core/catalogue';
import { evenSquares, plateShape, type PlateShape, plateSquares } from '@/core/guides';
import type { Axis, Project, Structure } from '@/core/model';
import { type MemberProperties, memberOf } from '@/core/sections';
import {
  type Base,
  bedFlexibility,
  type Carried,
  type GantryInput,
  pairFlexibility,
  type Series,
  type Six,
} from '@/core/structure';
import { bodiesOn, stripsOf } from '../whole/masses';

type Way = 'x' | 'y' | 'z';
const index: Record<Way, number> = { x: 0, y: 1, z: 2 };

/**
 * Everything that the frame is solved with, and what is missing for it: inputs by their path inside the
 * machine.
 */
export interface FlexModel {
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

/** Stiffness of one drive train along its axis, N/m, by the axis's id. */
export type DriveStiffness = (axisId: string) => number;

const RIGID = 1e12;
const RIGID_TURN = 1e10;

/** Six stiffnesses of carriages as a rigid plate on springs, put into the machine's directions. */
function sixOf(axis: Axis, shape: PlateShape, along: Way, away: Way, drive: number): Six {
  const lateral = (['x', 'y', 'z'] as const).find((w) => w !== along && w !== away)!;
  const { n, roll, along: turning } = plateSquares(shape);
  const [kv, kl] = [axis.guide.verticalStiffness.si, axis.guide.lateralStiffness.si];
  const six: number[] = [0, 0, 0, 0, 0, 0];
  six[index[along]] = drive;
  six[index[away]] = n * kv;
  six[index[lateral]] = n * kl;
  six[3 + index[along]] = Math.max(1, kv * roll);
  six[3 + index[lateral]] = Math.max(1, kv * turning);
  six[3 + index[away]] = Math.max(1, kl * turning);
  return six as unknown as Six;
}

const rigidSix = (along: Way, drive: number): Six => {
  const six = [RIGID, RIGID, RIGID, RIGID_TURN, RIGID_TURN, RIGID_TURN];
  six[index[along]] = drive;
  return six as unknown as Six;
};

/** What a plate gives at a point away from it, by direction: forces and their moments through six springs. */
export function pointCompliance(
  six: Six,
  [rx, ry, rz]: readonly [number, number, number],
): [number, number, number] {
  const turns = [
    [0, rz, ry],
    [rz, 0, rx],
    [ry, rx, 0],
  ];
  return [0, 1, 2].map(
    (d) => 1 / six[d]! + [0, 1, 2].reduce((s, i) => s + turns[d]![i]! ** 2 / six[3 + i]!, 0),
  ) as [number, number, number];
}

/**
 * Which way the plate stands off its rails: upward or downward rails push along z, rails on a face push
 * outward.
 */
const awayOf = (axis: Axis, along: Way): Way =>
  axis.guide.mounting === 'wall' ? (along === 'x' ? 'y' : 'x') : along === 'z' ? 'x' : 'z';

const indexOf = (project: Project, axis: Axis) => project.axes.findIndex((a) => a.id === axis.id);

/** Paths of what a plate lacks. */
const lacking = (project: Project, axis: Axis): string[] => {
  const at = `axes.${indexOf(project, axis)}.guide`;
  const missing = [
    ...(axis.guide.rails.si > 1 && !axis.guide.spacing ? [`${at}.spacing`] : []),
    ...(axis.guide.carriageSpan ? [] : [`${at}.carriageSpan`]),
    ...(axis.guide.carriageLength ? [] : [`${at}.carriageLength`]),
  ];
  return missing.length ? missing : [`${at}.raceSpacing`];
};

/** Carriages of one side of a gantry: a plate on its own rail. */
const sideShape = (shape: PlateShape): PlateShape => ({
  ...shape,
  rails: Math.max(1, Math.round(shape.rails / 2)),
  spacing: 0,
});

/** Several drives hold each side; one in the middle holds the mean of both. */
const holdsBoth = ({ drive }: Axis) =>
  drive.sets === 2 || (drive.kind !== 'screw' && drive.crossShaft !== null);

function portalBase(project: Project, bed: Axis, drive: number, missing: string[]): number[][] {
  const shape = plateShape(bed);
  if (!shape) missing.push(...lacking(project, bed));
  const away = awayOf(bed, 'x');
  const side: Six = shape ? sixOf(bed, sideShape(shape), 'x', away, drive) : rigidSix('x', drive);
  const K = Array.from({ length: 12 }, (_, i) =>
    Array.from({ length: 12 }, (_, j) => (i === j ? side[i % 6]! : 0)),
  );
  if (!holdsBoth(bed)) for (const i of [0, 6]) for (const j of [0, 6]) K[i]![j] = drive / 4;
  return K;
}

const diagonal = (six: readonly number[]): number[][] =>
  six.map((v, i) => six.map((_, j) => (i === j ? v : 0)));
const zeros = (n: number): number[][] => Array.from({ length: n }, () => new Array<number>(n).fill(0));
const twice = (f: readonly (readonly number[])[]): number[][] =>
  Array.from({ length: 12 }, (_, i) =>
    Array.from({ length: 12 }, (_, j) => (Math.floor(i / 6) === Math.floor(j / 6) ? f[i % 6]![j % 6]! : 0)),
  );

/** Number of places along the bed at which the gantry is looked at. */
const BED_PLACES = 5;

/** Rods that are held only at their ends bend under the carriage: their flexibility by place. */
function rodsOf(axis: Axis, reach: readonly [number, number]): Carried['rods'] {
  const { guide } = axis;
  if (guide.kind !== 'round-rod' || !guide.size || !guide.railLength) return undefined;
  const EI = materials.steel.modulus * (Math.PI / 64) * guide.size.si ** 4;
  const L = guide.railLength.si;
  const n = guide.rails.si as number;
  const squares = evenSquares(n, guide.spacing?.si ?? 0);
  return (place) => {
    const a = Math.min(L * 0.98, Math.max(L * 0.02, L / 2 + place - (reach[0] + reach[1]) / 2));
    const c = (a * a * (L - a) ** 2) / (3 * EI * L);
    return [c / n, 0, c / n, 0, squares > 0 ? c / squares : 0, 0];
  };
}

/** What gives by itself between the beam and the tip: the plunge axis and its mount. */
function plungeSeries(
  project: Project,
  structure: Structure,
  plunge: Axis | undefined,
  drive: DriveStiffness,
  missing: string[],
): Series[] {
  const series: Series[] = [];
  const { lever, plungeStiffness, mountStiffness } = structure.tool;
  if (plungeStiffness) {
    const c = 1 / plungeStiffness.si;
    series.push({ id: 'plunge', compliance: [c, c, 0] });
  } else if (plunge) {
    const shape = plateShape(plunge);
    if (!shape) missing.push(...lacking(project, plunge));
    if (!lever) missing.push('structure.tool.lever');
    if (shape && lever) {
      const [x, y] = pointCompliance(sixOf(plunge, shape, 'z', 'x', RIGID), [0, 0, lever.si]);
      series.push({ id: 'plunge', compliance: [x, y, 0] });
    }
  }
  if (plunge)
    series.push({
      id: 'plunge-drive',
      compliance: [0, 0, 1 / (drive(plunge.id) * (holdsBoth(plunge) ? 2 : 1))],
    });
  if (mountStiffness) {
    const c = 1 / mountStiffness.si;
    series.push({ id: 'mount', compliance: [c, c, c] });
  } else missing.push('structure.tool.mountStiffness');
  return series;
}

/** Tables under the tool: each a plate on its carriages, pushed where the axis says that the tool stands. */
function tableSeries(
  project: Project,
  tables: readonly Axis[],
  bed: MemberProperties,
  structure: Structure,
  drive: DriveStiffness,
  missing: string[],
): Series[] {
  return tables.flatMap((axis, i) => {
    const along: Way = i === 0 ? 'x' : 'y';
    const shape = plateShape(axis);
    if (!shape) {
      missing.push(...lacking(project, axis));
      return [];
    }
    const { toolX, toolY, toolZ } = axis.guide;
    const arm: [number, number, number] =
      along === 'x' ? [toolX.si, toolY.si, toolZ.si] : [toolY.si, toolX.si, toolZ.si];
    const parts: Series[] = [
      {
        id: 'table',
        compliance: pointCompliance(
          sixOf(axis, shape, along, awayOf(axis, along), drive(axis.id) * (holdsBoth(axis) ? 2 : 1)),
          arm,
        ),
      },
    ];
    if (i === 0) {
      // The bed below a table in the middle of its travel: both sides share.
      const f = bedFlexibility(
        bed,
        structure.bed.length.si,
        structure.bed.supports.si,
        structure.bed.supportStiffness.si,
        [structure.bed.length.si / 2],
      )?.[0];
      if (f) parts.push({ id: 'bed', compliance: [f[0]![0]! / 2, f[1]![1]! / 2, f[2]![2]! / 2] });
      else missing.push('structure.bed.supportStiffness');
    }
    return parts;
  });
}

/**
 * The machine as a frame. What is not given is named and counted as rigid, so the answer is then a bound: at
 * least so much gives.
 * @param project as it is stored. @param pieces of the beam: 48 for the report, fewer where variants are
 * tried.
 */
export function flexModel(
  project: Project,
  drive: DriveStiffness,
  pieces = 48,
): FlexModel | { readonly unbuilt: 'no-structure' | 'no-gantry-axis' | 'loose' } {
  const {
    structure,
    brief: { arrangement },
  } = project;
  if (!structure) return { unbuilt: 'no-structure' };
  const gantry = project.axes.find((a) => a.role === 'gantry');
  const stands = arrangement === 'moving-table' || arrangement === 'fixed-gantry';
  const bed = project.axes.find((a) => a.role === 'bed');
  const plunge = project.axes.find((a) => a.role === 'plunge');
  if (!gantry || (!stands && !bed)) return { unbuilt: 'no-gantry-axis' };
  const missing: string[] = [];
  const member = memberOf(
    structure.beam.section,
    structure.beam.material,
    stripsOf(structure.beam),
    structure.beam.fill ?? undefined,
  );
  const column = memberOf(structure.column.section, structure.column.material);
  const bedMember = memberOf(structure.bed.section, structure.bed.material);
  if (!structure.corner) missing.push('structure.corner');
  const lifted = arrangement === 'lifted-two' || arrangement === 'lifted-four';
  const length = structure.beam.length.si;
  const travel = stands && arrangement === 'fixed-gantry' ? 0 : Math.min(gantry.demands.travel.si, length);
  const reach = [(length - travel) / 2, (length + travel) / 2] as const;

  // What the feet stand on, for every place of the gantry along its bed.
  const feet = arrangement === 'cantilever' ? 1 : 2;
  let carriages: number[][];
  let beds: number[][][];
  let bedPlaces: number[];
  if (stands) {
    const k = structure.bed.supportStiffness.si;
    const turn = structure.corner?.si ?? RIGID_TURN;
    carriages = diagonal([k, k, k, turn, turn, turn, k, k, k, turn, turn, turn]);
    beds = [zeros(12)];
    bedPlaces = [0];
  } else {
    const bedTravel = Math.min(bed!.demands.travel.si, structure.bed.length.si);
    bedPlaces = Array.from({ length: BED_PLACES }, (_, i) => (bedTravel * i) / (BED_PLACES - 1));
    const start = (structure.bed.length.si - bedTravel) / 2;
    const side = bedFlexibility(
      bedMember,
      structure.bed.length.si,
      arrangement === 'lifted-four' ? 2 : structure.bed.supports.si,
      structure.bed.supportStiffness.si,
      bedPlaces.map((p) => p + start),
    );
    if (!side) return { unbuilt: 'loose' };
    if (feet === 2) {
      carriages = portalBase(project, bed!, drive(bed!.id), missing);
      beds = side.map(twice);
    } else {
      const shape = plateShape(bed!);
      if (!shape) missing.push(...lacking(project, bed!));
      const k = drive(bed!.id) * (holdsBoth(bed!) ? 2 : 1);
      carriages = diagonal(shape ? sixOf(bed!, shape, 'x', awayOf(bed!, 'x'), k) : rigidSix('x', k));
      // One member under each rail; a single rail stands on one.
      beds = side.map((f) =>
        bed!.guide.rails.si > 1 && bed!.guide.spacing ? pairFlexibility(f, bed!.guide.spacing.si) : f,
      );
    }
  }
  const liftSix = (): Six | null => {
    if (arrangement !== 'lifted-two' || !plunge) return null;
    const shape = plateShape(plunge);
    const k = drive(plunge.id);
    return shape ? sixOf(plunge, sideShape(shape), 'z', 'x', k) : rigidSix('z', k);
  };
  const gantryShape = plateShape(gantry);
  if (!gantryShape) missing.push(...lacking(project, gantry));
  const gantryDrive = drive(gantry.id) * (holdsBoth(gantry) ? 2 : 1);
  const ridden = bodiesOn(project, gantry).reduce((s, b) => s + b.mass, 0);
  const { reach: out, drop } = structure.tool;
  // Out of the face of the beam, or above it: where the axis says that its weight acts.
  const face =
    structure.beam.section.kind === 'round' || structure.beam.section.kind === 'round-tube'
      ? structure.beam.section.diameter.si / 2
      : structure.beam.section.width.si / 2;
  const wall = gantry.guide.mounting === 'wall';
  return {
    input: {
      kind: feet === 1 ? 'arm' : 'portal',
      length,
      height: structure.column.height.si,
      beam: member,
      spacing: structure.beam.spacing?.si ?? 0,
      column,
      corner: structure.corner?.si ?? null,
      lift: liftSix(),
      prop: structure.prop ? { at: structure.prop.at.si, stiffness: structure.prop.stiffness.si } : null,
      pieces,
    },
    base: { carriages, beds },
    carried: {
      mass: ridden,
      out: wall ? (Math.sign(out.si) || 1) * (face + Math.abs(gantry.guide.massZ.si)) : gantry.guide.massY.si,
      up: wall ? gantry.guide.massY.si : gantry.guide.massZ.si,
      reach: out.si,
      drop: drop.si,
      plate: gantryShape
        ? sixOf(gantry, gantryShape, 'y', awayOf(gantry, 'y'), gantryDrive)
        : rigidSix('y', gantryDrive),
      ...(rodsOf(gantry, reach) ? { rods: rodsOf(gantry, reach)! } : {}),
    },
    series: [
      ...plungeSeries(project, structure, lifted ? undefined : plunge, drive, missing),
      ...(stands
        ? tableSeries(
            project,
            project.axes.filter((a) => a.role === 'bed' || a.role === 'table'),
            bedMember,
            structure,
            drive,
            missing,
          )
        : []),
    ],
    bedPlaces,
    reach,
    missing: [...new Set(missing)],
  };
}
