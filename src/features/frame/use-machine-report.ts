'use client';

import { useMemo, useState } from 'react';
import { worstVerdict } from '@/core/findings';
import { type AxisReport, axisReport, type MachineReport } from '@/core/machine';
import type { Axis, Project } from '@/core/model';

/**
 * The report of the open machine. An axis that an edit left alone is the same object, so its report is kept:
 * a keystroke pays for one axis.
 */
export function useMachineReport(project: Project): MachineReport {
  const [kept] = useState(() => new WeakMap<Axis, AxisReport>());
  return useMemo(() => {
    const axes = project.axes.map((axis) => {
      const report = kept.get(axis) ?? axisReport(axis);
      kept.set(axis, report);
      return report;
    });
    return { id: project.id, name: project.name, verdict: worstVerdict(axes.map((a) => a.verdict)), axes };
  }, [project, kept]);
}
