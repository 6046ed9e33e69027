import type { changesPlan, dayRevision } from '@/core/changes';
import { capsAt, type Edit, type Project } from '@/core/model';
import { freshId, type Session } from '@/session';
import { newNames } from '@/words';
import { todayIso } from './today';

interface Changes {
  readonly changesPlan: typeof changesPlan;
  readonly dayRevision: typeof dayRevision;
}

let changes: Changes | null = null;

/** Fetches what packs a plan, so that it is there when the first change comes. */
export async function readyForDays(): Promise<void> {
  changes = await import('@/core/changes');
}

/** A change, and when it is made. */
interface Step {
  readonly before: Project;
  readonly after: Project;
  readonly now: Date;
}

/** States with which a day ended and that are not kept yet, because what packs them was still on its way. */
const owed = new WeakMap<Session, Project>();

/**
 * With the first change of the plan on a day the plan with which the last one ended is kept: so every change
 * can be told in words later, day by day. What was only just opened is packed a moment later.
 */
export function endOfDay(session: Session, { before, after, now }: Step): readonly Edit[] {
  const earlier = todayIso(new Date(before.changed)) < todayIso(now);
  if (earlier && !owed.has(session)) owed.set(session, before);
  const ended = owed.get(session);
  if (!ended || !changes?.changesPlan(before, after)) return [];
  owed.delete(session);
  const day = todayIso(new Date(ended.changed));
  const stamp = { id: freshId(), at: ended.changed, name: newNames.dayPlan(day) };
  const { revisions } = after;
  return changes.dayRevision({ ...ended, revisions }, stamp, capsAt('revisions')!.max);
}
