import { bodies } from '@/core/loads';
import { type Axis, type Basis, type Body, oursIn, type Project, ridesAsPortal } from '@/core/model';
import { memberOf, type Strip } from '@/core/sections';
import { silentWorksheet } from '@/core/worksheet';

/** One body with its mass in kg, and where it comes from. */
export interface WeighedBody {
  readonly id: string;
  readonly name: string;
  readonly mass: number;
  readonly basis: Basis;
  /** The axis's own, that of an axis which rides on it, or a member of the structure. */
  readonly from: 'own' | 'carried' | 'structure';
  /** Id of the axis in whose list it stands; null: the stand or the structure. */
  readonly axisId: string | null;
}

/** What moves on an axis, and what stands. */
export interface AxisMasses {
  readonly axisId: string;
  readonly own: number;
  readonly total: number;
  readonly bodies: readonly WeighedBody[];
}
export interface MassReport {
  readonly axes: readonly AxisMasses[];
  readonly standing: number;
  readonly standBodies: readonly WeighedBody[];
  /** All that moves on anything, each body once. */
  readonly moving: number;
}

/** Mass of a table of 18 mm plywood on an aluminium frame with a sheet on it, kg/m²; memory. */
export const TABLE_MASS = 45;

const weigh = (body: Body, from: WeighedBody['from'], axisId: string | null): WeighedBody => ({
  id: body.id,
  name: body.name,
  mass: bodies.massOf(body, 'mass', silentWorksheet),
  basis: bodies.basisOf(body),
  from,
  axisId,
});

/**
 * The axis on which the beam and its columns ride: the bed axis of a moving gantry or arm; null where the
 * gantry stands.
 */
export function beamRidesOn({ brief: { arrangement }, axes }: Project): Axis | undefined {
  if (arrangement === 'moving-table' || arrangement === 'fixed-gantry') return undefined;
  return axes.find((a) => a.role === 'bed');
}

/** How many columns carry the beam. */
export const columnCount = ({ brief: { arrangement } }: Project): number =>
  arrangement === 'cantilever' ? 1 : 2;

/** Strips as plain numbers. */
export const stripsOf = ({ strips }: NonNullable<Project['structure']>['beam']): Strip[] =>
  strips.map((s) => ({
    width: s.width.si,
    height: s.height.si,
    up: s.up.si,
    out: s.out.si,
    material: s.material,
  }));

/** Members of the structure that are weighed; words for them are made where they are shown. */
export type StructureBodyId = 'beam' | 'both-beams' | 'columns' | 'crossbar' | 'bed-members';

/** A weight out of sizes is an estimate, and ours while any of the sizes is. */
const basisOf = (member: unknown): Basis => (oursIn(member).length ? 'ours' : 'estimate');

/** Beam and columns as bodies, and the bed. */
function structureBodies(project: Project): {
  readonly moving: WeighedBody[];
  readonly standing: WeighedBody[];
} {
  const { structure } = project;
  if (!structure) return { moving: [], standing: [] };
  const row = (id: StructureBodyId, mass: number, basis: Basis): WeighedBody => ({
    id,
    name: id,
    mass,
    basis,
    from: 'structure',
    axisId: null,
  });
  const beams = structure.beam.spacing ? 2 : 1;
  const beam = memberOf(
    structure.beam.section,
    structure.beam.material,
    stripsOf(structure.beam),
    structure.beam.fill ?? undefined,
  );
  const column = memberOf(structure.column.section, structure.column.material);
  const bed = memberOf(structure.bed.section, structure.bed.material);
  // A bar between feet that do not ride ties nothing that the bed does not.
  const bar = structure.crossbar;
  const tied = bar && ridesAsPortal(project.brief.arrangement) ? memberOf(bar.section, bar.material) : null;
  const upper = [
    row(
      beams === 2 ? 'both-beams' : 'beam',
      beams * beam.mass * structure.beam.length.si,
      basisOf(structure.beam),
    ),
    ...(structure.column.height.si > 0
      ? [
          row(
            'columns',
            columnCount(project) * column.mass * structure.column.height.si,
            basisOf(structure.column),
          ),
        ]
      : []),
    ...(tied ? [row('crossbar', tied.mass * structure.beam.length.si, basisOf(structure.crossbar!))] : []),
  ];
  const lower = [row('bed-members', 2 * bed.mass * structure.bed.length.si, basisOf(structure.bed))];
  return beamRidesOn(project)
    ? { moving: upper, standing: lower }
    : { moving: [], standing: [...upper, ...lower] };
}

/** Axes that ride on an axis, those on them included; the rules refuse rings. */
export function ridersOf(project: Project, axisId: string): Axis[] {
  return project.axes.filter((a) => a.carriedBy === axisId).flatMap((a) => [a, ...ridersOf(project, a.id)]);
}

/** All that moves on one axis. @param members of the structure that ride on the bed axis. */
function bodiesOn(project: Project, axis: Axis, members: readonly WeighedBody[]): WeighedBody[] {
  const riders = ridersOf(project, axis.id);
  const rides = members.length ? beamRidesOn(project) : undefined;
  // The beam rides on the bed axis, and on what carries the bed axis.
  const carries = rides !== undefined && (rides.id === axis.id || riders.some((a) => a.id === rides.id));
  return [
    ...axis.loads.masses.map((b) => weigh(b, 'own', axis.id)),
    ...riders.flatMap((a) => a.loads.masses.map((b) => weigh(b, 'carried', a.id))),
    ...(carries ? members : []),
  ];
}

const sum = (list: readonly WeighedBody[]) => list.reduce((s, b) => s + b.mass, 0);

/** The slices that say who weighs what. */
export type Weighing = Pick<Project, 'axes' | 'structure' | 'stand' | 'brief'>;

/** Whether two states of a machine weigh the same: what says so is the same object in both. */
export const weighAlike = (a: Weighing, b: Weighing): boolean =>
  a.axes === b.axes &&
  a.structure === b.structure &&
  a.stand === b.stand &&
  a.brief.arrangement === b.brief.arrangement;

/** Who weighs what. */
export function massReport(project: Project): MassReport {
  const { moving, standing } = structureBodies(project);
  const axes = project.axes.map((axis): AxisMasses => {
    const list = bodiesOn(project, axis, moving);
    return {
      axisId: axis.id,
      own: sum(list.filter((b) => b.from === 'own')),
      total: sum(list),
      bodies: list,
    };
  });
  const standBodies = [...project.stand.map((b) => weigh(b, 'own', null)), ...standing];
  return {
    axes,
    standing: sum(standBodies),
    standBodies,
    moving: axes.reduce((s, a) => s + a.own, 0) + sum(moving),
  };
}
