import { overlaps } from './address';
import { turned, withDifferences } from './apply';
import { alike, type Difference, differencesOf, type Value } from './differences';

/** Two copies that say different things of one place. */
export interface Conflict {
  /** Place that both changes lie in. */
  readonly at: string;
  readonly mine: readonly Difference[];
  readonly theirs: readonly Difference[];
}

export interface Merged {
  /** All that does not contradict, of both; of what does, mine. */
  readonly document: Value;
  readonly conflicts: readonly Conflict[];
}

const isOrder = ({ at }: Difference) => at.endsWith('[]');

/** Changes of both sides that touch one another, in groups: each is settled as a whole. */
function clashes(mine: readonly Difference[], theirs: readonly Difference[]): Conflict[] {
  const groups: { mine: Set<Difference>; theirs: Set<Difference> }[] = [];
  for (const t of theirs) {
    const touched = mine.filter((m) => overlaps(m.at, t.at));
    if (!touched.length) continue;
    const joined = { mine: new Set(touched), theirs: new Set([t]) };
    for (const g of groups.filter((g) => touched.some((m) => g.mine.has(m)))) {
      g.mine.forEach((m) => joined.mine.add(m));
      g.theirs.forEach((x) => joined.theirs.add(x));
      groups.splice(groups.indexOf(g), 1);
    }
    groups.push(joined);
  }
  return groups.map((g) => {
    const all = [...g.mine, ...g.theirs];
    const at = all.reduce((short, d) => (d.at.length < short.length ? d.at : short), all[0]!.at);
    return { at, mine: [...g.mine], theirs: [...g.theirs] };
  });
}

const same = ({ mine, theirs }: Conflict) =>
  mine.length === theirs.length &&
  mine.every((m) => theirs.some((t) => t.at === m.at && alike(t.after, m.after)));

/**
 * Two copies of a document that were edited apart, as one. What only one side changed is taken; what both
 * changed alike counts once; what both changed otherwise is a conflict and stays as mine, with theirs beside
 * it. The order of rows is no conflict: mine stands.
 * @param base the last state that both had.
 */
export function merged(base: Value, mine: Value, theirs: Value): Merged {
  const [own, other] = [differencesOf(base, mine), differencesOf(base, theirs)];
  const met = clashes(
    own.filter((d) => !isOrder(d)),
    other.filter((d) => !isOrder(d)),
  );
  const held = new Set(met.flatMap((c) => c.theirs));
  const orders = new Set(own.filter(isOrder).map((d) => d.at));
  const taken = other.filter((d) => !held.has(d) && !(isOrder(d) && orders.has(d.at)));
  // Rows of a list that I threw away have no order any more.
  const there = taken.filter(
    (d) => !isOrder(d) || !own.some((m) => m.after === undefined && overlaps(m.at, d.at)),
  );
  return { document: withDifferences(mine, there), conflicts: met.filter((c) => !same(c)) };
}

/** A merged document in which one conflict is settled their way. */
export const settled = (document: Value, { mine, theirs }: Conflict): Value =>
  withDifferences(document, [...turned(mine), ...theirs]);
