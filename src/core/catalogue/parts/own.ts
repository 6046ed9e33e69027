import { brokenRule, fieldRuleAt } from '@/core/model';
import { parseQuantity } from '@/core/units';
import type { Wanted } from '../wanted';
import type { Family } from './part';

/** Every path that a part of a family states. */
export const columnsOf = (family: Family): readonly string[] => [
  ...new Set([...family.columns.map((c) => c.path), ...family.parts.flatMap((p) => Object.keys(p.values))]),
];

/** The words that a family's parts use at a path that is a choice. */
const wordsAt = (family: Family, path: string): readonly string[] => [
  ...new Set(family.parts.flatMap((p) => p.values[path] ?? [])),
];

/**
 * The first thing that is wrong with a part of the builder's own: its field, what was read, what is wanted.
 */
export interface PartFault {
  readonly field: string;
  readonly read: string;
  readonly wanted: Wanted;
}

/** As the model takes them. */
const [MOST_NAME, MOST_LETTERS, MOST_PRICE, MOST_ON_HAND] = [120, 80, 1e6, 10_000];

/**
 * Checks a part as it was typed. Columns may be left empty where the input may; those then keep what the axis
 * has.
 */
export function partFault(
  family: Family,
  {
    name,
    values,
    price,
    onHand,
  }: { name: string; values: Readonly<Record<string, string>>; price: string; onHand: string },
): PartFault | undefined {
  const fault = (field: string, read: string, wanted: Wanted) => ({ field, read: read.slice(0, 60), wanted });
  if (!name.trim() || name.length > MOST_NAME) return fault('name', name, { is: 'name', most: MOST_NAME });
  const known = columnsOf(family);
  let stated = 0;
  for (const [path, typed] of Object.entries(values)) {
    if (!known.includes(path)) return fault(path, typed, { is: 'column-of', family: family.name });
    if (typed.trim() === '') continue;
    if (typed.length > MOST_LETTERS) return fault(path, typed, { is: 'letters', most: MOST_LETTERS });
    stated += 1;
    const rule = fieldRuleAt(path);
    if (!rule) {
      const words = wordsAt(family, path);
      if (!words.includes(typed.trim())) return fault(path, typed, { is: 'words', words });
      continue;
    }
    const read = parseQuantity(rule.kind, typed);
    if (!read.ok) return fault(path, typed, { is: 'quantity', kind: rule.kind });
    if (brokenRule(rule, read.si)) return fault(path, typed, { is: 'range', rule });
  }
  if (!stated) return fault(known[0]!, '', { is: 'figure' });
  if (
    price.trim() !== '' &&
    !(Number(price.replace(',', '.')) >= 0 && Number(price.replace(',', '.')) <= MOST_PRICE)
  )
    return fault('price', price, { is: 'price', most: MOST_PRICE });
  if (!/^\d{1,5}$/.test(onHand.trim()) || Number(onHand) > MOST_ON_HAND)
    return fault('onHand', onHand, { is: 'count', most: MOST_ON_HAND });
  return undefined;
}
