import { type AnyCheck, type Finding, findingsOf, judge } from '@/core/checks';
import { type BuildFinding, isBuildCode } from '@/core/build';
import type { Project } from '@/core/model';
import { type Truing, truingOf } from '../truing';
import { proveChecks } from './checks';

export type ProveCode = (typeof proveChecks)[number]['code'];
const codes = new Set<string>(proveChecks.map((c) => c.code));
/** Whether a finding is one of truing and proof: no change of the plan mends it. */
export const isProveCode = (code: string): code is ProveCode => codes.has(code);

export type ProveFinding = Finding<ProveCode>;

/** Findings of the work at the machine, which no change of the plan mends. */
export type WorkFinding = BuildFinding | ProveFinding;
/** Whether a finding is one of them. */
export const isWorkCode = (code: string): code is WorkFinding['code'] =>
  isBuildCode(code) || isProveCode(code);

const all: readonly AnyCheck<Truing, ProveCode>[] = proveChecks;

/** What is found wrong with what was trued, the worst first; nothing before anybody has begun. */
export const proveFindings = (truing: Truing): readonly ProveFinding[] =>
  findingsOf(
    {
      checks: all,
      subject: truing,
      outcomes: judge(all, truing),
      change: () => undefined,
      stored: (edits) => edits,
      root: '',
      axisId: null,
      most: 0,
    },
    false,
  );

/** A figure of a sheet for the published report, SI. */
export interface ProveFigure {
  readonly id: string;
  readonly value: number;
  readonly expanded: number;
  readonly good: number | null;
  readonly verdict: string;
}

/** What was trued, for terminal and service. */
export interface ProveSummary {
  readonly next: string | null;
  readonly sheets: readonly {
    readonly key: string;
    readonly axisId: string | null;
    readonly state: string;
    readonly verdict: string;
    readonly rounds: number;
    readonly readings: number;
    readonly figures: readonly ProveFigure[];
  }[];
  readonly findings: readonly ProveFinding[];
}

export function proveSummary(project: Project): ProveSummary {
  const truing = truingOf(project);
  return {
    next: truing.next,
    sheets: truing.sheets.map(({ plan, state, verdict, rounds, last }) => ({
      key: plan.key,
      axisId: plan.axis,
      state,
      verdict,
      rounds: rounds.length,
      readings: rounds.reduce((s, r) => s + r.round.readings.length, 0),
      figures: (last?.result.figures ?? []).map((f) => ({
        id: f.id,
        value: f.value,
        expanded: f.expanded,
        good: f.good,
        verdict: f.decision.verdict,
      })),
    })),
    findings: proveFindings(truing),
  };
}
