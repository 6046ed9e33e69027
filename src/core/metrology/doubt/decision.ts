import type { Verdict } from '@/core/findings';

/** What is said of a figure against its limit. */
export interface Decision {
  readonly verdict: Extract<Verdict, 'holds' | 'gives-out' | 'not-known'>;
  /** What would settle it, where it cannot be said. */
  readonly want: 'none' | 'more-readings' | 'better-instrument';
}

/**
 * Whether a deviation conforms, by the rule for the one who proves (ISO 14253-1): the doubt is taken off the
 * limit to say that it holds, and added to say that it does not.
 * @param value deviation; its sign does not count.
 * @param expanded half of its 95 % interval.
 * @param limit greatest deviation that is good enough.
 * @param byScatter whether scatter of the readings leads the doubt.
 */
export function decide(value: number, expanded: number, limit: number, byScatter = false): Decision {
  const off = Math.abs(value);
  if (!Number.isFinite(off) || !Number.isFinite(expanded) || !Number.isFinite(limit))
    return { verdict: 'not-known', want: 'none' };
  if (off + expanded <= limit) return { verdict: 'holds', want: 'none' };
  if (off - expanded > limit) return { verdict: 'gives-out', want: 'none' };
  return { verdict: 'not-known', want: byScatter ? 'more-readings' : 'better-instrument' };
}

/** Above this share of the limit an instrument decides little: said before the work. */
const FINE_ENOUGH = 1 / 3;

/** Whether an instrument is too coarse for a limit. */
export const tooCoarse = (expanded: number, limit: number): boolean => expanded > FINE_ENOUGH * limit;
