import { worstVerdict } from '@/core/findings';
import type { MachineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { machineHref, type SheetTab } from '@/features/frame';

/** Stands where an axis would in the address: the machine as a whole. No axis has it, for ids of axes are made of other letters. */
export const WHOLE = 'whole';

/** The axes as tabs, and the whole machine behind them. */
export const sizeTabs = (project: Project, report: MachineReport, current: string): SheetTab[] => [
  ...project.axes.map((axis, i) => ({ id: axis.id, title: axis.name, note: axis.letter, href: machineHref('size', project.id, axis.id), here: axis.id === current, verdict: report.axes[i]!.verdict })),
  { id: WHOLE, title: 'Whole machine', note: '', href: machineHref('size', project.id, WHOLE), here: current === WHOLE, verdict: worstVerdict(report.findings.length ? report.findings.map((f) => f.verdict) : ['holds']) },
];
