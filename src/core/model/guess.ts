import { type Kind, parseQuantity } from '@/core/units';
import type { Measure } from './measure';

/**
 * An estimate out of a typed text. @throws RangeError where the text is no such quantity: a fault of ours.
 */
export function guess<K extends Kind>(kind: K, typed: string): Measure<K> {
  const read = parseQuantity(kind, typed);
  if (!read.ok) throw new RangeError(`the starting value ${typed} is no ${kind}`);
  return { typed, si: read.si, basis: 'estimate' };
}
