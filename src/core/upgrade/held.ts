import type { Upgrade, UpgradeReading } from '@/core/model';

/** What an upgrade did, by what was read before and after. */
export interface UpgradeVerdict {
  /** Whether it is better than before, as far as both doubts let it be told. */
  readonly verdict: 'better' | 'worse' | 'cannot-say' | 'not-read' | 'no-doubt';
  /** By how much, in the direction that is better, with half of its 95 % interval. SI; null: not read. */
  readonly gained: { readonly value: number; readonly half: number } | null;
  /** Beside what was foretold; null: nobody foretold it, or it is not read. */
  readonly foretold: 'as-foretold' | 'less' | 'more' | null;
}

/** What was gained, with the doubts of both readings as squares (JCGM 100, 5.1.2). */
function gainedBy(better: 'less' | 'more', before: UpgradeReading, after: UpgradeReading) {
  const value = better === 'more' ? after.value - before.value : before.value - after.value;
  return { value, half: Math.hypot(before.half, after.half) };
}

/** The verdict of an upgrade that was done. */
export function upgradeVerdict({ measure, before, after }: Upgrade): UpgradeVerdict {
  if (!measure || !before || !after) return { verdict: 'not-read', gained: null, foretold: null };
  const gained = gainedBy(measure.better, before, after);
  const { value, half } = gained;
  // No reading is exact: a doubt of nought is one that nobody has said.
  if (!(before.half > 0) || !(after.half > 0)) return { verdict: 'no-doubt', gained, foretold: null };
  const verdict = value > half ? 'better' : value < -half ? 'worse' : 'cannot-say';
  if (!measure.foretold) return { verdict, gained, foretold: null };
  const { before: was, after: is } = measure.foretold;
  const promised = measure.better === 'more' ? is - was : was - is;
  const off = value - promised;
  const foretold = Math.abs(off) <= half ? 'as-foretold' : off < 0 ? 'less' : 'more';
  return { verdict, gained, foretold };
}
