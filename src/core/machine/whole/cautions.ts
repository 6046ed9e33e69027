import type { Project } from '@/core/model';
import type { AxisReport } from '../report';
import { massReport } from './masses';

/** A caution where it belongs; wording is the feature's. Each defers to local codes and licensed practice. */
export interface Caution {
  readonly code: 'lifting' | 'falling-axis' | 'plasma' | 'spindle' | 'mains' | 'pinch';
  readonly params: Readonly<Record<string, number | string>>;
}

/**
 * One person lifts up to this, kg (ISO 11228-1: 25 kg for the reference mass of adult men; less for others).
 */
export const LIFT = 25;

/** Dangers that this machine brings with it. */
export function cautionsOf(project: Project, reports: readonly AxisReport[]): Caution[] {
  const { brief } = project;
  const masses = massReport(project);
  const heavy = [...masses.axes.flatMap((a) => a.bodies), ...masses.standBodies]
    .filter((b) => b.mass > LIFT)
    .sort((a, b) => b.mass - a.mass)[0];
  const beam = masses.axes
    .flatMap((a) => a.bodies)
    .filter((b) => b.from === 'structure')
    .reduce((s, b) => s + b.mass, 0);
  const falls = project.axes.find((a) => a.demands.inclination.si > 0.2);
  const drops = reports.some((r) => r.findings.some((f) => f.code === 'drops'));
  const plasma = brief.work === 'plasma' || brief.cuts.some((c) => c.kind === 'plasma');
  return [
    ...(heavy
      ? [{ code: 'lifting' as const, params: { name: heavy.name, mass: heavy.mass } }]
      : beam > LIFT
        ? [{ code: 'lifting' as const, params: { name: 'the gantry', mass: beam } }]
        : []),
    ...(falls ? [{ code: 'falling-axis' as const, params: { axis: falls.name, drops: drops ? 1 : 0 } }] : []),
    ...(plasma ? [{ code: 'plasma' as const, params: {} }] : []),
    ...(brief.spindle || brief.cuts.some((c) => c.kind === 'mill')
      ? [{ code: 'spindle' as const, params: {} }]
      : []),
    { code: 'pinch', params: {} },
    { code: 'mains', params: {} },
  ];
}
