/** What is sawn, and out of what. Lengths in m, money in the builder's own. */

/** A piece that is wanted. Pieces of one length and one place of their holes count as alike. */
export interface CutPiece {
  readonly id: string;
  /** Over all; of a mitred piece its long side. */
  readonly length: number;
  /**
   * Of a rail: from its end to its first hole, `free` where any place of the holes serves that keeps clear of
   * the ends. Null: holes so that both ends are equal, and of what has no holes.
   */
  readonly first: number | 'free' | null;
}

/** What stands in the way of sawing anywhere. */
export type BarForm =
  | { readonly kind: 'plain' }
  /** Holes at a pitch: `clear` is the least from a hole's middle to an end or to the saw. */
  | {
      readonly kind: 'holed';
      readonly pitch: number;
      readonly clear: number;
      /** How far the ends of a piece may differ from what is wanted. */
      readonly tolerance: number;
    }
  /** Teeth: sawn in the middle of a gap as wide as `gap`, so that a joint keeps the pitch. */
  | { readonly kind: 'toothed'; readonly pitch: number; readonly gap: number }
  /** Both ends at 45° as for a frame, pieces turned over by turns; `height` of the section in the plane of
   * the mitre. */
  | { readonly kind: 'mitred'; readonly height: number };

/** The saw, and what it cannot use of a bar. */
export interface Saw {
  readonly kerf: number;
  /** Sawn off the raw end of a bar to square it; 0: the end serves as it comes. */
  readonly squared: number;
  /** Left in the clamp at the far end. */
  readonly stub: number;
}

/** Bars of one kind. */
export interface Bar {
  readonly id: string;
  readonly length: number;
  /** Of one bar; null: nobody has said. */
  readonly price: number | null;
  /** How many there are; null: as many as are wanted. */
  readonly count: number | null;
  /** Where the last piece ends that was sawn off it; null: a raw bar. */
  readonly sawn: number | null;
  /** From the raw end of the bar to its first hole; means nothing without holes. */
  readonly firstHole: number;
}

/** What a remnant is good for. */
export interface Remnants {
  /** Shorter ones are scrap. */
  readonly keep: number;
  /** Share of its price by length that a remnant is worth, 0 to 1. */
  readonly worth: number;
}

export interface Job {
  readonly form: BarForm;
  readonly saw: Saw;
  readonly bars: readonly Bar[];
  readonly pieces: readonly CutPiece[];
  readonly remnants: Remnants;
}

/** A piece where it lies on its bar, m from the bar's raw end. */
export interface Placed {
  readonly piece: CutPiece;
  readonly start: number;
  readonly end: number;
}

/** One bar with its pieces in the order in which they lie. */
export interface SawnBar {
  readonly bar: Bar;
  readonly pieces: readonly Placed[];
  /** What is left behind the last cut, m. */
  readonly rest: number;
  /** Price of the bar less what its rest is worth. */
  readonly cost: number;
}

/** Rounding of lengths and money. */
export const GUARD = 1e-9;

/** What is still whole of a bar, m. */
export const wholeOf = ({ length, sawn }: Bar, { kerf }: Saw): number =>
  sawn === null ? length : Math.max(0, length - sawn - kerf);

/** What a bar counts for: its price, or one a metre where nothing is priced. */
export const priceOf = (bar: Bar, saw: Saw, unpriced: boolean): number =>
  unpriced ? wholeOf(bar, saw) : (bar.price ?? 0);

/** What is left of a bar behind an end, and what the bar costs then. */
export function leftOf(
  bar: Bar,
  end: number,
  { saw, remnants }: Pick<Job, 'saw' | 'remnants'>,
  unpriced: boolean,
): { readonly rest: number; readonly cost: number } {
  const whole = wholeOf(bar, saw);
  const rest = Math.max(0, bar.length - end - saw.kerf);
  const price = priceOf(bar, saw, unpriced);
  const back = rest + GUARD >= remnants.keep ? (remnants.worth * price * rest) / whole : 0;
  return { rest, cost: price - back };
}
