import { byWeight } from '@/core/findings';
import type { AnyFinding } from './findings';
import type { MachineContext } from './context';

/** What to do next; wording is made elsewhere. */
export interface NextStep {
  readonly code:
    | 'say-area'
    | 'say-cuts'
    | 'say-accuracy'
    | 'say-ours'
    | 'mend-axis'
    | 'mend-machine'
    | 'plan-structure'
    | 'pick-parts'
    | 'measure'
    | 'fit';
  readonly axisId?: string;
}

/** More inputs that are not given than these, and filling them in comes first. */
const MANY_UNKNOWN = 3;
/** Links of a drive train that an axis names parts for before it counts as picked. */
const FEW_PARTS = 3;

/**
 * The next step in the order of the work: brief, what gives out, structure, what is not known, parts.
 * @param found findings of every scope, as they were gathered.
 */
export function nextStep({ project, reports }: MachineContext, found: readonly AnyFinding[]): NextStep {
  const { brief, axes } = project;
  if (!brief.area.length || !brief.area.width || !brief.area.height) return { code: 'say-area' };
  if (!brief.cuts.length) return { code: 'say-cuts' };
  const worst = [...reports].sort((a, b) => byWeight(a.verdict, b.verdict))[0];
  if (worst?.verdict === 'gives-out') return { code: 'mend-axis', axisId: worst.axisId };
  if (found.some((f) => f.verdict === 'gives-out')) return { code: 'mend-machine' };
  if (!project.structure) return { code: 'plan-structure' };
  if (!brief.accuracy) return { code: 'say-accuracy' };
  const guessed = [...reports].sort((a, b) => b.ours.length - a.ours.length)[0];
  if (guessed?.ours.length) return { code: 'say-ours', axisId: guessed.axisId };
  const unknown = [...reports].sort((a, b) => b.unknowns.length - a.unknowns.length)[0];
  if (unknown && unknown.unknowns.length > MANY_UNKNOWN) return { code: 'measure', axisId: unknown.axisId };
  const unpicked = axes.some((axis) => Object.keys(axis.parts).length < FEW_PARTS);
  return { code: unpicked ? 'pick-parts' : 'fit' };
}
