import { leastCost } from './bound';
import { kindsOf } from './counts';
import { cheapest, provable } from './exact';
import { filled } from './filling';
import { follow } from './follow';
import { type CutPiece, GUARD, type Job, type SawnBar } from './stock';

/** How pieces are had out of bars. Lengths in m, money in the builder's own. */
export interface CutPlan {
  readonly bars: readonly SawnBar[];
  /** Prices less what remnants are worth; metres of stock less those of remnants where `unpriced`. */
  readonly cost: number;
  /** Not every bar has a price: the least length was looked for instead. */
  readonly unpriced: boolean;
  /** What it costs at least. */
  readonly least: number;
  /** Whether nothing cheaper exists: by going through all choices, or by meeting the bound. */
  readonly proved: boolean;
  /** Longer than any bar, or with holes that no bar lets them have. */
  readonly impossible: readonly CutPiece[];
  /** For which there was no bar left. */
  readonly missing: readonly CutPiece[];
}

/** Begun ones first, then the fuller before the emptier: so they are taken to the saw. */
const inOrder = (a: SawnBar, b: SawnBar) => (b.bar.sawn ?? -1) - (a.bar.sawn ?? -1) || a.rest - b.rest;

/** Pieces out of bars at the least cost, or as near to it as is said. */
export function planCuts(job: Job): CutPlan {
  const fits = (piece: CutPiece) => job.bars.some((b) => follow(b, job.form, job.saw, null, piece));
  const impossible = job.pieces.filter((p) => !fits(p));
  const pieces = job.pieces.filter(fits);
  const unpriced = job.bars.some((b) => b.price === null);
  const nothing = { bars: [], cost: 0, unpriced, least: 0, proved: true, impossible, missing: [] };
  if (!pieces.length) return nothing;
  const asked: Job = { ...job, pieces };
  const kinds = kindsOf(pieces);
  const exact = provable(asked, kinds) ? cheapest(asked, kinds, unpriced) : undefined;
  const { bars, missing } = exact ? { bars: exact, missing: [] } : filled(asked, unpriced);
  const cost = bars.reduce((s, b) => s + b.cost, 0);
  const least = exact
    ? cost
    : leastCost({ ...asked, pieces: pieces.filter((p) => !missing.includes(p)) }, unpriced);
  const proved = missing.length === 0 && cost <= least + GUARD + 1e-9 * cost;
  return { bars: [...bars].sort(inOrder), cost, unpriced, least, proved, impossible, missing };
}
