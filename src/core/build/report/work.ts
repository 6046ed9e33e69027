import type { Project } from '@/core/model';
import { type Assembly, assemblyOf, type Geometry, geometryOf } from '../assembly';
import type { Wall, Zone } from '../calendar';
import { type Tonight, tonightOf, type WorkPlan, workPlan } from '../dates';
import type { BuildContext } from './context';

/** How a machine is put together, and when: what the checks of the work look at. */
export interface WorkContext {
  readonly project: Project;
  readonly today: string;
  readonly assembly: Assembly;
  readonly plan: WorkPlan;
  readonly tonight: Tonight;
}

/** When it is and how the clocks run, for dates. */
export interface Clock {
  readonly now: Wall;
  readonly zone: Zone;
}

/** @param geometry of this machine; left out it is worked out, in some tenths of a second. */
export function workOf(
  { project, lines, plans, today }: Pick<BuildContext, 'project' | 'lines' | 'plans' | 'today'>,
  { now, zone }: Clock,
  geometry: Geometry = geometryOf(project),
): WorkContext {
  const assembly = assemblyOf(project, geometry);
  const input = { project, lines, plans, today, now, zone };
  const plan = workPlan(assembly, input);
  return { project, today, assembly, plan, tonight: tonightOf(assembly, plan, input) };
}
