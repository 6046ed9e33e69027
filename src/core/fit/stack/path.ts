import type { StackGap, StackLink } from './link';

/** A link as a chain goes over it: with or against its own direction. */
export interface Step<L extends StackLink = StackLink> {
  readonly link: L;
  readonly sign: 1 | -1;
}

/** The links that meet at each plane. */
function meetings<L extends StackLink>(links: readonly L[]): ReadonlyMap<string, readonly Step<L>[]> {
  const at = new Map<string, Step<L>[]>();
  const meet = (plane: string, step: Step<L>) => {
    const steps = at.get(plane);
    if (steps) steps.push(step);
    else at.set(plane, [step]);
  };
  for (const link of links) {
    meet(link.from, { link, sign: 1 });
    meet(link.to, { link, sign: -1 });
  }
  return at;
}

const farOf = ({ link, sign }: Step) => (sign === 1 ? link.to : link.from);

/**
 * The shortest way over links from plane to plane; it meets each link once, so that nothing counts twice.
 * @returns null where the planes do not hang together; no steps where they are one.
 */
export function pathOver<L extends StackLink>(
  links: readonly L[],
  from: string,
  to: string,
): readonly Step<L>[] | null {
  const at = meetings(links);
  const came = new Map<string, Step<L> | null>([[from, null]]);
  const queue = [from];
  for (const plane of queue) {
    if (plane === to) break;
    for (const step of at.get(plane) ?? []) {
      const next = farOf(step);
      if (came.has(next)) continue;
      came.set(next, step);
      queue.push(next);
    }
  }
  if (!came.has(to)) return null;
  const steps: Step<L>[] = [];
  for (let step = came.get(to); step; step = came.get(step.sign === 1 ? step.link.from : step.link.to))
    steps.unshift(step);
  return steps;
}

/** All planes that hang together with one. */
export function hangTogether(links: readonly StackLink[], plane: string): ReadonlySet<string> {
  const at = meetings(links);
  const found = new Set([plane]);
  for (const p of found) for (const step of at.get(p) ?? []) found.add(farOf(step));
  return found;
}

/**
 * Loops that close without a gap: two ways say how far two planes stand apart. Each with the link that closes
 * it and the way round, which comes back to where it began.
 */
export function loopsOf<L extends StackLink>(links: readonly L[]): readonly (readonly Step<L>[])[] {
  const tree: L[] = [];
  const loops: (readonly Step<L>[])[] = [];
  for (const link of links) {
    const back = pathOver(tree, link.to, link.from);
    if (back) loops.push([{ link, sign: 1 }, ...back]);
    else tree.push(link);
  }
  return loops;
}

/** Two links of one chain that stand for one thing, each with what they share. */
export interface Twice<L extends StackLink = StackLink> {
  readonly first: L;
  readonly second: L;
  readonly thing: string;
}

/**
 * What a chain counts twice in one direction. A thing that is gone over to and fro is one thing seen from
 * both sides; gone over twice the same way it was added up twice.
 */
export function countedTwice<L extends StackLink>(steps: readonly Step<L>[]): readonly Twice<L>[] {
  const found: Twice<L>[] = [];
  steps.forEach((a, i) => {
    for (const b of steps.slice(i + 1)) {
      const thing = a.link.covers.find((c) => b.link.covers.includes(c));
      if (thing !== undefined && a.sign === b.sign) found.push({ first: a.link, second: b.link, thing });
    }
  });
  return found;
}

/** What closes a gap: from its first plane to its second; null where a link is missing. */
export const pathOf = <L extends StackLink>(links: readonly L[], { from, to }: StackGap) =>
  pathOver(links, from, to);
