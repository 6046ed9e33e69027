import type { Axis, Project } from '@/core/model';
import { type AxisPlace, type AxisReport, axisReport, type ReportOptions } from '../axis';
import type { CutLoad, MassReport } from '../demand';
import { loadedAxis, loadsAlike, toStored } from './loaded-axis';

/** An axis as the machine loads it, with its report. */
export interface LoadedReport {
  readonly loaded: Axis;
  readonly report: AxisReport;
}

/** Where an axis stands in its machine. @param stored the axis as it is stored. */
export function placeOf(stored: Axis, index: number): AxisPlace {
  const root = `axes.${index}.`;
  return {
    root,
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

/** A report that was made before, and the place in the list at which its axis stood then. */
export type KeptReport = LoadedReport & { readonly index: number };

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
    const before = memory?.get(axis);
    if (before && before.index === index && loadsAlike(before.loaded, loaded)) return before;
    const made = { index, loaded, report: axisReport(loaded, options, placeOf(axis, index)) };
    memory?.set(axis, made);
    return made;
  });
}
