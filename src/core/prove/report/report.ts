import { type AnyCheck, type Finding, findingsOf, judge } from '@/core/checks';
import { type BuildFinding, isBuildCode } from '@/core/build';
import { isLogCode, type LogFinding } from '@/core/log';
import type { Project } from '@/core/model';
import { type HeldRow, heldRows, type Setting, settingsOf } from '../held';
import { firstKinds, trialsOf } from '../trial';
import { truingOf } from '../truing';
import { proveChecks, type Proving } from './checks';

export type ProveCode = (typeof proveChecks)[number]['code'];
const codes = new Set<string>(proveChecks.map((c) => c.code));
/** Whether a finding is one of truing and proof: no change of the plan mends it. */
export const isProveCode = (code: string): code is ProveCode => codes.has(code);

export type ProveFinding = Finding<ProveCode>;

/** Where a finding of truing and proof is told in full: which view, and which sheet or trial of it. */
export function provePlace({ code, about, params }: Pick<ProveFinding, 'code' | 'about' | 'params'>): {
  readonly view: 'truing' | 'first' | 'proof' | 'held';
  readonly of: string | null;
} {
  if (code === 'proof-apart') return { view: 'held', of: null };
  const trial = code === 'not-tried-slow' ? String(params.next) : about;
  if (code === 'trial-failed' || code === 'not-tried-slow') {
    const first = (firstKinds as readonly string[]).includes(trial?.split(':')[0] ?? '');
    return { view: first ? 'first' : 'proof', of: trial ?? null };
  }
  return code === 'trial-stale' ? { view: 'proof', of: null } : { view: 'truing', of: about ?? null };
}

/** Findings of the work at the machine, which no change of the plan mends. */
export type WorkFinding = BuildFinding | ProveFinding | LogFinding;
/** Whether a finding is one of them. */
export const isWorkCode = (code: string): code is WorkFinding['code'] =>
  isBuildCode(code) || isProveCode(code) || isLogCode(code);

const all: readonly AnyCheck<Proving, ProveCode>[] = proveChecks;

/** What is found wrong with what was trued and proved, the worst first; nothing before anybody has begun. */
export const proveFindings = (proving: Proving): readonly ProveFinding[] =>
  findingsOf(
    {
      checks: all,
      subject: proving,
      outcomes: judge(all, proving),
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

/** A trial with what its last record came to. */
export interface ProveTrial {
  readonly key: string;
  readonly axisId: string | null;
  readonly standing: string;
  readonly records: number;
  readonly due: string | null;
  readonly figures: readonly {
    readonly id: string;
    readonly kind: string;
    readonly value: number;
    readonly expanded: number | null;
    readonly good: number | null;
    readonly verdict: string | null;
  }[];
}

/** What was trued and proved, for terminal and service. */
export interface ProveSummary {
  /** Whether it is of a machine to practise on: then its readings are made up. */
  readonly practice: boolean;
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
  readonly trials: readonly ProveTrial[];
  /** Answers of the plan that were measured, beside what they were foretold to be. */
  readonly held: readonly Omit<HeldRow, 'sways'>[];
  readonly settings: readonly Setting[];
  readonly findings: readonly ProveFinding[];
}

/** All that is known of how a machine was trued and proved: some tens of milliseconds an axis measured. */
export function provingOf(project: Project): Proving {
  const trials = trialsOf(project);
  return { truing: truingOf(project), trials, held: heldRows(project, trials, 'measured') };
}

export function proveSummary(project: Project): ProveSummary {
  const proving = provingOf(project);
  const { truing, trials, held } = proving;
  return {
    practice: project.practice !== null,
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
    trials: trials.trials.map(({ plan, standing, records, due, last }) => ({
      key: plan.key,
      axisId: plan.axis,
      standing,
      records: records.length,
      due,
      figures: (last?.result.figures ?? []).map((f) => ({
        id: f.id,
        kind: f.of,
        value: f.value,
        expanded: f.expanded,
        good: f.good,
        verdict: f.decision?.verdict ?? null,
      })),
    })),
    held: held.map(({ sways: _sways, ...row }) => row),
    settings: settingsOf(project, trials),
    findings: proveFindings(proving),
  };
}
