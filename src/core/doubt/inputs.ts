import { familyById, materials } from '@/core/catalogue';
import { type Axis, fieldRuleAt, isMeasure, type MaterialId, type Project } from '@/core/model';
import type { Kind } from '@/core/units';
import { curveOff } from './axis';
import { bearsDoubt, spreadAt } from './sure';

/** Paths of a material's stiffness begin so: it is no field of the document, but of a table. */
const MATERIAL = 'material.';

/** One thing that may be off. */
export interface DoubtInput {
  /** From the root of the machine; of a torque curve as a whole its own path, of a material `material.id`. */
  readonly path: string;
  readonly kind: Kind;
  /** SI; of a torque curve and a material 1: the share of what stands there. */
  readonly value: number;
  /** Half-width of the 95 % interval, above 0. */
  readonly half: number;
  /** Nothing of it is nought or less: it is drawn by its logarithm, and `value` is its median. */
  readonly positive: boolean;
  readonly least: number;
  readonly most: number;
  /** Nobody has said it. */
  readonly ours: boolean;
  /** What it shares its doubt with, and how any two of them are correlated; null: nothing. */
  readonly group: { readonly id: string; readonly tied: number } | null;
}

/** Parts of one row of the catalogue came out of one factory; from memory. */
const SAME_PART = 0.9;

/** Slices in which inputs are looked for. */
const SLICES = ['brief', 'axes', 'structure', 'stand'] as const;

/** The part that an input of an axis belongs to, as a row of the catalogue or of the builder's own. */
function partOf(axis: Axis, link: string): string | undefined {
  const family = Object.keys(axis.parts).find((id) => familyById(id)?.link === link);
  return family && `${family} ${axis.parts[family]!}`;
}

/** What an input shares its doubt with. What was measured on this very piece shares nothing. */
function groupOf(project: Project, path: string, measured: boolean): DoubtInput['group'] {
  if (measured) return null;
  const cut = /^brief\.cuts\.(\d+)\.(kc11|exponent|radial)$/.exec(path);
  // A material is the same in all its cuts.
  if (cut) return { id: `${cut[2]!} ${project.brief.cuts[Number(cut[1])]!.stock}`, tied: 1 };
  const inside = /^axes\.(\d+)\.((\w+)\..+)$/.exec(path);
  const part = inside && partOf(project.axes[Number(inside[1])]!, inside[3]!);
  return part ? { id: `${part} ${inside[2]!}`, tied: SAME_PART } : null;
}

function inputAt(project: Project, path: string, value: unknown): DoubtInput[] {
  if (!isMeasure(value) || !bearsDoubt(path)) return [];
  const rule = fieldRuleAt(path);
  const half = spreadAt(path, value);
  if (!rule || !(half > 0)) return [];
  const positive = value.si > 0 && (rule.above ?? rule.min ?? -1) >= 0;
  const [least, most] = [rule.min ?? rule.above ?? -Infinity, rule.max];
  const group = groupOf(project, path, value.basis === 'measured');
  const ours = value.basis === 'ours';
  return [{ path, kind: rule.kind, value: value.si, half, positive, least, most, ours, group }];
}

function inputsUnder(project: Project, value: unknown, path: string): DoubtInput[] {
  if (isMeasure(value)) return inputAt(project, path, value);
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => inputsUnder(project, inner, `${path}.${key}`));
}

const share = (path: string, half: number): DoubtInput => ({
  path,
  kind: 'ratio',
  value: 1,
  half,
  positive: true,
  least: 0,
  most: Infinity,
  ours: false,
  group: null,
});

/** Torque curves as a whole: what is off in one point is off in the next. */
const curves = ({ axes }: Project): DoubtInput[] =>
  axes.flatMap(({ motor }, i) => {
    const off = motor.kind === 'stepper' && motor.curve ? curveOff(motor.curve.points) : 0;
    return off > 0 ? [share(`axes.${i}.motor.curve`, off)] : [];
  });

/** Materials that give: of the members of the frame and of plates between carriages. */
function materialsOf({ structure, axes }: Project): MaterialId[] {
  const members = structure
    ? [structure.beam, structure.column, structure.bed, ...(structure.crossbar ? [structure.crossbar] : [])]
    : [];
  const used = [
    ...members.map((m) => m.material),
    ...axes.flatMap(({ guide }) => guide.plate?.material ?? []),
  ];
  return [...new Set(used)];
}

/** The material whose stiffness an input is; undefined where it is none. */
export const materialAt = (path: string): MaterialId | undefined =>
  path.startsWith(MATERIAL) ? (path.slice(MATERIAL.length) as MaterialId) : undefined;

/**
 * Everything about a machine that may be off, in the order of the document: measured inputs by what they rest
 * on, torque curves as a whole, the stiffness of materials. What the builder wishes or sets is sure.
 */
export const doubtInputs = (project: Project): DoubtInput[] => [
  ...SLICES.flatMap((slice) => inputsUnder(project, project[slice], slice)),
  ...curves(project),
  ...materialsOf(project).map((id) => share(`${MATERIAL}${id}`, materials[id].spread)),
];
