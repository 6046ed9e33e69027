import type { Kind } from '@/core/units';
import { type Verdict, verdictOf } from './verdict';

/** Outcome of one check of one axis. */
export interface Checked<Code extends string = string> {
  readonly code: Code;
  readonly verdict: Verdict;
  /** The input or link that it speaks of, as a path inside the axis. */
  readonly path: string;
  readonly kind: Kind;
  readonly value: number;
  readonly limit: number;
  /**
   * What is there over what is needed: 1 and above holds; below 0 for a motor that cannot start. Remedies are
   * ranked by it.
   */
  readonly margin: number;
  readonly params: Readonly<Record<string, number | string>>;
  readonly line?: string;
}

interface Comparison<Code extends string> {
  readonly code: Code;
  readonly path: string;
  readonly kind: Kind;
  /** What is there; `value` of the outcome. */
  readonly have: number;
  /** What is needed; `limit` of the outcome. */
  readonly need: number;
  readonly line?: string;
  readonly params?: Checked['params'];
}

/** A check that asks for at least so much. */
export const atLeast = <Code extends string>({
  code,
  path,
  kind,
  have,
  need,
  line,
  params = {},
}: Comparison<Code>): Checked<Code> => ({
  code,
  path,
  kind,
  value: have,
  limit: need,
  verdict: verdictOf(have, need),
  margin: need > 0 ? have / need : Infinity,
  params,
  ...(line ? { line } : {}),
});

/** A check that allows at most so much: `have` may reach `need`. */
export const atMost = <Code extends string>({
  code,
  path,
  kind,
  have,
  need,
  line,
  params = {},
}: Comparison<Code>): Checked<Code> => ({
  code,
  path,
  kind,
  value: have,
  limit: need,
  verdict: verdictOf(need, have),
  margin: have > 0 ? need / have : Infinity,
  params,
  ...(line ? { line } : {}),
});

/** A limit of comfort, not of strength: missed, it is only called thin; kept by however little, it holds. */
export const comfort = <Code extends string>(checked: Checked<Code>): Checked<Code> => ({
  ...checked,
  verdict: checked.margin < 1 ? 'thin' : 'holds',
});
