import type { ForetoldId } from '@/core/machine';
import { type Decision, decide } from '@/core/metrology';
import type { Kind } from '@/core/units';

/** A result of a trial beside what is good enough, SI. */
export interface TrialFigure {
  readonly id: string;
  readonly of: Kind;
  readonly value: number;
  /** Half of the 95 % interval; null: nobody can say. */
  readonly expanded: number | null;
  readonly good: number | null;
  /** Null where nothing is asked of it. */
  readonly decision: Decision | null;
  /** Which answer of the plan it checks, and of which axis where the trial is of the whole machine. */
  readonly checks: { readonly id: ForetoldId; readonly axis: string } | null;
}

/** What a record comes to. */
export interface TrialResult {
  readonly figures: readonly TrialFigure[];
  /** Looks that were answered with no. */
  readonly refused: readonly string[];
  /** Cells that must still be written down. */
  readonly missing: readonly string[];
  /** What is said besides, by code with its figures. */
  readonly notes: readonly TrialNote[];
  /** Points that are drawn: along, and what was read. */
  readonly series: readonly {
    readonly name: string;
    readonly points: readonly { readonly x: number; readonly y: number }[];
  }[];
}

export interface TrialNote {
  readonly code:
    | 'new-steps'
    | 'plain-ratio'
    | 'over-compensated'
    | 'no-loss-yet'
    | 'lost-at-first'
    | 'whole-steps'
    | 'keep-speed'
    | 'largest-link'
    | 'next-speed'
    | 'watch-longer'
    | 'branches-bent'
    | 'few-places'
    | 'room-unknown';
  readonly values: Readonly<Record<string, number | string>>;
}

interface Made {
  readonly id: string;
  readonly of: Kind;
  readonly value: number;
  readonly expanded: number | null;
  readonly good?: number | null;
  readonly checks?: TrialFigure['checks'];
  readonly byScatter?: boolean;
}

/** A figure with its decision by ISO 14253-1. */
export const trialFigure = ({
  id,
  of,
  value,
  expanded,
  good = null,
  checks = null,
  byScatter = false,
}: Made): TrialFigure => ({
  id,
  of,
  value,
  expanded,
  good,
  decision: good === null ? null : decide(value, expanded ?? Infinity, good, byScatter),
  checks,
});
