import { arcPlace, type Motion, type Place, quadrantsOf } from './motion';
import { Reader } from './reader';
import type { Taking } from './taking';

/** What a program reaches, counted from nought of the work, m; and the way of its feeds. */
export interface ProgramBox {
  /** Of all moves to places of the work. */
  readonly low: Place;
  readonly high: Place;
  /** Of those that feed; infinite where none does. */
  readonly feedLow: Place;
  readonly feedHigh: Place;
}

type Spot = [number, number, number];
/** Nobody knows where it begins: a place that no program names, so that what stays there can be told. */
const BEGIN: Place = [1.2345678e-8, 1.2345679e-8, 1.234568e-8];
const [NONE, ALL] = [Infinity, -Infinity];

/** The box of a program before anybody has said where the work lies. Takes it as it comes. */
export class BoxReader {
  private readonly low: Spot = [NONE, NONE, NONE];
  private readonly high: Spot = [ALL, ALL, ALL];
  private readonly feedLow: Spot = [NONE, NONE, NONE];
  private readonly feedHigh: Spot = [ALL, ALL, ALL];
  private readonly reader: Reader;
  /** Whether each move is told. */
  watched = true;

  /** @param watch is told every move as long as it is `watched`. */
  constructor(
    taking: Taking,
    private readonly watch?: (motion: Motion) => void,
  ) {
    const nought: Place = [0, 0, 0];
    this.reader = new Reader(
      { taking, place: BEGIN, nought, zero: nought },
      { move: (motion) => this.moved(motion), act: () => undefined },
    );
  }

  push(chunk: Uint8Array): void {
    this.reader.push(chunk);
  }

  /** @returns null where nothing moves to a place of the work. */
  end(): ProgramBox | null {
    this.reader.end();
    const { low, high, feedLow, feedHigh } = this;
    if (![...low].some(Number.isFinite)) return null;
    // An axis that nothing names stays where it is.
    for (const i of [0, 1, 2] as const) if (low[i] === NONE) [low[i], high[i]] = [0, 0];
    return { low, high, feedLow, feedHigh };
  }

  private moved(motion: Motion): void {
    if (this.watched) this.watch?.(motion);
    if (motion.own) return;
    const { arc, to, rapid } = motion;
    this.note(to, rapid);
    if (arc) for (const share of quadrantsOf(arc)) this.note(arcPlace(motion, arc, share), rapid);
  }

  private note(place: Place, rapid: boolean): void {
    for (const i of [0, 1, 2] as const) {
      if (place[i] === BEGIN[i]) continue;
      this.low[i] = Math.min(this.low[i], place[i]);
      this.high[i] = Math.max(this.high[i], place[i]);
      if (rapid) continue;
      this.feedLow[i] = Math.min(this.feedLow[i], place[i]);
      this.feedHigh[i] = Math.max(this.feedHigh[i], place[i]);
    }
  }
}
