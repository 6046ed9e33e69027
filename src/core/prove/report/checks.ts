import { defineCheck } from '@/core/checks';
import { atMost, type Checked, exactly, told } from '@/core/findings';
import type { Figure, SheetState, Truing } from '../truing';

const proveCheck = <const Code extends string>(check: {
  readonly code: Code;
  readonly judge: (truing: Truing) => Checked<NoInfer<Code>> | readonly Checked<NoInfer<Code>>[] | undefined;
}) => defineCheck<Code, Truing, string>({ scope: 'machine', ...check });

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
  judge: ({ sheets }) =>
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
  judge: ({ sheets }) =>
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
  judge: ({ sheets }) => {
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
  judge: ({ sheets }) =>
    sheets.flatMap((s) => {
      const [first] = s.state === 'stale' ? [] : (s.last?.result.asked ?? []);
      const point = first && s.last!.result.points[first.index];
      if (!first || !point) return [];
      const params = { ...named(s), place: point.x, off: first.off };
      return [told('true-slip', 'thin', 'rounds', params, s.plan.key)];
    }),
});

/** Checks of truing, in a fixed order. */
export const proveChecks = [out, unsure, stale, asked] as const;
