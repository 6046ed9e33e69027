import { type Bar, GUARD, type Job, priceOf, wholeOf } from './stock';
import { follow } from './follow';

/** What a metre of pieces costs at least on a bar, whatever else lies on it, and how many metres it holds. */
interface Rate {
  readonly rate: number;
  readonly holds: number;
}

/**
 * A bar costs `a + b x` for pieces that take x metres with their kerfs: its price less what its rest is
 * worth. The least of cost over x is at one end of what x can be.
 */
function rateOf(bar: Bar, { saw, remnants, form }: Job, shortest: number, unpriced: boolean): Rate {
  const whole = wholeOf(bar, saw);
  const price = priceOf(bar, saw, unpriced);
  const kerf = form.kind === 'toothed' || form.kind === 'mitred' ? 0 : saw.kerf;
  // What shares its first cut with the piece before it begins within that kerf.
  const holds = whole + saw.kerf;
  const b = (remnants.worth * price) / whole;
  const a = price - b * whole;
  const cost = (x: number) => (a + b * Math.max(0, x - kerf)) / x;
  return { rate: Math.min(cost(holds), cost(Math.max(shortest, GUARD))), holds };
}

/**
 * What all pieces cost at least: every metre of them at the best rate of the bars that there still are, and
 * each piece that fills more than half of the longest bar at the price of a bar of its own. Never more than
 * the cheapest way really costs.
 */
export function leastCost(job: Job, unpriced: boolean): number {
  const { bars, pieces, saw, form, remnants } = job;
  const kerf = form.kind === 'toothed' || form.kind === 'mitred' ? 0 : saw.kerf;
  // Mitred pieces reach over one another, so each takes less than it is long.
  const taken = (length: number) => (form.kind === 'mitred' ? Math.max(0, length - form.height) : length);
  const shares = pieces.map((p) => taken(p.length) + kerf);
  const shortest = Math.min(...shares);
  const rates = bars
    .map((bar) => ({ ...rateOf(bar, job, shortest, unpriced), count: bar.count ?? Infinity }))
    .sort((x, y) => x.rate - y.rate);
  let metres = shares.reduce((s, x) => s + x, 0);
  let byRate = 0;
  for (const { rate, holds, count } of rates) {
    const here = Math.min(metres, holds * count);
    byRate += here * rate;
    metres -= here;
    if (metres <= GUARD) break;
  }
  const longest = Math.max(...bars.map((b) => wholeOf(b, saw) + saw.kerf));
  const large = pieces.filter((p) => 2 * taken(p.length) > longest + GUARD + 2 * kerf);
  const alone = large.map((piece) => {
    const costs = bars.flatMap((bar) => {
      const at = follow(bar, form, saw, null, piece);
      if (!at) return [];
      const price = priceOf(bar, saw, unpriced);
      const whole = wholeOf(bar, saw);
      // The others on this bar take of the rest what it would be worth; that is theirs, not its.
      return [price * (1 - (remnants.worth * Math.max(0, whole - taken(piece.length))) / whole)];
    });
    return costs.length ? Math.min(...costs) : 0;
  });
  return Math.max(
    byRate,
    alone.reduce((s, c) => s + c, 0),
  );
}
