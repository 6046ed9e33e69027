import { keptRevision, planOf, returnEdits } from '@/core/changes';
import { capsAt, type Edit, type Project, put } from '@/core/model';
import type { Plan } from '@/core/plan';
import { planKindNames } from '@/words';

/** Letters of the plans, by their places. */
export const LETTERS = 'ABC';

/** What a plan is called as one that is kept. */
export const planName = (plan: Plan, place: number): string =>
  `Plan ${LETTERS.charAt(place)}: ${planKindNames[plan.kind].toLowerCase()}`;

interface Stamp {
  readonly id: string;
  readonly at: string;
}

/**
 * Opens a plan as the machine; all plans of that answer are kept beside it by their names, so that none is
 * lost, as far as there is room for them.
 */
export function adoptEdits(
  project: Project,
  plans: readonly Plan[],
  place: number,
  stamps: readonly Stamp[],
): readonly Edit[] {
  const most = capsAt('revisions')!.max;
  const kept = plans.reduce<Project['revisions']>((revisions, plan, i) => {
    if (revisions.length >= most) return revisions;
    const stamp = { ...stamps[i]!, name: planName(plan, i), note: '' };
    const whole = { ...project, ...planOf(plan.project), revisions };
    return keptRevision(whole, stamp).value as unknown as Project['revisions'];
  }, project.revisions);
  return [...returnEdits(planOf(plans[place]!.project)), put('revisions', kept)];
}
