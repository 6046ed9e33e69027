import { keptRevision, packedPlan, type Plan, planIn, planOf, returnEdits, type Stamp } from '@/core/changes';
import { capsAt, type Edit, type Pin, type Project, put, type Revision } from '@/core/model';

/** So many plans are kept at most, variants and those that are looked back at together. */
const most = (): number => capsAt('revisions')!.max;

/** How many more plans there is room for. */
export const roomForPlans = ({ revisions }: Pick<Project, 'revisions'>): number => most() - revisions.length;

/** Puts the present plan by as a variant. */
export const putBy = (project: Project, stamp: Stamp & { readonly note?: string }): Edit =>
  keptRevision(project, { ...stamp, by: 'variant' });

/** A plan that is kept already, and is the same as this one. */
export function keptAlike(project: Project): Revision | undefined {
  const packed = packedPlan(project);
  return project.revisions.find((r) => r.plan === packed);
}

/**
 * Makes a variant the plan. The plan that stood is put by before, unless it is kept as it is: none is lost.
 * @param stamp what that one is called.
 * @returns nothing where there is no room for the plan that stood.
 */
export function adoptedEdits(project: Project, plan: Plan, stamp: Stamp): readonly Edit[] | undefined {
  const back = returnEdits(plan);
  if (keptAlike(project)) return back;
  return roomForPlans(project) > 0 ? [putBy(project, stamp), ...back] : undefined;
}

/** Whether a plan could be read again once it was kept: it breaks no rule and is not too large. */
const readsAgain = (project: Project, plan: Plan): boolean =>
  planIn({ plan: packedPlan({ ...project, ...plan }) }) !== null;

/** Holds a plan beside the present one. Undefined where it could not be read again: it is never written. */
export const heldEdit = (project: Project, plan: Plan, stamp: Stamp): Edit | undefined =>
  readsAgain(project, plan) ? putBy({ ...project, ...plan }, stamp) : undefined;

/** Puts another plan in the place of that of a variant. Undefined where it could not be read again. */
export const replannedEdit = (project: Project, id: string, plan: Plan): Edit | undefined =>
  readsAgain(project, plan)
    ? put(
        'revisions',
        project.revisions.map((r) =>
          r.id === id ? { ...r, plan: packedPlan({ ...project, ...plan }) } : r,
        ) as Project['revisions'],
      )
    : undefined;

/**
 * The plan with an axis as it was put by; what it rides on stays as it is. Undefined where the axis is gone.
 */
export function planWithPin(project: Project, { axisId, axis }: Pin): Plan | undefined {
  const at = project.axes.findIndex((a) => a.id === axisId);
  const now = project.axes[at];
  if (!now) return undefined;
  const axes = project.axes.with(at, { ...axis, id: now.id, carriedBy: now.carriedBy });
  return planOf({ ...project, axes });
}

/** A variant as a machine: with what was built and read of the present one left out of it. */
export const variantProject = (project: Project, plan: Plan): Project => ({
  ...project,
  ...plan,
  revisions: [],
  log: [],
});

/**
 * The plan of a side: a kept one by its id, the present one where the id is empty; null: it cannot be read.
 */
export function planOfSide(project: Project, id: string): Plan | null {
  if (id === '') return planOf(project);
  const kept = project.revisions.find((r) => r.id === id);
  return kept ? planIn(kept) : null;
}
