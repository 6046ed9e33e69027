import { type Axis, type AxisFieldPath, getAt } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** Links of the drive train, from the controller to the guide. */
export const linkIds = [
  'controller',
  'driver',
  'supply',
  'motor',
  'reducer',
  'coupling',
  'drive',
  'bearings',
  'guide',
] as const;
export type LinkId = (typeof linkIds)[number];

/** A choice among words, as opposed to a measured input. */
export interface LinkChoice {
  readonly path: string;
  readonly label: string;
  readonly options: readonly (readonly [string | number, string])[];
  /** The word that holds now, where it is not simply what stands at the path. */
  readonly now?: string;
}

/** Inputs that belong together; with a title they fold away. */
export interface FieldGroup {
  readonly title?: string;
  readonly paths: readonly AxisFieldPath[];
}

export interface LinkSpec {
  readonly id: LinkId;
  readonly title: (axis: Axis) => string;
  /** One line that says what the part is. */
  readonly summary: (axis: Axis, system: UnitSystem) => string;
  readonly choices: (axis: Axis) => readonly LinkChoice[];
  readonly groups: (axis: Axis) => readonly FieldGroup[];
  /** Whether the axis has this link at all. */
  readonly there?: (axis: Axis) => boolean;
}

/** A measured input in the sheet's units. */
export const q = (
  axis: Axis,
  path: AxisFieldPath,
  kind: Parameters<typeof formatQuantity>[0],
  system: UnitSystem,
  digits = 3,
) => {
  const measure = getAt(axis, path) as { si: number } | null;
  return measure ? formatQuantity(kind, measure.si, system, digits).text : 'not given';
};

export const each = (axis: Axis) => (axis.drive.sets === 2 ? ' ×2' : '');
