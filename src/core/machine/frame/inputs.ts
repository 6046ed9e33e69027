import { materials } from '@/core/catalogue';
import { type PlateShape, plateShape } from '@/core/guides';
import {
  type Arrangement,
  type Axis,
  holdsBothSides,
  isMeasure,
  type MaterialId,
  type Project,
  sideStiffness,
  type Structure,
} from '@/core/model';
import type { AxisReport } from '../axis';
import type { MassReport } from '../demand';

/** What the frame needs to know of an axis; SI. */
export interface FrameAxis {
  readonly role: Axis['role'];
  readonly travel: number;
  /** What holds one side along the axis, N/m; all that holds it, where one drive stands in the middle. */
  readonly drive: number;
  /** Whether both sides are held; one drive in the middle holds the mean of both. */
  readonly holdsBoth: boolean;
  readonly mounting: Axis['guide']['mounting'];
  /** Its carriages as a plate; null while their places are not given. */
  readonly shape: PlateShape | null;
  /** Paths of what the plate lacks. */
  readonly lacking: readonly string[];
  /** Of one carriage, away from its rail and sideways. */
  readonly vertical: number;
  readonly lateral: number;
  readonly rails: number;
  /** Between the rails; null where it is not given. */
  readonly spacing: number | null;
  /** Of three rods, the third out of the plane of the others, m; 0: in it. */
  readonly offPlane: number;
  /** The plate between its carriages; null while it is not given. */
  readonly plate: { readonly modulus: number; readonly thickness: number } | null;
  /** Path of the plate's thickness. */
  readonly platePath: string;
  /** Rods that are held only at their ends. */
  readonly rods: { readonly diameter: number; readonly length: number } | null;
  /** Paths of what such rods lack: while there are any they count as rigid. */
  readonly rodsLacking: readonly string[];
  /** Where its weight acts, and where the tool stands, from the middle of the carriages. */
  readonly mass: { readonly y: number; readonly z: number };
  readonly tool: readonly [number, number, number];
}

/**
 * All that the frame of a machine is solved with: plain data, and nothing that does not change its answer.
 */
export interface FrameInputs {
  readonly arrangement: Arrangement;
  readonly structure: Structure | null;
  readonly axes: readonly FrameAxis[];
  /** What rides on the gantry axis, kg. */
  readonly ridden: number;
  /** Stiffness of materials over what the table says of them; left out: as it says. */
  readonly grades?: Grades;
}

/** How much stiffer a bar of a material is than the table says. */
export type Grades = Readonly<Partial<Record<MaterialId, number>>>;

/** Paths of what the plate of an axis lacks. */
function lackingOf({ guide }: Axis, index: number): string[] {
  const at = `axes.${index}.guide`;
  const missing: string[] = [];
  if (guide.rails.si > 1 && !guide.spacing) missing.push(`${at}.spacing`);
  if (!guide.carriageSpan) missing.push(`${at}.carriageSpan`);
  if (!guide.carriageLength) missing.push(`${at}.carriageLength`);
  return missing.length ? missing : [`${at}.raceSpacing`];
}

function frameAxis(axis: Axis, index: number, drive: number, grades: Grades): FrameAxis {
  const { guide, drive: train } = axis;
  const shape = plateShape(axis) ?? null;
  const free = guide.kind === 'round-rod';
  const { size, railLength } = guide;
  const at = `axes.${index}.guide`;
  return {
    role: axis.role,
    travel: axis.demands.travel.si,
    drive: sideStiffness(train, drive),
    holdsBoth: holdsBothSides(train),
    mounting: guide.mounting,
    shape,
    lacking: shape ? [] : lackingOf(axis, index),
    vertical: guide.verticalStiffness.si,
    lateral: guide.lateralStiffness.si,
    rails: guide.rails.si,
    spacing: guide.spacing?.si ?? null,
    offPlane: guide.offPlane?.si ?? 0,
    plate: guide.plate && {
      modulus: (grades[guide.plate.material] ?? 1) * materials[guide.plate.material].modulus,
      thickness: guide.plate.thickness.si,
    },
    platePath: `${at}.plate.thickness`,
    rods: free && size && railLength ? { diameter: size.si, length: railLength.si } : null,
    rodsLacking: free ? [...(size ? [] : [`${at}.size`]), ...(railLength ? [] : [`${at}.railLength`])] : [],
    mass: { y: guide.massY.si, z: guide.massZ.si },
    tool: [guide.toolX.si, guide.toolY.si, guide.toolZ.si],
  };
}

/** The stiffness of every drive train in line as its report has it, N/m, by the place of its axis. */
export type DriveStiffness = readonly number[];

export const driveStiffnessOf = (
  axes: readonly Axis[],
  reports: readonly Pick<AxisReport, 'axisId' | 'stiffness'>[],
): DriveStiffness =>
  axes.map((axis) => reports.find((r) => r.axisId === axis.id)?.stiffness.value ?? Infinity);

/**
 * What the frame of a machine is solved with.
 * @param drives of its axes, out of their reports. @param grades of materials, where they are not as the
 * table says.
 */
export function frameInputs(
  { axes, structure, brief }: Pick<Project, 'axes' | 'structure' | 'brief'>,
  drives: DriveStiffness,
  masses: MassReport,
  grades?: Grades,
): FrameInputs {
  const gantry = axes.findIndex((a) => a.role === 'gantry');
  return {
    arrangement: brief.arrangement,
    structure,
    axes: axes.map((axis, i) => frameAxis(axis, i, drives[i] ?? Infinity, grades ?? {})),
    ridden: masses.axes[gantry]?.total ?? 0,
    ...(grades ? { grades } : {}),
  };
}

/**
 * A text that differs between two inputs only where the frame's answer may: names and typed texts are left
 * out.
 */
export const frameKey = (inputs: FrameInputs): string =>
  JSON.stringify(inputs, (key: string, value: unknown) => {
    if (isMeasure(value)) return value.si;
    return key === 'name' || key === 'id' ? undefined : value;
  });
