import type { ParseError } from '@/core/units';
import type { FieldRule, RangeFault } from './measure';
import type { IssueParams } from './params';
import type { RuleCode } from './rule-codes';

/** What can be wrong with a document before any rule between its fields is asked. */
export type FormatCode =
  | RangeFault
  | 'not-an-object'
  | 'foreign'
  | 'bad-version'
  | 'newer'
  | 'no-migration'
  | 'migration-failed'
  | 'file-too-large'
  | 'too-deep'
  | 'not-json'
  | 'typed-disagrees'
  | 'unreadable'
  | 'wrong-type'
  | 'wrong-value'
  | 'unknown-field'
  | 'wrong-variant'
  | 'wrong-length'
  | 'wrong-form'
  | 'part-too-large'
  | 'no-such-place';

export type IssueCode = FormatCode | RuleCode;

/**
 * What cannot be accepted: data only. `path` leads from the root of the document; words are made in
 * `src/words`.
 */
export interface Issue {
  readonly code: IssueCode;
  readonly path: readonly (string | number)[];
  /** What was read, shortened; undefined where nothing stands there. */
  readonly read?: string;
  readonly params: IssueParams;
  /** The rule of the measured input that is at fault, and what its text was taken for. */
  readonly field?: FieldRule;
  readonly parse?: ParseError;
  /** Every input that takes part, by its path from the root; the one at fault is among them. */
  readonly among?: readonly string[];
}

/** A value cut to a length that fits into a message. */
export function shorten(value: unknown): string {
  let text: string;
  try {
    text = typeof value === 'string' ? value : (JSON.stringify(value) ?? String(value));
  } catch {
    text = String(value);
  }
  return text.length > 80 ? `${text.slice(0, 77)}...` : text;
}

/** Path keys out of a dotted path: `axes.0.name` leads to `axes`, 0, `name`. */
export const keysOf = (path: string): (string | number)[] =>
  path.split('.').map((k) => (/^\d+$/.test(k) ? Number(k) : k));
