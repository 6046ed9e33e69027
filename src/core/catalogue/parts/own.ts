import { brokenRule, fieldRuleAt } from '@/core/model';
import { parseQuantity } from '@/core/units';
import type { Wanted } from '../wanted';
import type { Family } from './part';

/** Every path that a part of a family states. */
export const columnsOf = (family: Family): readonly string[] => [
  ...new Set([...family.columns.map((c) => c.path), ...family.parts.flatMap((p) => Object.keys(p.values))]),
];

/** What the model takes at a choice, where the parts that are listed do not show all of it. */
const alsoAt: Readonly<Record<string, readonly string[]>> = { 'guide.ratingBasis': ['50', '100'] };

/** The words that a part of a family may have at a path that is a choice; none where it is a quantity. */
export const choicesAt = (family: Family, path: string): readonly string[] =>
  fieldRuleAt(path)
    ? []
    : [...new Set([...family.parts.flatMap((p) => p.values[path] ?? []), ...(alsoAt[path] ?? [])])];

/** What is wrong with a part of the builder's own: its field, what was read, what is wanted. */
export interface PartFault {
  readonly field: string;
  readonly read: string;
  readonly wanted: Wanted;
}

/** A part as it is typed. */
export interface TypedPart {
  readonly name: string;
  /** By path of the axis; empty: not stated. */
  readonly values: Readonly<Record<string, string>>;
  /** Empty: not known. */
  readonly price: string;
  readonly onHand: string;
}

/** As the model takes them. */
const [MOST_NAME, MOST_LETTERS, MOST_PRICE, MOST_ON_HAND] = [120, 80, 1e6, 10_000];

/** How much of what was read is said again, letters. */
const MOST_SAID = 60;

const fault = (field: string, read: string, wanted: Wanted): PartFault => ({
  field,
  read: read.slice(0, MOST_SAID),
  wanted,
});

/** What is wrong with one figure; nothing where it reads, or is not stated. */
function figureFault(family: Family, path: string, typed: string): PartFault | undefined {
  if (!columnsOf(family).includes(path)) return fault(path, typed, { is: 'column-of', family: family.name });
  if (typed.trim() === '') return undefined;
  if (typed.length > MOST_LETTERS) return fault(path, typed, { is: 'letters', most: MOST_LETTERS });
  const rule = fieldRuleAt(path);
  if (!rule) {
    const words = choicesAt(family, path);
    return words.includes(typed.trim()) ? undefined : fault(path, typed, { is: 'words', words });
  }
  const read = parseQuantity(rule.kind, typed);
  if (!read.ok) return fault(path, typed, { is: 'quantity', kind: rule.kind });
  return brokenRule(rule, read.si) ? fault(path, typed, { is: 'range', rule }) : undefined;
}

/**
 * All that is wrong with a part as it was typed, in the order of its fields. Columns may be left empty where
 * the input may; those then keep what the axis has.
 */
export function partFaults(family: Family, typed: TypedPart): readonly PartFault[] {
  const { name, values, price, onHand } = typed;
  const faults: (PartFault | undefined)[] = [];
  if (!name.trim() || name.length > MOST_NAME)
    faults.push(fault('name', name, { is: 'name', most: MOST_NAME }));
  for (const [path, text] of Object.entries(values)) faults.push(figureFault(family, path, text));
  if (Object.values(values).every((text) => text.trim() === ''))
    faults.push(fault(columnsOf(family)[0]!, '', { is: 'figure' }));
  const money = Number(price.replace(',', '.'));
  if (price.trim() !== '' && !(money >= 0 && money <= MOST_PRICE))
    faults.push(fault('price', price, { is: 'price', most: MOST_PRICE }));
  if (!/^\d{1,5}$/.test(onHand.trim()) || Number(onHand) > MOST_ON_HAND)
    faults.push(fault('onHand', onHand, { is: 'count', most: MOST_ON_HAND }));
  return faults.filter((f) => f !== undefined);
}

/** The first thing that is wrong with a part; nothing where all of it reads. */
export const partFault = (family: Family, typed: TypedPart): PartFault | undefined =>
  partFaults(family, typed)[0];
