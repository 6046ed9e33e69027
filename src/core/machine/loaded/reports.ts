import type { Axis, Project } from '@/core/model';
import { type AxisPlace, type AxisReport, axisReport, metByPlates, type ReportOptions } from '../axis';
import type { CutLoad, MassReport } from '../demand';
import { loadedAxis, loadsAlike, toStored } from './loaded-axis';

/** An axis as the machine loads it, with its report. */
export interface LoadedReport {
  readonly loaded: Axis;
  readonly report: AxisReport;
}

/**
 * Where an axis stands in its machine. @param stored the axis as it is stored. @param axes of the machine.
 */
export function placeOf(stored: Axis, index: number, axes: readonly Axis[]): AxisPlace {
  const root = `axes.${index}.`;
  return {
    root,
    others: metByPlates(stored, axes),
    stored: (edits) => toStored(edits, stored).map((edit) => ({ ...edit, path: root + edit.path })),
  };
}

/**
 * Reports that were made before, by the stored axis. An axis that an edit left alone, and that the rest of
 * the machine loads as before, keeps its report: a keystroke pays for the axes that feel it. Owned by the
 * caller.
 */
export interface ReportMemory {
  readonly get: (axis: Axis) => KeptReport | undefined;
  readonly set: (axis: Axis, kept: KeptReport) => unknown;
}

/** A report that was made before: at which place its axis stood then, and who lay on its plates. */
export type KeptReport = LoadedReport & { readonly index: number; readonly others: readonly Axis[] };

/** An axis of a machine looked at by itself: with its own paths, and whoever lies on its plates. */
export const amongAxes = (axis: Axis, axes: readonly Axis[]): AxisPlace => ({
  root: '',
  stored: (edits) => edits,
  others: metByPlates(axis, axes),
});

const alike = (a: readonly Axis[], b: readonly Axis[]) =>
  a.length === b.length && a.every((axis, i) => axis === b[i]);

/** Reports of all axes of a machine. @param memory of the caller; what is new is noted in it. */
export function loadedReports(
  project: Project,
  cuts: readonly CutLoad[],
  masses: MassReport,
  options: ReportOptions = {},
  memory?: ReportMemory,
): LoadedReport[] {
  return project.axes.map((axis, index) => {
    const loaded = loadedAxis(axis, masses.axes[index]!, cuts);
    const place = placeOf(axis, index, project.axes);
    const { others } = place;
    const before = memory?.get(axis);
    const same = before?.index === index && alike(before.others, others);
    if (before && same && loadsAlike(before.loaded, loaded)) return before;
    const made = { index, others, loaded, report: axisReport(loaded, options, place) };
    memory?.set(axis, made);
    return made;
  });
}
