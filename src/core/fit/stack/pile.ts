/** Sheets at hand: thickness in whole µm; how many there are, null: as many as are wanted. */
export interface Sheets {
  readonly thickness: number;
  readonly count: number | null;
}

/** A pile of shims, the thickest first. */
export interface Pile {
  /** µm. */
  readonly sum: number;
  readonly sheets: readonly number[];
  /** Whether it is as thick as was wanted, within what was allowed. */
  readonly meets: boolean;
}

interface Laid {
  readonly pieces: number;
  readonly sheet: number;
  readonly below: Laid | null;
}

/** Thickest pile that is looked for, µm. */
const MOST = 20_000;

const piecesOf = (laid: Laid | null) => laid?.pieces ?? 0;

/** The least pile for every sum up to a limit; undefined where the stock makes none. */
function leastPiles(stock: readonly Sheets[], most: number): readonly (Laid | null | undefined)[] {
  const best: (Laid | null | undefined)[] = Array.from({ length: most + 1 });
  best[0] = null;
  const lay = (s: number, thickness: number) => {
    const below = best[s - thickness];
    if (below === undefined) return;
    const pieces = piecesOf(below) + 1;
    if (best[s] === undefined || pieces < piecesOf(best[s]!)) best[s] = { pieces, sheet: thickness, below };
  };
  for (const { thickness, count } of stock) {
    // Upwards a sheet may be laid again and again; downwards just once in each pass.
    if (count === null) for (let s = thickness; s <= most; s++) lay(s, thickness);
    else
      for (let n = 0; n < Math.min(count, most / thickness); n++)
        for (let s = most; s >= thickness; s--) lay(s, thickness);
  }
  return best;
}

const sheetsIn = (laid: Laid | null): number[] => {
  const sheets: number[] = [];
  for (let l = laid; l; l = l.below) sheets.push(l.sheet);
  return sheets.sort((a, b) => b - a);
};

/**
 * The least pile of shims for a gap: fewest pieces within what is allowed, then the nearest; where none is
 * near enough, the nearest of all.
 * @param target µm, whole, 0 or more. @param allowed how far the sum may be off, µm, whole, 0 or more.
 * @returns null for a gap that no pile of shims is made for (over 20 mm), or an empty stock.
 */
export function leastPile(stock: readonly Sheets[], target: number, allowed: number): Pile | null {
  const usable = stock.filter((s) => s.thickness > 0).sort((a, b) => b.thickness - a.thickness);
  if (!usable.length || target > MOST) return null;
  const most = target + Math.max(allowed, usable[0]!.thickness);
  const best = leastPiles(usable, most);
  let found: { sum: number; laid: Laid | null; off: number } | undefined;
  const better = (off: number, laid: Laid | null) => {
    if (!found) return true;
    const [meets, met] = [off <= allowed, found.off <= allowed];
    if (meets !== met) return meets;
    if (!meets) return off < found.off;
    const fewer = piecesOf(laid) - piecesOf(found.laid);
    return fewer < 0 || (fewer === 0 && off < found.off);
  };
  best.forEach((laid, sum) => {
    if (laid === undefined) return;
    const off = Math.abs(sum - target);
    if (better(off, laid)) found = { sum, laid, off };
  });
  return { sum: found!.sum, sheets: sheetsIn(found!.laid), meets: found!.off <= allowed };
}
