import { type Remedy, type Verdict, worstVerdict } from '@/core/findings';
import { applyEdits, axisIssues } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { analyse, type Analysis } from './analysis';
import { type Checked, runCheck, runChecks } from './checks';
import { type Candidate, candidatesFor } from './remedies';

/** Highest rapid that no rung forbids. */
export const axisSpeed = (analysis: Analysis): number =>
  Math.min(...analysis.rungs.filter((r) => r.wish === 'rapid').map((r) => r.limit));

/** The worst of what is known; what is not known is said beside it and does not hide a verdict. */
export const axisVerdict = (checked: readonly Checked[]): Verdict =>
  worstVerdict(checked.map((c) => c.verdict));

const badness: Record<Verdict, number> = { holds: 0, 'not-known': 1, thin: 2, 'gives-out': 3 };

/** Most remedies shown for one finding. */
const OFFERED = 5;

/** Puts a candidate through the model; undefined where it breaks a rule or does not help. */
function evaluate(
  candidate: Candidate,
  analysis: Analysis,
  found: Checked,
  before: readonly Checked[],
  now: Verdict,
): Remedy | undefined {
  const axis = applyEdits(analysis.axis, candidate.edits);
  if (axisIssues(axis).length) return undefined;
  const then = analyse(axis, silentWorksheet);
  const again = runCheck(found.code, then, silentWorksheet);
  const verdict = again?.verdict ?? 'holds';
  const margin = again?.margin ?? Infinity;
  if (margin <= found.margin + 0.02 * Math.abs(found.margin) || badness[verdict] > badness[found.verdict])
    return undefined;
  const checked = runChecks(then, silentWorksheet);
  const after = axisVerdict(checked);
  if (badness[after] > badness[now]) return undefined;
  const breaks = checked
    .filter(
      (c) => c.verdict === 'gives-out' && !before.some((b) => b.code === c.code && b.verdict === 'gives-out'),
    )
    .map((c) => c.code);
  return {
    code: candidate.code,
    params: candidate.params,
    edits: candidate.edits,
    becomes: again?.value ?? null,
    verdict,
    axisVerdict: after,
    breaks,
    axisSpeed: axisSpeed(then),
  };
}

/**
 * The best remedies for a finding: mended before helped, without breaking another check, whole axis before
 * the one check, what the axis then reaches, fewest changes. One of each kind, so that the builder sees
 * different ways out.
 */
export function remediesFor(analysis: Analysis, found: Checked, before: readonly Checked[]): Remedy[] {
  const asked = analysis.axis.demands.rapid.si;
  const now = axisVerdict(before);
  const tried = candidatesFor(analysis, found).flatMap(
    (c) => evaluate(c, analysis, found, before, now) ?? [],
  );
  // To wish for less always mends the check, so it would always come first: it stands last instead.
  const resigned = (r: Remedy) => (r.code === 'ask-less' ? 1 : 0);
  tried.sort(
    (a, b) =>
      resigned(a) - resigned(b) ||
      badness[a.verdict] - badness[b.verdict] ||
      a.breaks.length - b.breaks.length ||
      badness[a.axisVerdict] - badness[b.axisVerdict] ||
      Math.min(b.axisSpeed, asked) - Math.min(a.axisSpeed, asked) ||
      a.edits.length - b.edits.length,
  );
  const offered: Remedy[] = [];
  for (const remedy of tried)
    if (offered.length < OFFERED && !offered.some((o) => o.code === remedy.code)) offered.push(remedy);
  return offered;
}
