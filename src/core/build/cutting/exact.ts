import { type Choices, choicesOf, digit, eachWithin, type Kind } from './counts';
import { follow } from './follow';
import { type Bar, type CutPiece, GUARD, type Job, leftOf, type Placed, type SawnBar } from './stock';

/*
 * The least cost by dynamic programming over all choices of pieces. Alike pieces count once, so that 30
 * legs of one length are 31 choices and not a thousand million. On each bar the earliest end of every
 * choice of pieces decides: of two orders the one that ends earlier is as good for all that follows.
 */

/** Earliest end of every choice on one bar, and the kind that lies last; Infinity where it does not fit. */
interface Fill {
  readonly bar: Bar;
  readonly end: Float64Array;
  readonly last: Int16Array;
}

function fillOf(job: Job, bar: Bar, kinds: readonly Kind[], choices: Choices): Fill {
  const end = new Float64Array(choices.size).fill(Infinity);
  const last = new Int16Array(choices.size).fill(-1);
  // Where the order is free the shortest comes last, so that a stop is set from long to short.
  const shortestFirst = kinds.map(({ piece }, kind) => ({ piece, kind })).reverse();
  for (let choice = 1; choice < choices.size; choice++)
    for (const { piece, kind } of shortestFirst) {
      if (!digit(choices, choice, kind)) continue;
      const rest = choice - choices.steps[kind]!;
      if (rest && !Number.isFinite(end[rest]!)) continue;
      const at = follow(bar, job.form, job.saw, rest ? end[rest]! : null, piece);
      if (!at || at.end >= end[choice]! - GUARD) continue;
      end[choice] = at.end;
      last[choice] = kind;
    }
  return { bar, end, last };
}

/** What a choice costs on a bar, and what it leaves. */
interface Cut {
  readonly cost: number;
  readonly rest: number;
}

/** The best way to have every choice of pieces out of the bars looked at so far. */
interface Ways {
  readonly cost: Float64Array;
  /** The longest remnant among its bars: of two ways as dear the one with the longer is better. */
  readonly rest: Float64Array;
  /** Pieces on the last bar of the way, and which bar that is; -1: none. */
  readonly part: Int32Array;
  readonly fill: Int16Array;
}

const better = (cost: number, rest: number, ways: Ways, choice: number) =>
  cost < ways.cost[choice]! - GUARD ||
  (cost < ways.cost[choice]! + GUARD && rest > ways.rest[choice]! + GUARD);

const noWays = (size: number): Ways => ({
  cost: new Float64Array(size).fill(Infinity),
  rest: new Float64Array(size),
  part: new Int32Array(size),
  fill: new Int16Array(size).fill(-1),
});

function put(ways: Ways, choice: number, before: Ways, part: number, cut: Cut, fill: number): void {
  const cost = before.cost[choice - part]! + cut.cost;
  const rest = Math.max(before.rest[choice - part]!, cut.rest);
  if (!better(cost, rest, ways, choice)) return;
  ways.cost[choice] = cost;
  ways.rest[choice] = rest;
  ways.part[choice] = part;
  ways.fill[choice] = fill;
}

/** Bars that there are without end, any of them for each part. */
function endless(choices: Choices, cuts: readonly (readonly (Cut | null)[])[]): Ways {
  const ways = noWays(choices.size);
  ways.cost[0] = 0;
  const best = Array.from({ length: choices.size }, (_, part) => {
    const found = cuts.map((c, fill) => ({ cut: c[part]!, fill })).filter(({ cut }) => cut !== null);
    found.sort((a, b) => a.cut.cost - b.cut.cost || b.cut.rest - a.cut.rest);
    return found[0];
  });
  for (let choice = 1; choice < choices.size; choice++)
    eachWithin(
      choices,
      choice,
      (part) => {
        const one = part ? best[part] : undefined;
        if (one) put(ways, choice, ways, part, one.cut, one.fill);
      },
      1,
    );
  return ways;
}

/** One bar more, used once or not at all. */
function once(choices: Choices, before: Ways, cuts: readonly (Cut | null)[], fill: number): Ways {
  const ways = noWays(choices.size);
  for (let choice = 0; choice < choices.size; choice++)
    eachWithin(choices, choice, (part) => {
      if (!part) put(ways, choice, before, 0, { cost: 0, rest: 0 }, -1);
      else if (cuts[part]) put(ways, choice, before, part, cuts[part], fill);
    });
  return ways;
}

/** Pieces of a choice in the order in which they lie, by kind. */
function orderOf({ last }: Fill, choices: Choices, choice: number): number[] {
  const order: number[] = [];
  for (let at = choice; at > 0; at -= choices.steps[last[at]!]!) order.unshift(last[at]!);
  return order;
}

/** A bar with these kinds laid one after another. */
function laid(job: Job, bar: Bar, order: readonly CutPiece[], unpriced: boolean): SawnBar {
  const pieces: Placed[] = [];
  for (const piece of order) {
    const at = follow(bar, job.form, job.saw, pieces.at(-1)?.end ?? null, piece);
    // What was chosen was found to fit a moment ago.
    if (!at) throw new RangeError(`${piece.id} does not fit where it was chosen`);
    pieces.push({ piece, ...at });
  }
  return { bar, pieces, ...leftOf(bar, pieces.at(-1)!.end, job, unpriced) };
}

/** Most choices that are gone through one by one. */
export const MOST_CHOICES = 6000;
/** Most bars of which there is a count: each is a round of its own. */
export const MOST_COUNTED = 16;

/** Bars of which there is a count, each by itself. */
const singles = (bars: readonly Bar[]) =>
  bars.flatMap((bar) => Array.from({ length: bar.count ?? 0 }, () => bar));

/** Whether the least cost can be proved for so many pieces and bars. */
export function provable({ bars, pieces }: Job, kinds: readonly Kind[]): boolean {
  const { size } = choicesOf(kinds.map((k) => k.ids.length));
  const counted = singles(bars).length;
  return size <= MOST_CHOICES && counted <= MOST_COUNTED && pieces.length > 0;
}

/**
 * The cheapest way to have all pieces; undefined where they cannot be had out of these bars. Exact. For
 * what is `provable` only: the time grows with the square of the choices.
 */
export function cheapest(job: Job, kinds: readonly Kind[], unpriced: boolean): SawnBar[] | undefined {
  const choices = choicesOf(kinds.map((k) => k.ids.length));
  const endlessBars = job.bars.filter((b) => b.count === null);
  const counted = singles(job.bars);
  const fills = [...endlessBars, ...counted].map((bar) => fillOf(job, bar, kinds, choices));
  const cuts = fills.map(({ bar, end }) =>
    Array.from(end, (at): Cut | null => (Number.isFinite(at) ? leftOf(bar, at, job, unpriced) : null)),
  );
  const rounds = [endless(choices, cuts.slice(0, endlessBars.length))];
  counted.forEach((_, i) => {
    const fill = endlessBars.length + i;
    rounds.push(once(choices, rounds.at(-1)!, cuts[fill]!, fill));
  });
  const all = choices.size - 1;
  if (!Number.isFinite(rounds.at(-1)!.cost[all]!)) return undefined;
  const left = kinds.map((k) => [...k.ids]);
  const sawn: SawnBar[] = [];
  let choice = all;
  let round = rounds.length - 1;
  while (choice > 0) {
    const ways = rounds[round]!;
    const fill = ways.fill[choice]!;
    const part = ways.part[choice]!;
    if (fill >= 0) {
      const order = orderOf(fills[fill]!, choices, part).map((kind) => left[kind]!.shift()!);
      sawn.push(laid(job, fills[fill]!.bar, order, unpriced));
      choice -= part;
    }
    // A counted bar serves once; the endless ones stay.
    if (round > 0) round--;
  }
  return sawn;
}
