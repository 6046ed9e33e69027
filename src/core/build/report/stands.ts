import type { Verdict } from '@/core/findings';
import { machineReport, type NextStep } from '@/core/machine';
import { type Project, projectIssues } from '@/core/model';
import { buildContext } from './context';

/** Where a machine stands, in a line. */
export interface Stands {
  /** Null where it breaks a rule: nothing is worked out of it. */
  readonly verdict: Verdict | null;
  readonly guessed: boolean;
  readonly axes: readonly {
    readonly id: string;
    readonly name: string;
    readonly verdict: Verdict;
    readonly guessed: boolean;
  }[];
  /** What its list costs as far as prices are known, and what it may cost. */
  readonly cost: number;
  /** Whether something on it has no price. */
  readonly more: boolean;
  readonly budget: number | null;
  readonly next: NextStep | null;
}

/**
 * Where a machine stands: its report with the frame, without ways out, and its list. @param today ISO day.
 */
export function standsOf(project: Project, today: string): Stands {
  const { axes, brief } = project;
  if (projectIssues(project).length)
    return { verdict: null, guessed: false, axes: [], cost: 0, more: true, budget: brief.budget, next: null };
  const report = machineReport(project, { flex: 'figures', remedies: false });
  const { money } = buildContext(project, report.axes, today);
  return {
    verdict: report.verdict,
    guessed: report.ours.length > 0,
    axes: report.axes.map(({ axisId, verdict, ours }, i) => ({
      id: axisId,
      name: axes[i]!.name,
      verdict,
      guessed: ours.length > 0,
    })),
    cost: money.total,
    more: money.unpriced.unknown > 0,
    budget: brief.budget,
    next: report.next,
  };
}
