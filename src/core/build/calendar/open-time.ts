import type { OtherDay, WorkTime } from '@/core/model';
import { dayOf, isoOf, weekdayOf } from '../days';

/** Minutes of a day. */
export const DAY = 1440;

/**
 * A moment as the clock on the workshop's wall shows it: minutes since the beginning of 1970. A zone says how
 * such clocks run against the world's, so that paint dries by real hours when the clocks are changed.
 */
export type Wall = number;

/** From the wall's clock to real minutes and back. */
export interface Zone {
  readonly real: (wall: Wall) => number;
  readonly wall: (real: number) => Wall;
}

/** Clocks that are never changed. */
export const steadyZone: Zone = { real: (m) => m, wall: (m) => m };

/** A moment some real minutes on. */
export const later = (zone: Zone, at: Wall, minutes: number): Wall =>
  minutes ? zone.wall(zone.real(at) + minutes) : at;
/** The moment so many real minutes earlier. */
export const earlier = (zone: Zone, at: Wall, minutes: number): Wall =>
  minutes ? zone.wall(zone.real(at) - minutes) : at;

/** Minutes of `19:30`. */
export const minutesOf = (time: string): number => {
  const [h, m] = time.split(':').map(Number) as [number, number];
  return h * 60 + m;
};
const two = (n: number) => String(n).padStart(2, '0');
/** The day of a moment, `2026-11-27`, and its time, `19:30`. */
export const dateOfWall = (at: Wall): string => isoOf(Math.floor(at / DAY));
export const timeOfWall = (at: Wall): string => {
  const m = Math.round(((at % DAY) + DAY) % DAY);
  return `${two(Math.floor(m / 60))}:${two(m % 60)}`;
};
/** A moment by its day and time. */
export const wallOf = (iso: string, time = '00:00'): Wall => dayOf(iso) * DAY + minutesOf(time);

/** A stretch of time in which work is done. */
export interface Span {
  readonly from: Wall;
  readonly to: Wall;
}

/** Days that are looked ahead: nobody plans a hobby further. */
const HORIZON = 1500;

/** Times of one day, in order; a day that is otherwise goes before the week. */
function timesOf(
  day: number,
  week: readonly WorkTime[],
  others: ReadonlyMap<string, readonly OtherDay[]>,
): Span[] {
  const said = others.get(isoOf(day));
  const times = said ?? week.filter((w) => w.day === weekdayOf(day) + 1);
  return times
    .filter((t) => t.from !== '' && t.to !== '' && minutesOf(t.to) > minutesOf(t.from))
    .map((t) => ({ from: day * DAY + minutesOf(t.from), to: day * DAY + minutesOf(t.to) }))
    .sort((a, b) => a.from - b.from);
}

/**
 * Times in which work is done, from a day on. Stretches that touch or overlap are one; all questions are
 * answered by counting open minutes.
 */
export class OpenTime {
  readonly spans: readonly Span[];
  /** Open minutes before each stretch. */
  readonly #before: readonly number[];
  readonly total: number;

  constructor(from: Wall, week: readonly WorkTime[], otherDays: readonly OtherDay[], days = HORIZON) {
    const others = new Map<string, OtherDay[]>();
    for (const o of otherDays) others.set(o.date, [...(others.get(o.date) ?? []), o]);
    const spans: { from: Wall; to: Wall }[] = [];
    const first = Math.floor(from / DAY);
    for (let d = first; d < first + days; d++)
      for (const span of timesOf(d, week, others)) {
        const last = spans.at(-1);
        if (last && span.from <= last.to) last.to = Math.max(last.to, span.to);
        else spans.push({ ...span });
      }
    this.spans = spans.map((s) => ({ from: Math.max(s.from, from), to: s.to })).filter((s) => s.to > s.from);
    let sum = 0;
    this.#before = this.spans.map((s) => {
      const before = sum;
      sum += s.to - s.from;
      return before;
    });
    this.total = sum;
  }

  /** The last stretch that begins at a moment or before; -1: none. */
  #at(moment: Wall): number {
    let [low, high] = [-1, this.spans.length - 1];
    while (low < high) {
      const mid = Math.ceil((low + high) / 2);
      if (this.spans[mid]!.from <= moment) low = mid;
      else high = mid - 1;
    }
    return low;
  }

  /** Open minutes before a moment. */
  count(moment: Wall): number {
    const i = this.#at(moment);
    if (i < 0) return 0;
    const { from, to } = this.spans[i]!;
    return this.#before[i]! + Math.min(to, moment) - from;
  }

  /** When so many open minutes have passed, at the end of a stretch rather than at the next beginning. */
  ended(count: number): Wall | undefined {
    if (count > this.total || !this.spans.length) return undefined;
    let [low, high] = [0, this.spans.length - 1];
    while (low < high) {
      const mid = Math.ceil((low + high) / 2);
      if (this.#before[mid]! < count) low = mid;
      else high = mid - 1;
    }
    return this.spans[low]!.from + count - this.#before[low]!;
  }

  /** The next open minute; undefined: none within sight. */
  next(moment: Wall): Wall | undefined {
    const i = this.#at(moment);
    if (i >= 0 && moment < this.spans[i]!.to) return moment;
    return this.spans[i + 1]?.from;
  }

  /** Where work fits from a moment on; a piece that cannot be left wants one stretch that is long enough. */
  fit(moment: Wall, minutes: number, whole: boolean): Span | undefined {
    const from = this.next(moment);
    if (from === undefined) return undefined;
    if (whole) {
      for (let i = this.#at(from); i < this.spans.length; i++) {
        const at = Math.max(from, this.spans[i]!.from);
        if (this.spans[i]!.to - at >= minutes) return { from: at, to: at + minutes };
      }
      return undefined;
    }
    const to = this.ended(this.count(from) + minutes);
    return to === undefined ? undefined : { from, to };
  }

  /** The latest place for work that ends by a moment. */
  fitBefore(moment: Wall, minutes: number, whole: boolean): Span | undefined {
    if (whole) {
      for (let i = this.#at(moment); i >= 0; i--) {
        const to = Math.min(moment, this.spans[i]!.to);
        if (to - this.spans[i]!.from >= minutes) return { from: to - minutes, to };
      }
      return undefined;
    }
    const left = this.count(moment) - minutes;
    if (left < 0) return undefined;
    const to = this.ended(this.count(moment))!;
    // The latest beginning: at the start of a stretch rather than at the end of the one before.
    const from = this.next(this.ended(left)!);
    return { from: from ?? to, to };
  }
}
