import type { Project } from '@/core/model';
import { firstPlans } from './first';
import { type Ground, groundsOf } from './ground';
import { wholePlans } from './pieces';
import { axisPlans } from './proofs';
import type { TrialPlan } from './trial';

/** Every trial of a machine in its order: first motion, proofs of the axes, proofs of the whole. */
export function trialPlans(
  project: Project,
  grounds: readonly Ground[] = groundsOf(project),
): readonly TrialPlan[] {
  const first = firstPlans(project, grounds);
  return [...first, ...axisPlans(grounds, first), ...wholePlans(project, grounds, first)];
}
