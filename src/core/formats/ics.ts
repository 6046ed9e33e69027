import { createEvents, type DateTime, type EventAttributes } from 'ics';

/**
 * An entry of a calendar. Times are minutes since 1970 of the world's clock; a day is `2026-11-27`, with the
 * one after it.
 */
export interface CalendarEntry {
  /** Stays the same while the entry is: a calendar knows it again by it. */
  readonly uid: string;
  readonly title: string;
  readonly text: string;
  readonly when:
    { readonly from: number; readonly to: number } | { readonly day: string; readonly next: string };
  /** Goes up with every change. */
  readonly sequence: number;
  readonly cancelled: boolean;
}

const dayParts = (day: string) => day.split('-').map(Number) as [number, number, number];
/** Control characters have no place in a calendar, but for the end of a line. */
const clean = (text: string) =>
  text.replace(/\r\n?/g, '\n').replace(/[\u0000-\u0009\u000b-\u001f\u007f]/g, ' ');

/** The library takes the time of writing, though its types do not say so. */
type Stamped = EventAttributes & { readonly timestamp: number };

const eventOf =
  (made: number) =>
  (entry: CalendarEntry): Stamped => {
    const { when } = entry;
    const at: { start: DateTime; end: DateTime } =
      'day' in when
        ? { start: dayParts(when.day), end: dayParts(when.next) }
        : { start: when.from * 60_000, end: when.to * 60_000 };
    return {
      ...at,
      startInputType: 'utc',
      startOutputType: 'utc',
      endInputType: 'utc',
      endOutputType: 'utc',
      uid: entry.uid,
      title: clean(entry.title),
      description: clean(entry.text),
      sequence: entry.sequence,
      status: entry.cancelled ? 'CANCELLED' : 'CONFIRMED',
      busyStatus: 'day' in when ? 'FREE' : 'BUSY',
      timestamp: made,
      productId: '-//Rugged Carriage//Build calendar//EN',
    };
  };

/** Octets of a character in UTF-8. */
const octets = (char: string) => new TextEncoder().encode(char).length;

/** A line of at most 75 octets, never broken inside a character: the library counts characters. */
function folded(line: string): string {
  const parts: string[] = [];
  let [part, length] = ['', 0];
  for (const char of line) {
    const more = octets(char);
    if (length + more > 75) {
      parts.push(part);
      [part, length] = ['', 1];
    }
    part += char;
    length += more;
  }
  return [...parts, part].join('\r\n ');
}

/**
 * A calendar (RFC 5545) that other programs take in: times in UTC, so that they stand right in any zone.
 * @param made when it is written, ms since 1970.
 * @throws Error where an entry ends before it begins or bears no name.
 */
export function writeCalendar(entries: readonly CalendarEntry[], made: number): string {
  const { error, value } = createEvents(entries.map(eventOf(made)));
  if (error || !value) throw error ?? new Error('the calendar could not be written');
  return value.split('\r\n\t').join('').split('\r\n').map(folded).join('\r\n');
}
