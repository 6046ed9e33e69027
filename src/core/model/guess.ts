import { type Kind, parseQuantity } from '@/core/units';
import type { Basis, Measure } from './measure';

/** @throws RangeError where the text is no such quantity: a fault of ours. */
function read<K extends Kind>(kind: K, typed: string, basis: Basis): Measure<K> {
  const parsed = parseQuantity(kind, typed);
  if (!parsed.ok) throw new RangeError(`the starting value ${typed} is no ${kind}`);
  return { typed, si: parsed.si, basis };
}

/** A number of ours out of a text: it stands until somebody confirms or replaces it. */
export const guess = <K extends Kind>(kind: K, typed: string): Measure<K> => read(kind, typed, 'ours');

/** A rough figure for something that was chosen, out of a text. */
export const estimate = <K extends Kind>(kind: K, typed: string): Measure<K> => read(kind, typed, 'estimate');
