import { byWeight, type Checked, severity, type Verdict, worstVerdict } from '@/core/findings';
import { brokenRule, capsAt, type Edit, fieldRuleAt, isMeasure, MOST_TYPED } from '@/core/model';
import { type AnyCheck, type Candidate, judge, judgedBy } from './check';
import type { Finding, Remedy } from './finding';

/**
 * What the engine needs to find and to try: the checks of one scope, a subject, and how the subject changes.
 */
export interface Bench<Subject, Code extends string> {
  readonly checks: readonly AnyCheck<Subject, Code>[];
  readonly subject: Subject;
  /** Outcomes of all checks of the subject as it stands. */
  readonly outcomes: readonly Checked<Code>[];
  /** The subject with edits made; undefined where a rule refuses them. */
  readonly change: (subject: Subject, edits: readonly Edit[]) => Subject | undefined;
  /** The edits as they apply to the stored machine, their paths leading from its root. */
  readonly stored: (edits: readonly Edit[]) => readonly Edit[];
  /** Path of the subject from the root, with its point: `axes.0.`; empty for the machine itself. */
  readonly root: string;
  /** The axis that the subject is; null for the machine as a whole. */
  readonly axisId: string | null;
  /** What else gives out in a subject, by code, beside the checks themselves. */
  readonly aside?: (subject: Subject) => readonly string[];
  /**
   * How far a subject reaches (m/s), and how much of that is asked for: of two ways out the farther one
   * counts.
   */
  readonly reach?: { readonly of: (subject: Subject) => number; readonly asked: number };
  /** Most remedies that are offered for one finding. */
  readonly most: number;
}

/** Least gain in margin, relative, for which a change is worth the work. */
const LEAST_GAIN = 0.02;

/** Whether every value that is set lies in the range of its input, and every list in its length. */
function withinRanges(edits: readonly Edit[], root: string): boolean {
  return edits.every(({ path, value }) => {
    const caps = Array.isArray(value) ? capsAt(root + path) : undefined;
    if (caps && Array.isArray(value) && (value.length > caps.max || value.length < caps.min)) return false;
    if (!isMeasure(value)) return true;
    const rule = fieldRuleAt(path);
    return rule !== undefined && !brokenRule(rule, value.si) && value.typed.length <= MOST_TYPED;
  });
}

/** Two outcomes of one check about the same thing. */
const alike = (a: Checked, b: Checked) => a.code === b.code && a.about === b.about;

const givesOut = (outcomes: readonly Checked[]) => outcomes.filter((c) => c.verdict === 'gives-out');

const verdictOfAll = (outcomes: readonly Checked[]): Verdict => worstVerdict(outcomes.map((c) => c.verdict));

interface Tried {
  readonly remedy: Remedy;
  /** Of the finding's own check, with the change made. */
  readonly margin: number;
  readonly resigned: boolean;
}

/** Puts one candidate through the model; undefined where it cannot be made or does not help. */
function attempt<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  check: AnyCheck<Subject, Code>,
  found: Checked<Code>,
  candidate: Candidate,
): Tried | undefined {
  const { checks, outcomes, subject, aside, reach } = bench;
  if (!candidate.edits.length || !withinRanges(candidate.edits, bench.root)) return undefined;
  const changed = bench.change(subject, candidate.edits);
  if (changed === undefined) return undefined;
  const again = judgedBy(check, changed).find((c) => alike(c, found));
  const verdict = again?.verdict ?? 'holds';
  const margin = again?.margin ?? Infinity;
  if (!(margin > found.margin + LEAST_GAIN * Math.abs(found.margin))) return undefined;
  if (severity[verdict] > severity[found.verdict]) return undefined;
  // Most candidates end above: only what helps its own check is put through all of them.
  const after = judge(checks, changed);
  const wholeVerdict = verdictOfAll(after);
  if (severity[wholeVerdict] > severity[verdictOfAll(outcomes)]) return undefined;
  const before = givesOut(outcomes);
  const broken = givesOut(after).filter((c) => !before.some((b) => alike(b, c)));
  const had = aside?.(subject) ?? [];
  const fallen = (aside?.(changed) ?? []).filter((code) => !had.includes(code));
  const remedy: Remedy = {
    code: candidate.code,
    params: candidate.params,
    edits: bench.stored(candidate.edits),
    becomes: again?.value ?? null,
    verdict,
    wholeVerdict,
    breaks: [...new Set([...broken.map((c) => c.code), ...fallen])],
    reach: reach ? reach.of(changed) : null,
  };
  return { remedy, margin, resigned: candidate.resigned ?? false };
}

/** Their difference; two infinities are alike. */
const compared = (a: number, b: number) => (a === b ? 0 : a - b);

/**
 * Order of the ways out: what is no mere wish for less, mended before helped, without breaking another check,
 * the whole before the one check, what the whole then reaches (or, where that has no meaning, how far the
 * finding is mended), fewest changes.
 */
function byWorth(asked: number) {
  const reached = ({ remedy, margin }: Tried) =>
    remedy.reach === null ? margin : Math.min(remedy.reach, asked);
  return (a: Tried, b: Tried): number =>
    Number(a.resigned) - Number(b.resigned) ||
    byWeight(b.remedy.verdict, a.remedy.verdict) ||
    a.remedy.breaks.length - b.remedy.breaks.length ||
    byWeight(b.remedy.wholeVerdict, a.remedy.wholeVerdict) ||
    compared(reached(b), reached(a)) ||
    a.remedy.edits.length - b.remedy.edits.length;
}

const ofOneKind = (a: Remedy, b: Remedy) => a.code === b.code && a.params.axis === b.params.axis;

/** The best remedies for one outcome, one of each kind, so that the builder sees different ways out. */
function remediesFor<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  found: Checked<Code>,
): Remedy[] {
  const check = bench.checks.find((c) => c.code === found.code);
  if (!check?.candidates) return [];
  const tried = check
    .candidates(bench.subject, found)
    .flatMap((candidate) => attempt(bench, check, found, candidate) ?? []);
  tried.sort(byWorth(bench.reach?.asked ?? 0));
  const offered: Remedy[] = [];
  for (const { remedy } of tried)
    if (offered.length < bench.most && !offered.some((o) => ofOneKind(o, remedy))) offered.push(remedy);
  return offered;
}

/**
 * Findings out of the outcomes that do not hold, the worst first, each with its remedies.
 * @param withRemedies false: nothing is tried (comparing variants does not ask for remedies).
 */
export function findingsOf<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  withRemedies: boolean,
): Finding<Code>[] {
  return bench.outcomes
    .filter((c) => c.verdict !== 'holds')
    .sort((a, b) => byWeight(a.verdict, b.verdict) || a.margin - b.margin)
    .map((found): Finding<Code> => {
      const { margin: _margin, ...rest } = found;
      const remedies = withRemedies ? remediesFor(bench, found) : [];
      return { ...rest, path: bench.root + found.path, axisId: bench.axisId, remedies };
    });
}

/** The verdict of all outcomes: the worst of what is known; what is not known does not hide a verdict. */
export const wholeVerdict = verdictOfAll;
