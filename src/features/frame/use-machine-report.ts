'use client';

import { useMemo, useState } from 'react';
import {
  assemble,
  type AxisReport,
  axisReport,
  cutLoads,
  effectiveAxis,
  type FlexReport,
  type Improvement,
  loadsAlike,
  type MachineReport,
} from '@/core/machine';
import type { Axis, Project } from '@/core/model';

/** The axes of the open machine as it loads them, each with its report. */
export interface AxisReports {
  readonly effective: readonly Axis[];
  readonly axes: readonly AxisReport[];
}

/** The report of the open machine, and its axes as the machine loads them. */
export type OpenReport = MachineReport & AxisReports;

/**
 * Reports of all axes. An axis that an edit left alone, and that the rest of the machine loads as before,
 * keeps its report: a
 * keystroke pays for the axes that feel it.
 */
export function useAxisReports(project: Project): AxisReports {
  const [kept] = useState(
    () => new WeakMap<Axis, { readonly effective: Axis; readonly report: AxisReport }>(),
  );
  return useMemo(() => {
    const loads = cutLoads(project.brief);
    const all = project.axes.map((axis) => {
      const now = effectiveAxis(project, axis, loads);
      const before = kept.get(axis);
      if (before && loadsAlike(before.effective, now)) return before;
      const made = { effective: now, report: axisReport(now) };
      kept.set(axis, made);
      return made;
    });
    return { effective: all.map((a) => a.effective), axes: all.map((a) => a.report) };
  }, [project, kept]);
}

const NONE: readonly Improvement[] = [];

/**
 * The report of the open machine. @param flex the frame, where it is at hand. @param changes to the frame
 * that were solved, as remedies.
 */
export function useMachineReport(
  project: Project,
  flex: FlexReport | null,
  changes: readonly Improvement[] = NONE,
): OpenReport {
  const { effective, axes } = useAxisReports(project);
  return useMemo(
    () => ({ ...assemble(project, axes, flex, true, changes), effective, axes }),
    [project, axes, effective, flex, changes],
  );
}
