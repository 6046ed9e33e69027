import type { Kind } from '@/core/units';
import type { Verdict } from './verdict';

/** One change of one input: a path inside the axis, and the new value (a measure, a word or a count). */
export interface Edit {
  readonly path: string;
  readonly value: EditValue;
}

/** A row of a list that an edit replaces as a whole (the moving masses). */
type Row = Readonly<Record<string, unknown>>;

export type EditValue =
  | string
  | number
  | null
  | readonly Row[]
  | {
      readonly typed: string;
      readonly si: number;
      readonly basis: 'measured' | 'datasheet' | 'standard' | 'estimate';
    };

/** A change that was put through the model before it is offered. */
export interface Remedy {
  /** Names the change for the wording; the same code may stand with other parameters. */
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  readonly edits: readonly Edit[];
  /**
   * What the finding's own figure becomes, in the finding's unit; null where nothing is left to judge (no
   * whip without a turning screw).
   */
  readonly becomes: number | null;
  /** The finding's verdict, and the whole axis's, with the change made. */
  readonly verdict: Verdict;
  readonly axisVerdict: Verdict;
  /** Checks that held before and give out with the change made, by their code. */
  readonly breaks: readonly string[];
  /** The highest rapid at which nothing gives out, with the change made; m/s. */
  readonly axisSpeed: number;
}

/** What the model found: data only; words are made where it is shown. */
export interface Finding {
  readonly code: string;
  readonly verdict: Verdict;
  /** The input or link that it speaks of, as a path inside the axis. */
  readonly path: string;
  /** The figure found and the one that it is held against, in SI units of `kind`. */
  readonly value: number;
  readonly limit: number;
  readonly kind: Kind;
  readonly params: Readonly<Record<string, number | string>>;
  /** Key of the worksheet line that shows the working. */
  readonly line?: string;
  readonly remedies: readonly Remedy[];
}

/** An input that cannot be accepted. `path` leads from the root of the file to the field. */
export interface Issue {
  readonly code: string;
  readonly path: readonly (string | number)[];
  /** What was read, shortened; undefined where nothing stands there. */
  readonly read?: string;
  /** What is wanted, in words. */
  readonly wanted: string;
  /** Why, where the rule is not plain. */
  readonly why?: string;
}
