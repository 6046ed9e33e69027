import { cutLoads } from '@/core/machine';
import type { Brief, Job } from '@/core/model';
import { ACCURACY_SHARE, type PlanFigures } from './figures';
import { jobProfiles } from './jobs';

/** A kind of work that a machine is too soft for. SI. */
export interface TooSoft {
  readonly job: Job;
  /** Stiffness that the work usually wants at the tool, N/m. */
  readonly wants: number;
}

/** Work that is milled, light first. */
const milledJobs = ['slab', 'board', 'plastic', 'aluminium', 'steel'] as const satisfies readonly Job[];

/**
 * What a job usually wants at the tool: the low end of what is usual for it, or what keeps its usual cut
 * within its usual accuracy, whichever is more.
 */
function wantedBy(job: Job, brief: Brief): number {
  const { cut, accuracy, stiffness } = jobProfiles[job];
  const [load] = cutLoads({ ...brief, cuts: [cut()] });
  const force = load ? Math.max(load.along, load.across) : 0;
  return Math.max(stiffness[0], force / (ACCURACY_SHARE * accuracy));
}

/**
 * Kinds of milling that a plan is too soft for, the least hard first; none where nothing is milled.
 * @param stiffness at the tool where it is softest, N/m.
 */
export function tooSoftFor(
  { stiffness, depth }: Pick<PlanFigures, 'stiffness' | 'depth'>,
  brief: Brief,
): TooSoft[] {
  if (depth === null) return [];
  return milledJobs
    .map((job) => ({ job, wants: wantedBy(job, brief) }))
    .filter(({ wants }) => wants > stiffness)
    .sort((a, b) => a.wants - b.wants);
}
