import { choicesOf, kindsOf } from './counts';
import { cheapest } from './exact';
import { follow } from './follow';
import { type Bar, type CutPiece, GUARD, type Job, leftOf, type Placed, type SawnBar } from './stock';

/*
 * Where there are too many pieces to go through all choices: the longest first, each on the bar where it
 * leaves least; then two bars at a time are emptied and cut anew in the cheapest way, as long as that gains
 * anything.
 */

interface Open {
  readonly bar: Bar;
  readonly pieces: Placed[];
}

const costOf = (sawn: readonly SawnBar[]) => sawn.reduce((s, b) => s + b.cost, 0);

const closed = (job: Job, { bar, pieces }: Open, unpriced: boolean): SawnBar => ({
  bar,
  pieces,
  ...leftOf(bar, pieces.at(-1)!.end, job, unpriced),
});

/** What was found, and pieces for which no bar was left. */
export interface Filled {
  readonly bars: readonly SawnBar[];
  readonly missing: readonly CutPiece[];
}

/** @param bars in the order in which a new one is begun. */
function firstFit(job: Job, bars: readonly Bar[], unpriced: boolean): Filled {
  const open: Open[] = [];
  const used = new Map<Bar, number>();
  const missing: CutPiece[] = [];
  const begin = (piece: CutPiece) => {
    for (const bar of bars) {
      if ((used.get(bar) ?? 0) >= (bar.count ?? Infinity)) continue;
      const at = follow(bar, job.form, job.saw, null, piece);
      if (!at) continue;
      used.set(bar, (used.get(bar) ?? 0) + 1);
      open.push({ bar, pieces: [{ piece, ...at }] });
      return true;
    }
    return false;
  };
  for (const piece of [...job.pieces].sort((a, b) => b.length - a.length)) {
    let best: { on: Open; at: { start: number; end: number }; rest: number } | undefined;
    for (const on of open) {
      const at = follow(on.bar, job.form, job.saw, on.pieces.at(-1)!.end, piece);
      const rest = at ? on.bar.length - at.end : Infinity;
      if (at && (!best || rest < best.rest)) best = { on, at, rest };
    }
    if (best) best.on.pieces.push({ piece, ...best.at });
    else if (!begin(piece)) missing.push(piece);
  }
  return { bars: open.map((o) => closed(job, o, unpriced)), missing };
}

/** Most choices of pieces on two bars that are cut anew. */
const MOST_AGAIN = 700;
/** Most pairs that are tried: some tenths of a second. */
const MOST_PAIRS = 600;

/**
 * Bars that are free for two to be cut anew: those two, what nobody has used, and what there is without
 * end.
 */
function freeFor(job: Job, sawn: readonly SawnBar[], pair: readonly SawnBar[]): Bar[] {
  const taken = (bar: Bar) => sawn.filter((s) => s.bar === bar && !pair.includes(s)).length;
  return job.bars.flatMap((bar) => {
    if (bar.count === null) return [bar];
    const count = Math.min(bar.count - taken(bar), 3);
    return count > 0 ? [{ ...bar, count }] : [];
  });
}

function again(job: Job, sawn: readonly SawnBar[], pair: readonly SawnBar[], unpriced: boolean) {
  const pieces = pair.flatMap((s) => s.pieces.map((p) => p.piece));
  const kinds = kindsOf(pieces);
  if (choicesOf(kinds.map((k) => k.ids.length)).size > MOST_AGAIN) return undefined;
  const free = freeFor(job, sawn, pair);
  const found = cheapest({ ...job, bars: free, pieces }, kinds, unpriced);
  if (!found || costOf(found) >= costOf(pair) - GUARD) return undefined;
  return found.map((s) => ({ ...s, bar: job.bars.find((b) => b.id === s.bar.id)! }));
}

/** A good way to have all pieces, and what could not be had. Not the cheapest for certain. */
export function filled(job: Job, unpriced: boolean): Filled {
  const counted = job.bars.filter((b) => b.count !== null).sort((a, b) => a.length - b.length);
  const endless = job.bars.filter((b) => b.count === null);
  const ways = endless.length ? endless.map((bar) => [...counted, bar, ...endless]) : [counted];
  const starts = ways.map((bars) => firstFit(job, [...new Set(bars)], unpriced));
  starts.sort((a, b) => a.missing.length - b.missing.length || costOf(a.bars) - costOf(b.bars));
  const { missing, bars } = starts[0]!;
  let sawn = [...bars];
  let tried = 0;
  for (let gained = true; gained;) {
    gained = false;
    for (let i = 0; i < sawn.length && !gained; i++)
      for (let j = i + 1; j < sawn.length && !gained && tried < MOST_PAIRS; j++, tried++) {
        const pair = [sawn[i]!, sawn[j]!];
        const found = again(job, sawn, pair, unpriced);
        if (!found) continue;
        sawn = [...sawn.filter((s) => !pair.includes(s)), ...found];
        gained = true;
      }
  }
  return { bars: sawn, missing };
}
