import { bareUnit, type UnitSystem } from './format';
import type { Kind } from './kinds';
import { parseQuantity } from './parse';

/**
 * A typed text as it means the same in a file or on another sheet: a bare number gets the unit in which a
 * field reads it. What does not read stays as it was typed.
 */
export function spelled(kind: Kind, text: string, system: UnitSystem): string {
  const typed = text.trim();
  const unit = bareUnit(kind, system);
  const read = parseQuantity(kind, typed, unit);
  const plain = parseQuantity(kind, typed);
  const bare = read.ok && !(plain.ok && plain.si === read.si);
  return bare ? `${typed} ${unit}`.trim() : typed;
}
