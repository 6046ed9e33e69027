import { byWeight, type Checked, hasNumbers, severity, type Verdict, worstVerdict } from '@/core/findings';
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

/**
 * Least gain in margin, relative, for which a change is worth the work that leaves the verdict where it was.
 * One that mends its check is worth it by however little.
 */
const LEAST_GAIN = 0.1;
/**
 * Least share of what is lacking, as a logarithm, that such a change must take away: a tenth more of what is
 * short by a thousandfold is no help.
 */
const LEAST_SHARE = 0.02;
/** Figures that differ by less read alike: they are shown with three digits. */
const READ_ALIKE = 0.005;

const readsAlike = (a: number, b: number) =>
  Math.abs(a - b) <= READ_ALIKE * Math.max(Math.abs(a), Math.abs(b));

/** Whether what is lacking shrinks by a share that is worth naming; of what cannot be had at all, any. */
const nearer = (found: Checked, again: Checked) =>
  !(found.margin > 0 && found.margin < 1) ||
  Math.log(again.margin) > (1 - LEAST_SHARE) * Math.log(found.margin);

/** Whether a change helps its own check: it turns the verdict, or betters it by what is seen. */
function helps(found: Checked, again: Checked | undefined): boolean {
  if (!again) return true;
  const by = severity[again.verdict] - severity[found.verdict];
  if (by !== 0) return by < 0 && again.margin > found.margin;
  // What is not known is mended by saying it: bettering the part that is known changes nothing.
  if (found.verdict === 'not-known') return false;
  const seen = !readsAlike(found.value, again.value) || !readsAlike(found.limit, again.limit);
  const gained = again.margin > found.margin + LEAST_GAIN * Math.abs(found.margin);
  return seen && gained && nearer(found, again);
}

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

const givesOut = <Code extends string>(outcomes: readonly Checked<Code>[]) =>
  outcomes.filter((c) => c.verdict === 'gives-out');

const verdictOfAll = (outcomes: readonly Checked[]): Verdict => worstVerdict(outcomes.map((c) => c.verdict));

/** How the subject stands before anything is tried, worked out once for all that is. */
interface Before<Code extends string> {
  readonly verdict: Verdict;
  readonly broken: readonly Checked<Code>[];
  readonly aside: readonly string[];
}

function beforeOf<Subject, Code extends string>(bench: Bench<Subject, Code>): Before<Code> {
  const { outcomes, aside, subject } = bench;
  return {
    verdict: verdictOfAll(outcomes),
    broken: givesOut(outcomes),
    aside: aside?.(subject) ?? [],
  };
}

/** A candidate that helps its own check, before the others were asked. */
interface Probe<Subject> {
  readonly candidate: Candidate;
  readonly changed: Subject;
  readonly verdict: Verdict;
  /** Of the finding's own check, with the change made. */
  readonly margin: number;
  readonly becomes: number | null;
  readonly resigned: boolean;
  readonly reach: number | null;
}

/** A candidate that helps, with what it does to all the others. */
interface Tried<Subject> extends Probe<Subject> {
  readonly wholeVerdict: Verdict;
  readonly breaks: readonly string[];
}

/**
 * Makes one candidate's change and asks its own check; undefined where it cannot be made or does not help.
 */
function probe<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  check: AnyCheck<Subject, Code>,
  found: Checked<Code>,
  candidate: Candidate,
): Probe<Subject> | undefined {
  if (!candidate.edits.length || !withinRanges(candidate.edits, bench.root)) return undefined;
  const changed = bench.change(bench.subject, candidate.edits);
  if (changed === undefined) return undefined;
  const again = judgedBy(check, changed).find((c) => alike(c, found));
  if (again && !hasNumbers(again)) return undefined;
  const verdict = again?.verdict ?? 'holds';
  const margin = again?.margin ?? Infinity;
  if (!helps(found, again)) return undefined;
  return {
    candidate,
    changed,
    verdict,
    margin,
    becomes: again?.value ?? null,
    resigned: candidate.resigned ?? false,
    reach: bench.reach ? bench.reach.of(changed) : null,
  };
}

/** Asks all the other checks; undefined where the whole would be worse than before. */
function tried<Subject, Code extends string>(
  { checks, aside }: Bench<Subject, Code>,
  before: Before<Code>,
  one: Probe<Subject>,
): Tried<Subject> | undefined {
  const after = judge(checks, one.changed);
  const wholeVerdict = verdictOfAll(after);
  if (severity[wholeVerdict] > severity[before.verdict]) return undefined;
  const broken = givesOut(after).filter((c) => !before.broken.some((b) => alike(b, c)));
  const fallen = (aside?.(one.changed) ?? []).filter((code) => !before.aside.includes(code));
  return { ...one, wholeVerdict, breaks: [...new Set([...broken.map((c) => c.code), ...fallen])] };
}

/** Their difference; two infinities are alike. */
const compared = (a: number, b: number) => (a === b ? 0 : a - b);

/** What is no mere wish for less first, mended before helped. */
const byRank = <Subject>(a: Probe<Subject>, b: Probe<Subject>): number =>
  Number(a.resigned) - Number(b.resigned) || byWeight(b.verdict, a.verdict);

/**
 * What the whole then reaches (or, where that has no meaning, how far the finding is mended), fewest changes.
 */
function byReach(asked: number) {
  const reached = <Subject>({ reach, margin }: Probe<Subject>) =>
    reach === null ? margin : Math.min(reach, asked);
  return <Subject>(a: Probe<Subject>, b: Probe<Subject>): number =>
    compared(reached(b), reached(a)) || a.candidate.edits.length - b.candidate.edits.length;
}

/**
 * Order of the ways out: by rank, without breaking another check, the whole before the one check, by reach.
 */
const byWorth =
  (asked: number) =>
  <Subject>(a: Tried<Subject>, b: Tried<Subject>): number =>
    byRank(a, b) ||
    a.breaks.length - b.breaks.length ||
    byWeight(b.wholeVerdict, a.wholeVerdict) ||
    byReach(asked)(a, b);

/** Candidates of one kind: of them only the best is offered. */
const kindOf = ({ code, params: { axis = '', change = '' } }: Candidate) => `${code} ${change} ${axis}`;

/**
 * The best of the candidates of one kind. Asking all checks is the dear part, so they are asked in the order
 * of what is known, and no further once nothing that is left can be better.
 */
function bestOfKind<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  before: Before<Code>,
  probes: readonly Probe<Subject>[],
  asked: number,
): Tried<Subject> | undefined {
  const inTurn = [...probes].sort((a, b) => byRank(a, b) || byReach(asked)(a, b));
  let best: Tried<Subject> | undefined;
  for (const one of inTurn) {
    if (best && byRank(best, one) < 0) break;
    if (best && best.breaks.length === 0 && best.wholeVerdict === 'holds') break;
    const next = tried(bench, before, one);
    if (next && (!best || byWorth(asked)(next, best) < 0)) best = next;
  }
  return best;
}

/** The best remedies for one outcome, one of each kind, so that the builder sees different ways out. */
function remediesFor<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  before: Before<Code>,
  found: Checked<Code>,
): Remedy[] {
  const check = bench.checks.find((c) => c.code === found.code);
  if (!check?.candidates) return [];
  const asked = bench.reach?.asked ?? 0;
  const kinds = new Map<string, Probe<Subject>[]>();
  for (const candidate of check.candidates(bench.subject, found)) {
    const one = probe(bench, check, found, candidate);
    if (!one) continue;
    const kind = kindOf(candidate);
    const list = kinds.get(kind);
    if (list) list.push(one);
    else kinds.set(kind, [one]);
  }
  return [...kinds.values()]
    .flatMap((probes) => bestOfKind(bench, before, probes, asked) ?? [])
    .sort(byWorth(asked))
    .slice(0, bench.most)
    .map(({ candidate, becomes, verdict, wholeVerdict, breaks, reach }): Remedy => ({
      code: candidate.code,
      params: candidate.params,
      edits: bench.stored(candidate.edits),
      becomes,
      verdict,
      wholeVerdict,
      breaks,
      reach,
    }));
}

/** A value that is worked out when it is first asked for, and kept. */
export function lazily<T>(work: () => T): () => T {
  let done: { readonly value: T } | undefined;
  return () => (done ??= { value: work() }).value;
}

/**
 * Findings out of the outcomes that do not hold, the worst first, each with its remedies. Nothing is tried
 * before somebody looks at the remedies of a finding: most are never opened, and a keystroke must not wait
 * for them.
 * @param withRemedies false: nothing is tried at all (comparing variants does not ask for remedies).
 */
export function findingsOf<Subject, Code extends string>(
  bench: Bench<Subject, Code>,
  withRemedies: boolean,
): Finding<Code>[] {
  const before = lazily(() => beforeOf(bench));
  return bench.outcomes
    .filter((c) => c.verdict !== 'holds' && hasNumbers(c))
    .sort((a, b) => byWeight(a.verdict, b.verdict) || a.margin - b.margin)
    .map((found): Finding<Code> => {
      const { margin: _margin, ...rest } = found;
      const remedies = lazily(() => (withRemedies ? remediesFor(bench, before(), found) : []));
      return {
        ...rest,
        path: bench.root + found.path,
        axisId: bench.axisId,
        get remedies() {
          return remedies();
        },
      };
    });
}

/** The verdict of all outcomes: the worst of what is known; what is not known does not hide a verdict. */
export const wholeVerdict = verdictOfAll;
