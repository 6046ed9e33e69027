import type { Checked, Params } from '@/core/findings';
import type { Edit } from '@/core/model';

/** A change worth putting through the model; it is offered only if it helps. Paths as the check's own. */
export interface Candidate<Code extends string = string> {
  readonly code: Code;
  readonly params: Params;
  readonly edits: readonly Edit[];
  /** To wish for less always mends a check, so it stands last. */
  readonly resigned?: boolean;
}

/** What a check speaks of: one axis, or the machine as a whole. */
export type Scope = 'axis' | 'machine';

/**
 * One check: what it says of a subject, and what may be tried against what it finds. All that a station adds
 * to the findings of a machine is a list of these.
 */
export interface Check<Code extends string, Subject, RemedyCode extends string = string> {
  readonly code: Code;
  readonly scope: Scope;
  /** Nothing: the check has nothing to say of this subject. Several outcomes are told apart by `about`. */
  readonly judge: (
    subject: Subject,
  ) => Checked<NoInfer<Code>> | readonly Checked<NoInfer<Code>>[] | undefined;
  /** What is worth trying, best guesses first; the engine tries them through the model. */
  readonly candidates?: (subject: Subject, found: Checked<NoInfer<Code>>) => readonly Candidate<RemedyCode>[];
}

/**
 * Defines a check; the code becomes part of its type, so that a word that is missing for it does not compile.
 */
export const defineCheck = <const Code extends string, Subject, RemedyCode extends string>(
  check: Check<Code, Subject, RemedyCode>,
): Check<Code, Subject, RemedyCode> => check;

/** A check of any code, as a list of them holds it. */
export type AnyCheck<Subject, Code extends string = string> = {
  readonly code: Code;
  readonly scope: Scope;
  readonly judge: (subject: Subject) => Checked<Code> | readonly Checked<Code>[] | undefined;
  // A method, so that checks of single codes may stand in one list.
  candidates?(subject: Subject, found: Checked<Code>): readonly Candidate[];
};

const isList = <T>(value: T | readonly T[]): value is readonly T[] => Array.isArray(value);

/** The outcomes of one check. */
export function judgedBy<Subject, Code extends string>(
  check: AnyCheck<Subject, Code>,
  subject: Subject,
): readonly Checked<Code>[] {
  const found = check.judge(subject);
  if (found === undefined) return [];
  return isList(found) ? found : [found];
}

/** The outcomes of all checks, in the order of the list. */
export function judge<Subject, Code extends string>(
  checks: readonly AnyCheck<Subject, Code>[],
  subject: Subject,
): Checked<Code>[] {
  // A plain loop: remedies judge dozens of times for one report, and most checks say one thing or none.
  const outcomes: Checked<Code>[] = [];
  for (const check of checks) {
    const found = check.judge(subject);
    if (found === undefined) continue;
    if (!isList(found)) outcomes.push(found);
    else for (const one of found) outcomes.push(one);
  }
  return outcomes;
}
