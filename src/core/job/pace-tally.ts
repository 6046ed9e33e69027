import { Worst } from './axis-tally';
import type { Planning } from './machine';
import type { AtLine } from './report';

/** Fewer moves say nothing of a pace. */
const LEAST = 16;

/**
 * How many moves a second a job asks for, over as many as the controller keeps: short chords that come
 * faster than it takes them in leave it without the next one, and the machine slows down or stutters.
 */
export class PaceTally {
  private readonly times: Float64Array;
  private at = 0;
  private known = 0;
  private sum = 0;
  private readonly most = new Worst();

  constructor({ window }: Planning) {
    this.times = new Float64Array(Math.max(LEAST, window));
  }

  /** @param time of the move, s. */
  note(time: number, line: number): void {
    const { times } = this;
    this.sum += time - times[this.at]!;
    times[this.at] = time;
    this.at = (this.at + 1) % times.length;
    this.known += 1;
    // The sum of many small figures drifts: it is added up anew whenever the ring is full.
    if (this.at === 0) this.sum = times.reduce((sum, t) => sum + t, 0);
    if (this.known >= times.length) this.most.note(times.length / this.sum, line);
  }

  /** The machine stands: what comes next can be taken in meanwhile. */
  stood(): void {
    this.times.fill(0);
    this.at = 0;
    this.known = 0;
    this.sum = 0;
  }

  done(): AtLine {
    return this.most.at();
  }
}
