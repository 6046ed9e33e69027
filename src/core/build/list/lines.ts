import type { PartLine, PartState, Project, QuoteInput } from '@/core/model';
import type { Need } from '../needs';

/**
 * Where a line comes from: the model asks for it; it goes with such machines; the builder added it; the model
 * asked for it once and does no more.
 */
export type LineOrigin = 'model' | 'usual' | 'own' | 'gone';

/** A line of the list: what is asked, and what the builder says of it. */
export interface ListLine {
  readonly key: string;
  readonly origin: LineOrigin;
  readonly need: Need | null;
  readonly said: PartLine | null;
  /** Id of the axis; empty: the machine. */
  readonly owner: string;
  readonly by: 'piece' | 'metre';
  /** Wanted without spare; null: not known. */
  readonly wanted: number | null;
  readonly spare: number;
  readonly have: number;
  /** What is still to be bought: all of it, or what more is wanted than was ordered. */
  readonly toBuy: number;
  readonly state: PartState;
  readonly option: string;
  /** Of one piece, kg; null: not known. */
  readonly mass: number | null;
  readonly quotes: readonly QuoteInput[];
  /** Sawn out of bars that are on the list themselves. */
  readonly sawn: boolean;
}

/** States in which a line is paid for, or about to be. */
const got: readonly PartState[] = ['on-hand', 'ordered', 'arrived', 'checked', 'fitted'];
/** States in which it lies here. */
const here: readonly PartState[] = ['on-hand', 'arrived', 'checked', 'fitted'];

export const isGot = ({ state }: Pick<ListLine, 'state'>): boolean => got.includes(state);
export const isHere = ({ state }: Pick<ListLine, 'state'>): boolean => here.includes(state);

/** Metres are bought to the tenth, pieces whole. */
export const rounded = (quantity: number, by: 'piece' | 'metre'): number =>
  by === 'metre' ? Math.ceil(quantity * 10 - 1e-6) / 10 : Math.ceil(quantity - 1e-9);

const OWN = 'own:';
/** Key of a line of the builder's own. */
export const ownKey = (id: string): string => `${OWN}${id}`;

function lineOf(
  key: string,
  need: Need | null,
  said: PartLine | null,
  quotes: readonly QuoteInput[],
  sawn: boolean,
): ListLine {
  const own = key.startsWith(OWN);
  const lost: LineOrigin = own ? 'own' : 'gone';
  const by = need?.by ?? 'piece';
  const wanted = said?.quantity ?? need?.quantity ?? (need ? null : 0);
  const spare = wanted === 0 ? 0 : (said?.spare ?? need?.spare ?? 0);
  const have = Math.max(said?.have ?? 0, need?.onHand ?? 0);
  const enough = wanted !== null && wanted > 0 && have >= wanted;
  const state = said && said.state !== 'to-buy' ? said.state : enough ? 'on-hand' : 'to-buy';
  const mine = got.includes(state);
  // What is ordered or came covers what it was counted as; more of it may be wanted since.
  const covered = have + (mine ? (said?.count ?? 0) : 0);
  const lacking = wanted === null ? 0 : wanted + (mine ? 0 : spare) - covered;
  return {
    key,
    origin: need ? need.origin : lost,
    need,
    said,
    owner: need ? need.owner : (said?.owner ?? ''),
    by,
    wanted,
    spare,
    have,
    toBuy: sawn ? 0 : Math.max(0, rounded(lacking, by)),
    state,
    option: said?.option ?? '',
    mass: said?.mass?.si ?? need?.mass ?? null,
    quotes,
    sawn,
  };
}

/**
 * Every line of the list: what the model asks, in its order, then the builder's own and what is asked no
 * more.
 * @param fromBars keys of sections that are sawn out of bars: their pieces are not bought by themselves.
 */
export function linesOf(
  { partLines, quotes }: Pick<Project, 'partLines' | 'quotes'>,
  needs: readonly Need[],
  fromBars: ReadonlySet<string> = new Set(),
): readonly ListLine[] {
  const said = new Map(partLines.map((l) => [l.key, l]));
  const priced = new Map<string, QuoteInput[]>();
  for (const quote of quotes) {
    const list = priced.get(quote.line);
    if (list) list.push(quote);
    else priced.set(quote.line, [quote]);
  }
  const asked = new Set(needs.map((n) => n.key));
  const quotesOf = (key: string) => priced.get(key) ?? [];
  const isSawn = ({ sawn }: Need) => sawn !== null && fromBars.has(sawn.section.key);
  return [
    ...needs.map((n) => lineOf(n.key, n, said.get(n.key) ?? null, quotesOf(n.key), isSawn(n))),
    ...partLines.filter((l) => !asked.has(l.key)).map((l) => lineOf(l.key, null, l, quotesOf(l.key), false)),
  ];
}
