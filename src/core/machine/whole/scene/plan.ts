import type { Axis, Project, Section } from '@/core/model';

/** Sizes of a planned structure, or guesses from the travels; m. */
export interface Sizes {
  readonly beam: readonly [high: number, wide: number];
  readonly beamLength: number;
  readonly spacing: number;
  readonly column: readonly [number, number];
  /** Of the middle of the beam over what its columns stand on. */
  readonly height: number;
  readonly bed: readonly [high: number, wide: number];
  readonly bedLength: number;
  readonly supports: number;
  readonly reach: number;
  readonly drop: number;
}

/** Who is who on a machine, and where everything stands; m. */
export interface Plan {
  readonly project: Project;
  readonly sizes: Sizes;
  readonly lengthwise: Axis | undefined;
  readonly gantry: Axis | undefined;
  readonly plunge: Axis | undefined;
  /** The gantry stands and the table moves. */
  readonly stands: boolean;
  readonly arm: boolean;
  readonly travel: number;
  readonly cross: number;
  readonly lift: number;
  /** Where the beam stands along the bed at the start of its travel. */
  readonly middle: number;
  /** Axes that move the beam. */
  readonly carrier: readonly Axis[];
  /** Sides along which the bed runs, and those at which the beam has a column; y. */
  readonly sides: readonly number[];
  readonly feet: readonly number[];
}

export const heightOf = (s: Section): number => ('height' in s ? s.height.si : s.diameter.si);
export const widthOf = (s: Section): number => ('width' in s ? s.width.si : s.diameter.si);
const travelOf = (axis: Axis | undefined, otherwise: number) => axis?.demands.travel.si ?? otherwise;

/** Guesses where no travel is given, m. */
const [TRAVEL, CROSS, LIFT] = [0.8, 0.6, 0.1];
/** How far the rails of an arm's truck stand apart where nobody said so. */
const TRACK = 0.3;

function sizesOf({ structure: s }: Project, x: number, y: number): Sizes {
  if (!s)
    return {
      beam: [0.1, 0.08],
      beamLength: y + 0.25,
      spacing: 0,
      column: [0.16, 0.03],
      height: 0.25,
      bed: [0.1, 0.08],
      bedLength: x + 0.35,
      supports: 3,
      reach: 0.12,
      drop: 0.2,
    };
  return {
    beam: [heightOf(s.beam.section), widthOf(s.beam.section)],
    beamLength: s.beam.length.si,
    spacing: s.beam.spacing?.si ?? 0,
    column: [heightOf(s.column.section), widthOf(s.column.section)],
    height: s.column.height.si,
    bed: [heightOf(s.bed.section), widthOf(s.bed.section)],
    bedLength: s.bed.length.si,
    supports: s.bed.supports.si,
    reach: s.tool.reach.si,
    drop: s.tool.drop.si,
  };
}

/** Who is who on this machine. */
export function planOf(project: Project): Plan {
  const { arrangement } = project.brief;
  const of = (role: Axis['role']) => project.axes.find((a) => a.role === role);
  const lengthwise = of('bed') ?? of('table');
  const [gantry, plunge] = [of('gantry'), of('plunge')];
  const [travel, cross] = [travelOf(lengthwise, TRAVEL), travelOf(gantry, CROSS)];
  const sizes = sizesOf(project, travel, cross);
  const stands = arrangement === 'moving-table' || arrangement === 'fixed-gantry';
  const arm = arrangement === 'cantilever';
  const spread = lengthwise?.guide.spacing?.si ?? TRACK;
  return {
    project,
    sizes,
    lengthwise,
    gantry,
    plunge,
    stands,
    arm,
    travel,
    cross,
    lift: travelOf(plunge, LIFT),
    middle: stands ? sizes.bedLength / 2 : (sizes.bedLength - travel) / 2,
    carrier: stands || !lengthwise ? [] : [lengthwise],
    sides: arm ? [-spread / 2, spread / 2] : [0, sizes.beamLength],
    feet: arm ? [0] : [0, sizes.beamLength],
  };
}
