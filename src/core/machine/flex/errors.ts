import type { Project } from '@/core/model';
import { type CutLoad, worstCut } from '../whole/cuts';
import type { AxisReport } from '../report';
import { type FlexReport, type WayId, ways } from './report';

/**
 * One cause of error at the tool, m; null where it is not known. `from`: the axis it comes from, where it is
 * one.
 */
export interface ErrorShare {
  readonly id: 'lost-motion' | 'lead' | 'wind-up' | 'flex' | 'heat' | 'squareness' | 'sag';
  readonly value: number | null;
  readonly axisId: string | null;
}

/** Errors in one direction, and how they add up. */
export interface ErrorBudget {
  readonly way: WayId;
  readonly axisId: string | null;
  readonly shares: readonly ErrorShare[];
  /** Root of the sum of squares: causes that know nothing of one another. */
  readonly likely: number;
  /** All in one direction at once. */
  readonly worst: number;
  readonly allowed: number | null;
  /** Causes that are not known; while there are any the sums are bounds. */
  readonly missing: number;
}

/** Shares of the compliance that are the drives'. */
const drives = new Set(['drive', 'base-drive', 'plunge-drive']);

const figure = (report: AxisReport | undefined, id: string) =>
  report?.figures.find((f) => f.id === id)?.value ?? null;

/**
 * Errors at the tool by direction. Lead error and growth are over the whole travel, the flex is that of the
 * worst cut at the
 * softest place, the sag what it differs over the area; squareness tilts the long way over the width.
 * @param flex null where there is no structure: flex and sag are then not known.
 */
export function errorBudgets(
  project: Project,
  reports: readonly AxisReport[],
  cuts: readonly CutLoad[],
  flex: FlexReport | null,
): ErrorBudget[] {
  const roleOf: Record<WayId, readonly string[]> = { x: ['bed', 'table'], y: ['gantry'], z: ['plunge'] };
  return ways.map((way): ErrorBudget => {
    const axis = project.axes.find((a) => roleOf[way].includes(a.role));
    const report = axis && reports.find((r) => r.axisId === axis.id);
    const soft = flex?.softest[way];
    const force =
      axis && axis.demands.cuttingFrom === 'typed'
        ? axis.demands.cuttingForce.si
        : worstCut({ role: way === 'z' ? 'plunge' : 'gantry' }, cuts).force;
    const driveShare = soft
      ? soft.budget.filter((s) => drives.has(s.id)).reduce((sum, s) => sum + s.value, 0)
      : null;
    const shares: ErrorShare[] = [
      {
        id: 'lost-motion',
        value: report && !report.lostMotion.missing.length ? report.lostMotion.value : null,
        axisId: axis?.id ?? null,
      },
      { id: 'lead', value: figure(report, 'lead-error'), axisId: axis?.id ?? null },
      {
        id: 'wind-up',
        value: driveShare === null ? (report ? force / report.stiffness.value : null) : force * driveShare,
        axisId: axis?.id ?? null,
      },
      { id: 'flex', value: soft ? force * (1 / soft.stiffness - driveShare!) : null, axisId: null },
      { id: 'heat', value: figure(report, 'heat-growth'), axisId: axis?.id ?? null },
      ...(way === 'x'
        ? [
            {
              id: 'squareness' as const,
              value: project.brief.squareness
                ? project.brief.squareness.si *
                  (project.axes.find((a) => a.role === 'gantry')?.demands.travel.si ?? 0)
                : null,
              axisId: null,
            },
          ]
        : []),
      ...(way === 'z' ? [{ id: 'sag' as const, value: flex ? flex.sag.spread : null, axisId: null }] : []),
    ];
    const known = shares.flatMap((s) => s.value ?? []);
    return {
      way,
      axisId: axis?.id ?? null,
      shares,
      likely: Math.sqrt(known.reduce((s, v) => s + v * v, 0)),
      worst: known.reduce((s, v) => s + Math.abs(v), 0),
      allowed: project.brief.accuracy?.si ?? null,
      missing: shares.length - known.length,
    };
  });
}
