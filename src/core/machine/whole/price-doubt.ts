/** Half of the 95 % interval of an example price, of itself; from memory: sellers differ by so much. */
const PRICE_OFF = 0.4;
/** How far prices of different parts go together: a dear shop is dear in all. From memory. */
const TOGETHER = 0.5;

/** A price in a list. */
export interface Priced {
  readonly family: string;
  readonly name: string;
  /** Pieces, or metres of what the catalogue prices by the metre. */
  readonly count: number;
  readonly price: number | null;
  /** Whether the builder typed the price: it is known. */
  readonly typed: boolean;
}

/** Sums of a list by part: what costs the same is off by the same, wherever it goes. */
function byPart(rows: readonly Priced[], sign: 1 | -1, into: Map<string, number>): void {
  for (const { family, name, count, price, typed } of rows) {
    if (typed || price === null) continue;
    const key = `${family}|${name}`;
    into.set(key, (into.get(key) ?? 0) + sign * count * price);
  }
}

/** Half of the 95 % interval of a sum of prices that go together in part (JCGM 100, 5.2.2). */
function halfOf(sums: readonly number[]): number {
  const straight = sums.reduce((s, v) => s + v, 0);
  const squares = sums.reduce((s, v) => s + v * v, 0);
  return PRICE_OFF * Math.sqrt(TOGETHER * straight ** 2 + (1 - TOGETHER) * squares);
}

/**
 * How far the sum of example prices may be off, half of its 95 % interval. Prices that the builder typed are
 * known.
 */
export function priceDoubt(rows: readonly Priced[]): number {
  const sums = new Map<string, number>();
  byPart(rows, 1, sums);
  return halfOf([...sums.values()]);
}

/** The same of a difference of two lists: parts that both have cost the same in both. */
export function priceDoubtBetween(before: readonly Priced[], after: readonly Priced[]): number {
  const sums = new Map<string, number>();
  byPart(before, -1, sums);
  byPart(after, 1, sums);
  return halfOf([...sums.values()]);
}
