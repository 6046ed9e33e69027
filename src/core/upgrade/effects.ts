import type { Effect } from '@/core/machine';

/** How many times better: 1 is no change, 2 half the error or twice the stiffness. */
export const timesBetter = (better: Effect['better'], before: number, after: number): number =>
  better === 'less' ? before / after : after / before;

/**
 * Whether what was asked for is there; null: nothing was asked, or what is missing of it might change that. A
 * figure with something missing is better than the truth.
 */
export function isReached({ better, value, wanted, missing }: Effect): boolean | null {
  if (wanted === null) return null;
  const there = better === 'less' ? value <= wanted : value >= wanted;
  return there && missing > 0 ? null : there;
}
