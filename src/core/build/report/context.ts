import type { AxisReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { linesOf, type ListLine, type MoneyReport, moneyOf } from '../list';
import { type Need, needsOf } from '../needs';
import { barNeeds, fromBars, sawingPlan, type SectionPlan } from '../sawing';

/** All that is known of how a machine is got and sawn, before anything is judged. */
export interface BuildContext {
  readonly project: Project;
  /** `2026-11-27`. */
  readonly today: string;
  readonly needs: readonly Need[];
  readonly plans: readonly SectionPlan[];
  readonly lines: readonly ListLine[];
  readonly money: MoneyReport;
}

/** Everything that stands on the list: what the model asks, and bars to saw it out of. */
export const listOf = (
  project: Project,
  needs: readonly Need[],
  plans: readonly SectionPlan[],
): readonly ListLine[] => linesOf(project, [...needs, ...barNeeds(project, plans)], fromBars(project, plans));

/**
 * Works out the build of a machine. Cutting and basket may take some tenths of a second for large sets.
 * @param reports of the axes, in their order. @param today `2026-11-27`.
 */
export const buildContext = (project: Project, reports: readonly AxisReport[], today: string): BuildContext =>
  buildOf(project, needsOf({ project, reports }), today);

/** The same out of needs that are at hand: plain data, as it goes to a worker. */
export function buildOf(project: Project, needs: readonly Need[], today: string): BuildContext {
  const plans = sawingPlan(project, needs);
  const lines = listOf(project, needs, plans);
  return { project, today, needs, plans, lines, money: moneyOf(project, lines, today) };
}
