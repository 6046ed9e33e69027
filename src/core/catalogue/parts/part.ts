import { type Axis, type Edit, fieldRuleAt, putInAxis, setAt } from '@/core/model';
import { parseQuantity } from '@/core/units';

/**
 * A part that can be bought: what its family's columns are, by path inside the axis, typed as a builder
 * would.
 */
export interface Part {
  readonly id: string;
  readonly name: string;
  /** By path inside the axis: a typed quantity, or a word where the path is a choice. */
  readonly values: Readonly<Record<string, string>>;
  /** Where the figures come from: a standard, or "typical, from memory". */
  readonly source: string;
  /** Example price in euros, for comparing sums only; null where none is known. */
  readonly price: number | null;
}

export interface Column {
  readonly path: string;
  readonly title: string;
}

/** The link of the drive train that a family belongs to. */
export type PartLink =
  'controller' | 'driver' | 'supply' | 'motor' | 'reducer' | 'coupling' | 'drive' | 'bearings' | 'guide';

/** Parts that stand for one another. */
export interface Family {
  readonly id: string;
  readonly name: string;
  readonly link: PartLink;
  /** The object inside the axis that the part is put into. */
  readonly root: 'drive' | 'motor' | 'driver' | 'supply' | 'controller' | 'reducer' | 'coupling' | 'guide';
  /**
   * What that object is before the part's values are put in: the present one where it is of the right kind.
   */
  readonly base: (axis: Axis) => object;
  readonly columns: readonly Column[];
  /** Columns that a standard fixes; the rest counts as an estimate until a datasheet says it. */
  readonly standard: readonly string[];
  /** Inputs that spoke of the old part and that this one does not state. */
  readonly forget: (axis: Axis) => readonly Edit[];
  readonly parts: readonly Part[];
}

/** A value out of its typed text, or the sentence that says what is wanted. */
export function partValue(
  path: string,
  typed: string,
  standard: boolean,
): { ok: true; value: unknown } | { ok: false } {
  const rule = fieldRuleAt(path);
  if (!rule) return { ok: true, value: path === 'guide.ratingBasis' ? Number(typed) : typed };
  if (rule.optional && typed === '') return { ok: true, value: null };
  const read = parseQuantity(rule.kind, typed);
  return read.ok
    ? { ok: true, value: { typed, si: read.si, basis: standard ? 'standard' : 'estimate' } }
    : { ok: false };
}

/** Values that were read out of a part before: a search puts the same parts in a thousand times. */
const read = new WeakMap<Part, readonly (readonly [path: string, value: unknown])[]>();

/** @throws RangeError where a value is no such quantity. */
function valuesOf(family: Family, part: Part): readonly (readonly [path: string, value: unknown])[] {
  const known = read.get(part);
  if (known) return known;
  const values = Object.entries(part.values).map(([path, typed]) => {
    const one = partValue(path, typed, family.standard.includes(path));
    if (!one.ok) throw new RangeError(`${part.name}: ${path} reads ${typed}`);
    return [path, one.value] as const;
  });
  read.set(part, values);
  return values;
}

/**
 * The edits that put a part in the place of the present one. What the old part's datasheet said goes; where
 * the part stands and how it is used stays.
 * @throws RangeError where a value of the part is no such quantity: parts are checked when they come in.
 */
export function swapEdits(axis: Axis, family: Family, part: Part): Edit[] {
  let changed: Axis = { ...axis, [family.root]: family.base(axis) } as Axis;
  for (const { path, value } of family.forget(changed)) changed = setAt(changed, path, value);
  for (const [path, value] of valuesOf(family, part)) changed = setAt(changed, path, value);
  const edits: Edit[] = [putInAxis(family.root, changed[family.root])];
  // A pull that was measured on the old guide says nothing of the new one.
  if (family.root === 'guide' && axis.loads.guideDrag) edits.push({ path: 'loads.guideDrag', value: null });
  return [...edits, putInAxis('parts', { ...axis.parts, [family.id]: part.id })];
}

export const MEMORY = 'typical, from memory';
/** A number as a builder types it: four digits, no more. */
export const text = (value: number, unit: string) => `${Number(value.toPrecision(4))} ${unit}`;
