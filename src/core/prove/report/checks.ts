import { defineCheck } from '@/core/checks';
import { atMost, type Checked, exactly, told } from '@/core/findings';
import type { HeldRow } from '../held';
import type { TrialFigure, Trials, TrialState } from '../trial';
import type { Figure, SheetState, Truing } from '../truing';

/** What was trued, tried and measured of a machine. */
export interface Proving {
  readonly truing: Truing;
  readonly trials: Trials;
  /** Answers of the plan beside what was measured of them; those that were measured are enough. */
  readonly held: readonly HeldRow[];
}

const proveCheck = <const Code extends string>(check: {
  readonly code: Code;
  readonly judge: (
    proving: Proving,
  ) => Checked<NoInfer<Code>> | readonly Checked<NoInfer<Code>>[] | undefined;
}) => defineCheck<Code, Proving, string>({ scope: 'machine', ...check });

/** A sheet for the wording. */
const named = ({ plan, axisName }: SheetState) => ({ sheet: plan.key, axis: axisName });

/** The worst of a sheet's figures that say a verdict. */
function worstFigure({ last }: SheetState, verdict: Figure['decision']['verdict']): Figure | undefined {
  const said = last?.result.figures.filter((f) => f.good !== null && f.decision.verdict === verdict) ?? [];
  return said.reduce<Figure | undefined>(
    (worst, f) => (!worst || Math.abs(f.value) / f.good! > Math.abs(worst.value) / worst.good! ? f : worst),
    undefined,
  );
}

/** Trued, and proved to be out of what is good enough. */
const out = proveCheck({
  code: 'true-out',
  judge: ({ truing: { sheets } }) =>
    sheets.flatMap((s) => {
      const figure = s.state === 'done' ? worstFigure(s, 'gives-out') : undefined;
      if (!figure) return [];
      return [
        exactly(
          atMost({
            code: 'true-out',
            path: 'rounds',
            kind: figure.of,
            have: Math.abs(figure.value),
            need: figure.good!,
            params: { ...named(s), figure: figure.id, expanded: figure.expanded },
            about: s.plan.key,
          }),
        ),
      ];
    }),
});

/** Read, and it cannot be said: the doubt of the reading reaches over the limit. */
const unsure = proveCheck({
  code: 'true-unsure',
  judge: ({ truing: { sheets } }) =>
    sheets.flatMap((s) => {
      const figure =
        s.state === 'done' && s.verdict === 'not-known' ? worstFigure(s, 'not-known') : undefined;
      if (!figure) return [];
      return [
        told(
          'true-unsure',
          'not-known',
          'rounds',
          {
            ...named(s),
            figure: figure.id,
            of: figure.of,
            value: Math.abs(figure.value),
            expanded: figure.expanded,
            good: figure.good!,
            want: figure.decision.want,
          },
          s.plan.key,
        ),
      ];
    }),
});

/** Readings that no longer hold: what they stand on was moved since. */
const stale = proveCheck({
  code: 'true-stale',
  judge: ({ truing: { sheets } }) => {
    const found = sheets.filter((s) => s.state === 'stale');
    const [first] = found;
    if (!first) return undefined;
    return told('true-stale', 'thin', 'happenings', {
      ...named(first),
      sheets: JSON.stringify(found.map((s) => s.plan.key)),
      axes: JSON.stringify(found.map((s) => s.axisName)),
      count: found.length,
      why: first.stale!.why,
      node: first.stale!.happening?.node ?? '',
      what: first.stale!.happening?.what ?? '',
      at: first.stale!.happening?.at ?? '',
    });
  },
});

/** Readings that stand off their neighbours: asked about, never left out. */
const asked = proveCheck({
  code: 'true-slip',
  judge: ({ truing: { sheets } }) =>
    sheets.flatMap((s) => {
      const [first] = s.state === 'stale' ? [] : (s.last?.result.asked ?? []);
      const point = first && s.last!.result.points[first.index];
      if (!first || !point) return [];
      const params = { ...named(s), place: point.x, off: first.off };
      return [told('true-slip', 'thin', 'rounds', params, s.plan.key)];
    }),
});

/** A trial for the wording. */
const trialNamed = ({ plan, axisName }: TrialState) => ({ trial: plan.key, axis: axisName });

/** The worst of a trial's figures that say a verdict. */
function worstOf({ last }: TrialState, verdict: 'gives-out' | 'not-known'): TrialFigure | undefined {
  const said = last?.result.figures.filter((f) => f.decision?.verdict === verdict) ?? [];
  return said.reduce<TrialFigure | undefined>(
    (worst, f) => (!worst || Math.abs(f.value) / f.good! > Math.abs(worst.value) / worst.good! ? f : worst),
    undefined,
  );
}

/** Tried, and it failed: a look that was refused, or a figure beyond its limit. */
const failed = proveCheck({
  code: 'trial-failed',
  judge: ({ trials: { trials } }) =>
    trials.flatMap((t) => {
      if (t.standing !== 'failed') return [];
      const params = { ...trialNamed(t), refused: JSON.stringify(t.last!.result.refused) };
      const figure = worstOf(t, 'gives-out');
      if (!figure)
        return [told('trial-failed', 'gives-out', 'trials', { ...params, figure: '' }, t.plan.key)];
      return [
        exactly(
          atMost({
            code: 'trial-failed',
            path: 'trials',
            kind: figure.of,
            have: Math.abs(figure.value),
            need: figure.good!,
            params: { ...params, figure: figure.id, expanded: figure.expanded ?? 0 },
            about: t.plan.key,
          }),
        ),
      ];
    }),
});

/** Proved once, and what it was read on was moved since. */
const staleTrial = proveCheck({
  code: 'trial-stale',
  judge: ({ trials: { trials } }) => {
    const found = trials.filter((t) => t.standing === 'stale');
    const [first] = found;
    if (!first) return undefined;
    const { node, what, at } = first.stale!;
    return told('trial-stale', 'thin', 'happenings', {
      trials: JSON.stringify(found.map((t) => t.plan.key)),
      axes: JSON.stringify(found.map((t) => t.axisName)),
      count: found.length,
      node,
      what,
      at,
    });
  },
});

/** The plan said one thing, the machine does another, and both doubts together do not reach across. */
const apart = proveCheck({
  code: 'proof-apart',
  judge: ({ held }) =>
    held.flatMap((row) => {
      const { measured, foretold, id, kind, axisName, axis, doubt } = row;
      if (row.verdict !== 'apart' || !measured || foretold === null || row.taken) return [];
      const params = {
        id,
        axis: axisName,
        trial: measured.trial,
        kind,
        foretold,
        doubt,
        measured: measured.value,
        expanded: measured.expanded,
        apart: row.apart ?? 0,
      };
      return [told('proof-apart', 'thin', 'trials', params, `${id}:${axis}`)];
    }),
});

/** Proofs were begun on an axis that has not come through first motion. */
const notSlow = proveCheck({
  code: 'not-tried-slow',
  judge: ({ trials: { trials } }) => {
    // What was tried once and went stale is told as that.
    const untried = new Set(trials.flatMap((t) => (t.standing === 'stale' ? [] : [t.plan.key])));
    const waitsOf = (t: TrialState) => t.waits.filter((k) => untried.has(k));
    const early = trials.filter((t) => t.plan.stage === 'proof' && t.records.length && waitsOf(t).length);
    const [first] = early;
    if (!first) return undefined;
    const waits = new Set(early.flatMap(waitsOf));
    const [next] = trials.filter((t) => waits.has(t.plan.key));
    return told('not-tried-slow', 'thin', 'trials', {
      ...trialNamed(first),
      count: waits.size,
      next: next?.plan.key ?? '',
      nextAxis: next?.axisName ?? '',
    });
  },
});

/** Checks of truing and proof, in a fixed order. */
export const proveChecks = [out, unsure, stale, asked, failed, staleTrial, apart, notSlow] as const;
