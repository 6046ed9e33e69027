import type { ClosedGap } from './close';

/** How a gap can be brought to where it is wanted. */
export const mends = ['shim', 'recess', 'slot', 'adjust'] as const;
export type Mend = (typeof mends)[number];

/** What a gap is wanted to be, m. Infinite where nothing bounds it. */
export interface Window {
  readonly least: number;
  readonly most: number;
  readonly target: number;
}

/** Where a gap stands in its window: all of its interval inside, its middle, some of it, or none of it. */
export type Standing = 'inside' | 'middle' | 'overlaps' | 'outside';

/** What to do about a gap. */
export type StackAction =
  /** Nothing: it is as it is wanted. */
  | { readonly does: 'leave' }
  /** Read this link first: without it nothing may be milled or shimmed. */
  | { readonly does: 'measure'; readonly link: string; readonly then: Change | null }
  | Change;

/** Shims into the gap, or material out of one of its faces; m. */
export interface Change {
  readonly does: 'shim' | 'recess' | 'slot' | 'adjust';
  readonly by: number;
}

/** Rounding that a window may be missed by. */
const GUARD = 1e-9;

export function standing({ gap, half }: ClosedGap, { least, most }: Window): Standing {
  if (gap - half >= least - GUARD && gap + half <= most + GUARD) return 'inside';
  if (gap >= least - GUARD && gap <= most + GUARD) return 'middle';
  return gap + half >= least && gap - half <= most ? 'overlaps' : 'outside';
}

/** A link with more of the variance than this is read before anything is cut; handbook practice. */
const DECIDES = 0.25;

/** What brings the middle of the gap to its target. */
function changeOf({ gap }: ClosedGap, { target }: Window, mend: Mend): Change {
  if (mend === 'adjust') return { does: 'adjust', by: target - gap };
  if (gap > target) return { does: 'shim', by: gap - target };
  // What fouls can be cut away; shims on the other side do the same and can be taken out again.
  return { does: mend === 'slot' ? 'slot' : 'recess', by: target - gap };
}

/**
 * What to do about a gap.
 * @param read links that were measured. @returns null while a link of it has no value at all.
 */
export function actionFor(
  closed: ClosedGap,
  window: Window,
  mend: Mend,
  read: ReadonlySet<string>,
): StackAction | null {
  if (closed.unknown.length) return null;
  const at = standing(closed, window);
  if (at === 'inside') return { does: 'leave' };
  const change = at === 'middle' ? null : changeOf(closed, window, mend);
  const byShare = [...closed.shares].sort((a, b) => b.share - a.share);
  const unread = byShare.find(({ id }) => !read.has(id));
  const [greatest] = byShare;
  const wide = closed.half > (window.most - window.least) / 2;
  const cuts = change?.does === 'recess' || change?.does === 'slot';
  const first = unread && (unread.share > DECIDES || !change) ? unread : greatest;
  const decides = unread !== undefined && unread.share > DECIDES;
  if (!change || at === 'overlaps' || decides || (cuts && wide))
    return first ? { does: 'measure', link: first.id, then: change } : { does: 'leave' };
  return change;
}
