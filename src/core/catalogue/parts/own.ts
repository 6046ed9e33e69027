import { brokenRule, fieldRuleAt } from '@/core/model';
import { parseQuantity, rangeInWords, wantedText } from '@/core/units';
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
  readonly wanted: string;
}

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
  const fault = (field: string, read: string, wanted: string) => ({ field, read: read.slice(0, 60), wanted });
  if (!name.trim() || name.length > 120) return fault('name', name, 'a name of up to 120 letters');
  const known = columnsOf(family);
  let stated = 0;
  for (const [path, typed] of Object.entries(values)) {
    if (!known.includes(path))
      return fault(path, typed, `one of the columns of ${family.name.toLowerCase()}`);
    if (typed.trim() === '') continue;
    if (typed.length > 80) return fault(path, typed, 'at most 80 letters');
    stated += 1;
    const rule = fieldRuleAt(path);
    if (!rule) {
      const words = wordsAt(family, path);
      if (!words.includes(typed.trim())) return fault(path, typed, words.join(' or '));
      continue;
    }
    const read = parseQuantity(rule.kind, typed);
    if (!read.ok) return fault(path, typed, wantedText(rule.kind));
    if (brokenRule(rule, read.si)) return fault(path, typed, rangeInWords(rule));
  }
  if (!stated) return fault(known[0]!, '', 'at least one figure of the part');
  if (
    price.trim() !== '' &&
    !(Number(price.replace(',', '.')) >= 0 && Number(price.replace(',', '.')) <= 1e6)
  )
    return fault('price', price, 'a price of 0 to 1000000, or nothing');
  if (!/^\d{1,5}$/.test(onHand.trim()) || Number(onHand) > 10_000)
    return fault('onHand', onHand, 'a whole number from 0 to 10000');
  return undefined;
}
