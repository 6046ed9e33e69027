import { keptRevision, packedPlan, planOf, returnEdits } from '@/core/changes';
import { untouched } from '@/core/machine';
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

/** What the plan that stood before is called as one that is kept. */
export const BEFORE = 'As it was before a plan was opened';

/** Whether something stands that opening a plan would take the place of, and that is not kept yet. */
const isBegun = ({ axes, structure, revisions, ...rest }: Project): boolean => {
  if (structure === null && axes.every(untouched)) return false;
  const last = revisions.at(-1);
  return last?.plan !== packedPlan({ axes, structure, revisions, ...rest });
};

/**
 * Opens a plan as the machine; all plans of that answer are kept beside it by their names, and before them
 * the plan that stood there, so that none is lost, as far as there is room for them.
 * @param stamps of as many as there are plans, and one more.
 */
export function adoptEdits(
  project: Project,
  plans: readonly Plan[],
  place: number,
  stamps: readonly Stamp[],
): readonly Edit[] {
  const most = capsAt('revisions')!.max;
  const named = [
    ...(isBegun(project) ? [{ name: BEFORE, whole: project }] : []),
    ...plans.map((plan, i) => ({
      name: planName(plan, i),
      whole: { ...project, ...planOf(plan.project) },
    })),
  ];
  const kept = named.reduce<Project['revisions']>((revisions, { name, whole }, i) => {
    if (revisions.length >= most) return revisions;
    const edit = keptRevision({ ...whole, revisions }, { ...stamps[i]!, name, by: 'variant' });
    return edit.value as unknown as Project['revisions'];
  }, project.revisions);
  return [...returnEdits(planOf(plans[place]!.project)), put('revisions', kept)];
}
