import type { RoundSaid } from '@/core/model';
import { type Doubt, doubtOf, type Instrument, instruments, meanOf } from '@/core/metrology';

/** Readings of a place: their mean, and how many there were. */
export interface PlaceMean {
  readonly mean: number;
  readonly count: number;
}

/** A round as it is worked with: means by place, what one reading scatters, and its instrument. */
export interface Read {
  /** By place; undefined where nothing was read yet. */
  readonly means: readonly (PlaceMean | undefined)[];
  /** Scatter of one reading, out of places that were read more than once; 0: nobody knows. */
  readonly scatter: number;
  /** Readings beyond the first of each place: what that scatter rests on. */
  readonly spare: number;
  readonly instrument: Instrument;
  /** Standard uncertainty of the shop’s temperature while it was read, K. */
  readonly warm: number;
  /** Whether only the figure is wanted, not how far it may be off: of a round that others came after. */
  readonly rough: boolean;
}

/** Nobody looked at a thermometer: so far may it have gone, K; common practice, no source. */
const WARM_UNKNOWN = 2;
const WARM_READ = 0.5;

/** Standard uncertainty of the shop’s temperature while something was read, K. @param temperature °C. */
export const shopWarm = (temperature: number | null): number =>
  temperature === null ? WARM_UNKNOWN : WARM_READ;

/** Takes a round apart by place. Several runs of a place lie one list of places behind the other. */
export function readOf(round: RoundSaid, runs: 1 | 2, rough = false): Read {
  const places = round.places.length * runs;
  const by = Array.from({ length: places }, (): number[] => []);
  for (const { place, value } of round.readings) by[place]?.push(value);
  let [squares, spare] = [0, 0];
  for (const values of by.filter((v) => v.length > 1)) {
    const { scatter } = meanOf(values);
    squares += scatter ** 2 * (values.length - 1);
    spare += values.length - 1;
  }
  return {
    means: by.map((v) => (v.length ? { mean: meanOf(v).mean, count: v.length } : undefined)),
    scatter: spare ? Math.sqrt(squares / spare) : 0,
    spare,
    instrument: { ...instruments[round.instrument], digit: round.digit, limit: () => round.limit },
    warm: shopWarm(round.temperature),
    rough,
  };
}

/** Doubt of the mean at one place. @param size length that warms with the reading, m. */
export function placeDoubt(read: Read, count: number, size = 0): Doubt {
  const { instrument, scatter, warm } = read;
  return doubtOf({ instrument, size, readings: count, scatter, warm });
}

/** The least often read place: its doubt stands for all. */
export function usualDoubt(read: Read, size = 0): Doubt {
  const counts = read.means.flatMap((m) => m?.count ?? []);
  return placeDoubt(read, counts.length ? Math.min(...counts) : 1, size);
}

/** Whether every place was read. */
export const isComplete = ({ means }: Read): boolean =>
  means.length > 0 && means.every((m) => m !== undefined);
