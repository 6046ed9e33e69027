import type { Project } from '@/core/model';
import { type Difference, differencesOf, type Value } from './differences';
import { type Conflict, type Merged, merged, settled } from './merge';

/** Two copies of a machine, and the last state that both had, where that is known. */
export interface Meeting {
  readonly base: Project | undefined;
  readonly mine: Project;
  readonly theirs: Project;
}

/** Which side of a conflict counts. */
export type Side = 'mine' | 'theirs';

/** What every copy has of its own: whose it is and when it was touched. */
const asMine = (project: Project, { id, created, changed }: Project): Value =>
  ({ ...project, id, created, changed }) as unknown as Value;

/**
 * How two copies come together. Where nobody knows the last state that both had, nothing can be told from a
 * change: whatever differs is then asked, place by place, and stays as mine until somebody says otherwise.
 */
export function meet({ base, mine, theirs }: Meeting): Merged {
  const [own, other] = [asMine(mine, mine), asMine(theirs, mine)];
  if (base) return merged(asMine(base, mine), own, other);
  const open = differencesOf(own, other).filter(({ at }) => !at.endsWith('[]'));
  return { document: own, conflicts: open.map((d) => ({ at: d.at, mine: [], theirs: [d] })) };
}

/** The merged document with every conflict settled as picked; what nobody picked stays as mine. */
export const meetSettled = ({ document, conflicts }: Merged, sides: ReadonlyMap<string, Side>): Value =>
  conflicts.reduce<Value>(
    (now, conflict: Conflict) => (sides.get(conflict.at) === 'theirs' ? settled(now, conflict) : now),
    document,
  );

/** What a merge changes on my side. */
export const broughtIn = (mine: Project, document: Value): readonly Difference[] =>
  differencesOf(asMine(mine, mine), document);
