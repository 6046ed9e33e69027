import type { Params } from '@/core/findings';
import type { MachineContext } from './context';

/**
 * A caution where it belongs; wording is made elsewhere. Each defers to local codes and licensed practice.
 */
export interface Caution {
  readonly code:
    'lifting' | 'lifting-gantry' | 'falling-axis' | 'plasma' | 'spindle' | 'spindle-belt' | 'mains' | 'pinch';
  readonly params: Params;
}

/**
 * One person lifts up to this, kg (ISO 11228-1: 25 kg for the reference mass of adult men; less for others).
 */
const LIFT = 25;
/** An axis that leans by more may run down by itself, rad: about 11°. */
const LEANS = 0.2;

/**
 * The heaviest body that one person should not lift, or the gantry where its members together are too heavy.
 */
function lifting({ masses, project }: MachineContext): Caution[] {
  const { arrangement } = project.brief;
  const moving = masses.axes.flatMap((a) => a.bodies);
  const [heaviest] = [...moving, ...masses.standBodies].sort((a, b) => b.mass - a.mass);
  if (heaviest && heaviest.mass > LIFT)
    return [
      {
        code: 'lifting',
        params: { name: heaviest.name, from: heaviest.from, mass: heaviest.mass, arrangement },
      },
    ];
  const members = moving.filter((b) => b.from === 'structure').reduce((s, b) => s + b.mass, 0);
  return members > LIFT ? [{ code: 'lifting-gantry', params: { mass: members, arrangement } }] : [];
}

/** Dangers that this machine brings with it. */
export function cautionsOf(context: MachineContext): Caution[] {
  const { project, reports } = context;
  const { brief, axes } = project;
  const found = lifting(context);
  const falls = axes.find((a) => a.demands.inclination.si > LEANS);
  const drops = reports.some((r) => r.findings.some((f) => f.code === 'drops'));
  if (falls) found.push({ code: 'falling-axis', params: { axis: falls.name, drops: drops ? 1 : 0 } });
  if (brief.work === 'plasma' || brief.cuts.some((c) => c.kind === 'plasma'))
    found.push({ code: 'plasma', params: {} });
  if (brief.spindle || brief.cuts.some((c) => c.kind === 'mill')) found.push({ code: 'spindle', params: {} });
  if (brief.spindle?.belt) found.push({ code: 'spindle-belt', params: {} });
  return [...found, { code: 'pinch', params: {} }, { code: 'mains', params: {} }];
}
