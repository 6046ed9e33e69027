import type { Kind } from '@/core/units';
import { type Verdict, verdictOf } from './verdict';

/** Figures and names that the wording of a finding needs; figures in SI. */
export type Params = Readonly<Record<string, number | string>>;

/** Outcome of one check. */
export interface Checked<Code extends string = string> {
  readonly code: Code;
  readonly verdict: Verdict;
  /** The input or link that it speaks of, as a path from the root of what was checked. */
  readonly path: string;
  readonly kind: Kind;
  readonly value: number;
  readonly limit: number;
  /**
   * What is there over what is needed: 1 and above holds; below 0 for a motor that cannot start. Remedies are
   * ranked by it.
   */
  readonly margin: number;
  readonly params: Params;
  /** Tells outcomes of one check apart: the axis, cut or direction that it is about. */
  readonly about?: string;
  /** Key of the worksheet line that shows the working. */
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
  readonly about?: string;
  readonly line?: string;
  readonly params?: Params;
}

const outcome = <Code extends string>(
  { code, path, kind, have, need, about, line, params = {} }: Comparison<Code>,
  verdict: Verdict,
  margin: number,
): Checked<Code> => ({
  code,
  path,
  kind,
  value: have,
  limit: need,
  verdict,
  margin,
  params,
  ...(about === undefined ? {} : { about }),
  ...(line === undefined ? {} : { line }),
});

/** Whether an outcome rests on figures. One that does not is no verdict but a fault of ours. */
export const hasNumbers = ({ value, limit }: Pick<Checked, 'value' | 'limit'>): boolean =>
  Number.isFinite(value) && Number.isFinite(limit);

/** A check that asks for at least so much. */
export const atLeast = <const Code extends string>(c: Comparison<Code>): Checked<Code> =>
  outcome(c, verdictOf(c.have, c.need), c.need > 0 ? c.have / c.need : Infinity);

/** A check that allows at most so much: `have` may reach `need`. */
export const atMost = <const Code extends string>(c: Comparison<Code>): Checked<Code> =>
  outcome(c, verdictOf(c.need, c.have), c.have > 0 ? c.need / c.have : Infinity);

/** A limit of comfort that is missed by more than this factor is no matter of comfort; common practice. */
export const COMFORT_ENDS = 3;
/** What costs time or beauty and never the machine: however far it is missed. */
export const NEVER_ENDS = Infinity;

/**
 * A limit of comfort, not of strength: kept by however little, it holds; missed, it is called thin.
 * @param ends the factor from which on it gives out all the same.
 */
export const comfort = <Code extends string>(
  checked: Checked<Code>,
  ends: number = COMFORT_ENDS,
): Checked<Code> => ({
  ...checked,
  verdict: checked.margin >= 1 ? 'holds' : checked.margin * ends < 1 ? 'gives-out' : 'thin',
});

/** Rounding that no limit without an allowance may trip over. */
const ROUNDING = 1e-9;

/** A limit that carries no allowance: kept by however little it holds, missed it is what is given. */
export const exactly = <Code extends string>(
  checked: Checked<Code>,
  missed: Verdict = 'gives-out',
): Checked<Code> => ({ ...checked, verdict: checked.margin >= 1 - ROUNDING ? 'holds' : missed });

/** A sum with links missing can only show that it is too much: short of that nothing is known. */
export const unlessMissing = <Code extends string>(checked: Checked<Code>, missing: number): Checked<Code> =>
  missing > 0 && checked.verdict !== 'gives-out' ? { ...checked, verdict: 'not-known' } : checked;
