import type { Params } from '@/core/findings';
import type { Kind } from '@/core/units';

/** What the wording of a change is made from: its figures, in the user's units. */
export interface RemedyTeller {
  readonly p: Params;
  readonly num: (name: string) => number;
  readonly word: (name: string) => string;
  /** The parameter of a name as a quantity. */
  readonly say: (kind: Kind, name: string, digits?: number) => string;
}

export type RemedyWords = (teller: RemedyTeller) => string;
