import { Lines, type Motion, Reader, type ReadState } from '@/core/gcode';
import type { JobDrives } from './drives';
import { holdingSpeed, type Kept } from './hold';
import type { AxisLoad } from './load';
import type { JobSetup } from './setup';

/** Most lines whose feed is written anew. */
export const MOST_SLOWER = 100_000;

/** Feeds at which lines hold that do not hold as they are. */
export class SlowerLines {
  /** By line, m/s. */
  readonly feeds = new Map<number, number>();
  /** Lines that no feed mends: rapids, and what asks too much to be sped up at all. */
  private readonly lost = new Set<number>();

  constructor(private readonly drives: JobDrives) {}

  note(load: AxisLoad, kept: () => Kept): void {
    if (load.share <= 1 || this.feeds.size >= MOST_SLOWER) return;
    const one = kept();
    const { motion }: { readonly motion: Motion } = one.stretch;
    const holds = motion.rapid ? null : holdingSpeed(this.drives, one);
    if (holds === null) this.lost.add(motion.line);
    else this.feeds.set(motion.line, Math.min(holds, this.feeds.get(motion.line) ?? Infinity));
  }

  get unmended(): number {
    return this.lost.size;
  }
}

/** A line that was written anew. */
export interface Rewritten {
  readonly line: number;
  readonly before: string;
  readonly after: string;
}

/** A program with other feeds; the one that was read is left as it is. */
export interface SlowerProgram {
  readonly bytes: Uint8Array;
  /** The first of them; `count` is of all. */
  readonly changes: readonly Rewritten[];
  readonly count: number;
  /** Lines that do not hold and that no feed mends, or that feed by time or by the turn. */
  readonly left: number;
}

const SHOWN = 500;
/** A remark, which is left alone, or an F with its figure. */
const FEED = /\([^)]*\)|;.*$|([Ff])\s*[+-]?[\d. ]*\d\.?/g;
/** Where the words of a line end: a remark, a sum, or the end. */
const BEHIND = /\s*(?:[(;*].*)?$/;

/**
 * A figure with its point: some readers take ten without one for increments. Rounded down, so that it holds.
 */
function feedText(units: number): string {
  const step = 10 ** (Math.floor(Math.log10(units)) - 3);
  const figure = Number((Math.floor(units / step) * step).toPrecision(6));
  return Number.isInteger(figure) ? `${figure}.` : String(figure);
}

/** The sum of a line behind its star, as streaming senders write it. */
function summed(line: string): string {
  const star = line.indexOf('*');
  if (star < 0 || /[(;]/.test(line.slice(0, star))) return line;
  let sum = 0;
  for (let i = 0; i < star; i++) sum ^= line.charCodeAt(i) & 0xff;
  return `${line.slice(0, star)}*${sum}`;
}

/** A line without its remarks: letters in them are no words. */
const bare = (line: string) => line.replace(/\([^)]*\)|;.*$/g, '');

/** Puts a feed on a line, in the place of its own or behind its words. */
function withFeed(line: string, feed: string): string {
  if (!/[Ff]/.test(bare(line))) return summed(line.replace(BEHIND, (rest) => ` F${feed}${rest}`));
  return summed(line.replace(FEED, (all, letter?: string) => (letter ? `${letter}${feed}` : all)));
}

/** How a line feeds, as it was read: what F is in its units, and whether F is a speed. */
interface Fed {
  readonly feed: number;
  readonly unit: number;
  readonly perMinute: boolean;
}

/** Writes a program anew, line by line. */
class Writer {
  private readonly parts: string[] = [];
  private readonly changes: Rewritten[] = [];
  private count = 0;
  private left = 0;
  /** F that the controller has by what was written; NaN: none. */
  private stands = NaN;

  constructor(private readonly feeds: ReadonlyMap<number, number>) {}

  line(text: string, number: number, { feed, unit, perMinute }: Fed, moves: boolean): void {
    const slow = moves ? this.feeds.get(number) : undefined;
    const own = /[Ff]/.test(bare(text));
    let next = text;
    if (slow !== undefined && perMinute) {
      const wanted = feedText((slow * 60) / unit);
      next = withFeed(text, wanted);
      this.stands = Number(wanted);
    } else {
      if (slow !== undefined) this.left += 1;
      // The feed that was written anew must not stand on for the lines behind it.
      const back = moves && perMinute && !own && Number.isFinite(this.stands) && this.stands !== feed;
      if (back) next = withFeed(text, feedText(feed));
      if (own || back) this.stands = feed;
    }
    if (next !== text) {
      this.count += 1;
      if (this.changes.length < SHOWN) this.changes.push({ line: number, before: text, after: next });
    }
    this.parts.push(next);
  }

  done(unmended: number): SlowerProgram {
    const bytes = new TextEncoder().encode(`${this.parts.join('\n')}\n`);
    return { bytes, changes: this.changes, count: this.count, left: this.left + unmended };
  }
}

/**
 * A program with the feeds at which its lines hold. Only F is changed, on those lines and on the first one
 * behind each that would feed on with it.
 * @param pieces its bytes from the beginning. @param setup as it was run.
 */
export function* slowerSteps(
  pieces: Iterable<Uint8Array>,
  bytes: number,
  setup: JobSetup,
  { feeds, unmended }: { readonly feeds: ReadonlyMap<number, number>; readonly unmended: number },
): Generator<{ readonly done: number; readonly of: number }, SlowerProgram> {
  const writer = new Writer(feeds);
  const decoder = new TextDecoder();
  let moved = false;
  let state: ReadState | null = null;
  const reader = new Reader(
    setup,
    { move: (motion) => (moved ||= !motion.rapid), act: () => undefined },
    (_line, now) => (state = now),
  );
  const one = new Uint8Array([10]);
  const lines = new Lines((line, end, number) => {
    moved = false;
    // The reader gets the very bytes, a line at a time, so that what stands is known behind each.
    const own = line.slice(0, end);
    reader.push(own);
    reader.push(one);
    const { feed, feedUnit, unit, feedMode } = state!;
    writer.line(
      decoder.decode(own),
      number,
      { feed: (feed * feedUnit) / unit, unit, perMinute: feedMode === 940 },
      moved,
    );
  });
  let done = 0;
  for (const piece of pieces) {
    lines.push(piece);
    done += piece.length;
    yield { done, of: bytes };
  }
  lines.end();
  return writer.done(unmended);
}
