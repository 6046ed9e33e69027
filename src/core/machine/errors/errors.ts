import type { Axis, Project } from '@/core/model';
import { type AxisReport, MAP_LEAVES } from '../axis';
import { type CutLoad, worstCut } from '../demand';
import { type FrameSummary, type WayId, ways } from '../frame';

/** Every cause of error at the tool. */
export type ErrorId = 'lost-motion' | 'lead' | 'wind-up' | 'flex' | 'heat' | 'squareness' | 'sag';

/**
 * One cause of error at the tool, m; null where it is not known. `axisId`: the axis it comes from, where it
 * is one.
 */
export interface ErrorShare {
  readonly id: ErrorId;
  readonly value: number | null;
  /** What of it setting steps per unit by measuring takes away, or would: 0 where it takes nothing. */
  readonly taken: number;
  /** Whether that was done, so that `value` is what stays. */
  readonly calibrated: boolean;
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
  /** `likely`, were steps per unit of the axis set by measuring. */
  readonly calibrated: number;
  readonly allowed: number | null;
  /** Causes that are not known; while there are any the sums are bounds. */
  readonly missing: number;
  /** Inputs, by their paths, without which a cause that is counted is only a bound. */
  readonly bounds: readonly string[];
}

/** What the budgets read of an axis: part of its report. */
export interface AxisErrors extends Pick<AxisReport, 'axisId'> {
  readonly figures: readonly { readonly id: string; readonly value: number }[];
  readonly lostMotion: Pick<AxisReport['lostMotion'], 'value' | 'missing'>;
  readonly stiffness: Pick<AxisReport['stiffness'], 'value' | 'missing'>;
}

const figure = (report: AxisErrors | undefined, id: string) =>
  report?.figures.find((f) => f.id === id)?.value ?? null;

/** Roles of the axes that move the tool in a direction. */
const roleOf: Record<WayId, readonly string[]> = { x: ['bed', 'table'], y: ['gantry'], z: ['plunge'] };

/** What the whole budget is made from. */
interface Causes {
  readonly project: Pick<Project, 'axes' | 'brief'>;
  readonly reports: readonly AxisErrors[];
  readonly cuts: readonly CutLoad[];
  readonly frame: FrameSummary | null;
}

/** Squareness tilts the long way over the width of the gantry axis. */
function squarenessOf({ project: { brief, axes } }: Causes): number | null {
  if (!brief.squareness) return null;
  return brief.squareness.si * (axes.find((a) => a.role === 'gantry')?.demands.travel.si ?? 0);
}

/** Pitch error as the axis is calibrated, and what calibration takes away. */
function pitchOf(report: AxisErrors | undefined, axis: Project['axes'][number] | undefined) {
  const whole = figure(report, 'lead-error');
  const even = figure(report, 'lead-left');
  if (whole === null || even === null || !axis) return { value: null, taken: 0, calibrated: false };
  const { calibration } = axis.controller;
  const left = calibration === 'map' ? MAP_LEAVES * even : even;
  const calibrated = calibration !== 'none';
  return { value: calibrated ? left : whole, taken: whole - left, calibrated };
}

const rootOfSquares = (values: readonly number[]) => Math.sqrt(values.reduce((s, v) => s + v * v, 0));

/**
 * What a drive train alone puts into the error along its axis: lost motion, pitch as it is calibrated, wind-
 * up under the force of its cuts, growth by heat; m.
 * @param axis as the machine loads it.
 * @returns with how many causes and links of it are not known: it is then a bound.
 */
export function trainError(
  report: AxisErrors,
  axis: Axis,
): { readonly value: number; readonly missing: number } {
  const { lostMotion, stiffness } = report;
  const causes = [
    lostMotion.value,
    axis.demands.cuttingForce.si / stiffness.value,
    pitchOf(report, axis).value,
    figure(report, 'heat-growth'),
  ];
  const known = causes.filter((v) => v !== null);
  const links = new Set([...lostMotion.missing, ...stiffness.missing]);
  return { value: rootOfSquares(known), missing: links.size + causes.length - known.length };
}

function sharesOf(causes: Causes, way: WayId, axis: Project['axes'][number] | undefined): ErrorShare[] {
  const { reports, cuts, frame } = causes;
  const report = axis && reports.find((r) => r.axisId === axis.id);
  const axisId = axis?.id ?? null;
  const own = axis && (axis.demands.cuttingFrom === 'typed' || !cuts.length);
  const typed = own ? axis.demands.cuttingForce.si : undefined;
  const force = typed ?? worstCut({ role: way === 'z' ? 'plunge' : 'gantry' }, cuts).force;
  const soft = frame?.soft[way];
  const lost = report && !report.lostMotion.missing.length ? report.lostMotion.value : null;
  // Without a frame the drive's own stiffness still says how far it winds up.
  const windUp = soft ? force * soft.drive : report ? force / report.stiffness.value : null;
  const share = (id: ErrorId, value: number | null, of: string | null = axisId): ErrorShare => ({
    id,
    value,
    taken: 0,
    calibrated: false,
    axisId: of,
  });
  const shares: ErrorShare[] = [
    share('lost-motion', lost),
    { ...share('lead', null), ...pitchOf(report, axis) },
    share('wind-up', windUp),
    share('flex', soft ? force * Math.max(0, soft.compliance - soft.drive) : null, null),
    share('heat', figure(report, 'heat-growth')),
  ];
  if (way === 'x') shares.push(share('squareness', squarenessOf(causes), null));
  if (way === 'z') shares.push(share('sag', frame ? frame.sag.spread : null, null));
  return shares;
}

/** What makes counted causes bounds: what the frame lacks, and the train of the axis. */
function boundsOf({ project, reports, frame }: Causes, axis: Project['axes'][number] | undefined): string[] {
  const i = axis ? project.axes.indexOf(axis) : -1;
  const train = axis && reports.find((r) => r.axisId === axis.id)?.stiffness.missing;
  return [...new Set([...(frame?.missing ?? []), ...(train ?? []).map((path) => `axes.${i}.${path}`)])];
}

/**
 * Errors at the tool by direction. Lead error and growth are over the whole travel, the flex is that of the
 * worst cut at the softest place, the sag what it differs over the area.
 * @param frame null where there is no structure: flex and sag are then not known.
 */
export function errorBudgets(
  project: Pick<Project, 'axes' | 'brief'>,
  reports: readonly AxisErrors[],
  cuts: readonly CutLoad[],
  frame: FrameSummary | null,
): ErrorBudget[] {
  const causes = { project, reports, cuts, frame };
  return ways.map((way): ErrorBudget => {
    const axis = project.axes.find((a) => roleOf[way].includes(a.role));
    const shares = sharesOf(causes, way, axis);
    const known = shares.flatMap((s) => s.value ?? []);
    return {
      way,
      axisId: axis?.id ?? null,
      shares,
      likely: rootOfSquares(known),
      calibrated: rootOfSquares(
        shares.flatMap((s) => (s.value === null ? [] : s.calibrated ? s.value : s.value - s.taken)),
      ),
      worst: known.reduce((s, v) => s + Math.abs(v), 0),
      allowed: project.brief.accuracy?.si ?? null,
      missing: shares.length - known.length,
      bounds: boundsOf(causes, axis),
    };
  });
}
