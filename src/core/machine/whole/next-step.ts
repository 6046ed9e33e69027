import { byWeight } from '@/core/findings';
import type { Project } from '@/core/model';
import type { AxisReport } from '../report';
import type { MachineFinding } from './findings';

/** What to do next; wording is the feature's. */
export interface NextStep {
  readonly code:
    | 'say-area'
    | 'say-cuts'
    | 'say-accuracy'
    | 'mend-axis'
    | 'mend-machine'
    | 'plan-structure'
    | 'pick-parts'
    | 'measure'
    | 'fit';
  readonly axisId?: string;
}

/** The next step in the order of the work: brief, what gives out, structure, what is not known, parts. */
export function nextStep(
  project: Project,
  reports: readonly AxisReport[],
  findings: readonly MachineFinding[],
): NextStep {
  const { brief } = project;
  if (!brief.area.length || !brief.area.width) return { code: 'say-area' };
  if (!brief.cuts.length) return { code: 'say-cuts' };
  const worst = [...reports].sort((a, b) => byWeight(a.verdict, b.verdict))[0];
  if (worst?.verdict === 'gives-out') return { code: 'mend-axis', axisId: worst.axisId };
  if (findings.some((f) => f.verdict === 'gives-out')) return { code: 'mend-machine' };
  if (!project.structure) return { code: 'plan-structure' };
  if (!brief.accuracy) return { code: 'say-accuracy' };
  const unknown = [...reports].sort((a, b) => b.unknowns.length - a.unknowns.length)[0];
  if (unknown && unknown.unknowns.length > 3) return { code: 'measure', axisId: unknown.axisId };
  return reports.some((_, i) => Object.keys(project.axes[i]!.parts).length < 3)
    ? { code: 'pick-parts' }
    : { code: 'fit' };
}
