import { MOST_NAME, type Project } from '@/core/model';

/** What is said where no plan more can be kept. */
export const noRoom = ({ revisions }: Pick<Project, 'revisions'>): string =>
  `Read ${revisions.length} kept plans; wanted fewer: remove one under Log, Revisions, first.`;

/** What is said of a plan that could not be read again once it was kept. */
export const UNREADABLE =
  'Together they break a rule of a machine, so it is not kept: take what belongs to it as well.';

/** A name that no other kept plan has. */
export function freshName({ revisions }: Pick<Project, 'revisions'>, wanted: string): string {
  const taken = new Set(revisions.map((r) => r.name));
  for (let n = 1; ; n++) {
    const suffix = n === 1 ? '' : ` ${n}`;
    const name = `${wanted.slice(0, MOST_NAME - suffix.length)}${suffix}`;
    if (!taken.has(name)) return name;
  }
}
