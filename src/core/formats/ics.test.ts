import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { type CalendarEntry, writeCalendar } from '.';

const MADE = Date.UTC(2026, 10, 27, 12, 0);
const minutes = (iso: string) => Date.parse(iso) / 60_000;
const entry = (more: Partial<CalendarEntry> = {}): CalendarEntry => ({
  uid: 'frame@tern-creek',
  title: 'Frame and level',
  text: '',
  when: { from: minutes('2026-11-27T18:00Z'), to: minutes('2026-11-27T19:30Z') },
  sequence: 0,
  cancelled: false,
  ...more,
});

/** What another reader makes of a calendar. */
function read(text: string) {
  const root = new ICAL.Component(ICAL.parse(text) as unknown as string);
  return root.getAllSubcomponents('vevent').map((c) => {
    const event = new ICAL.Event(c);
    return {
      uid: event.uid,
      title: event.summary,
      text: event.description ?? '',
      sequence: event.sequence,
      status: c.getFirstPropertyValue('status'),
      whole: event.startDate.isDate,
      from: event.startDate,
      to: event.endDate,
    };
  });
}

/** The clock on a wall in Berlin, by the machine's own knowledge of zones. */
const inBerlin = (date: Date) =>
  new Intl.DateTimeFormat('sv-SE', {
    timeZone: 'Europe/Berlin',
    dateStyle: 'short',
    timeStyle: 'short',
  }).format(date);

describe('a calendar for other programs', () => {
  it('another reader finds what was written, hostile texts and all', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            title: fc.string({ minLength: 1, maxLength: 120, unit: 'grapheme' }),
            text: fc.string({ maxLength: 300, unit: 'binary' }),
            from: fc.integer({ min: 0, max: 60_000_000 }),
            long: fc.integer({ min: 1, max: 5000 }),
            sequence: fc.integer({ min: 0, max: 1000 }),
            cancelled: fc.boolean(),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (list) => {
          const entries = list.map((e, i) =>
            entry({ ...e, uid: `u${i}`, when: { from: e.from, to: e.from + e.long } }),
          );
          const text = writeCalendar(entries, MADE);
          // No line is longer than it may be, and none is broken inside a character.
          const octets = text.split('\r\n').map((line) => new TextEncoder().encode(line).length);
          expect(Math.max(...octets)).toBeLessThan(76);
          const found = read(text);
          expect(found).toHaveLength(entries.length);
          found.forEach((f, i) => {
            expect(f.from.toJSDate().getTime() / 60_000).toBe(list[i]!.from);
            expect(f.to.toJSDate().getTime() / 60_000).toBe(list[i]!.from + list[i]!.long);
            expect([f.sequence, f.status]).toEqual([
              list[i]!.sequence,
              list[i]!.cancelled ? 'CANCELLED' : 'CONFIRMED',
            ]);
          });
        },
      ),
      { numRuns: 200 },
    );
  });
  it('commas, semicolons, backslashes and lines come back as they were', () => {
    const text = 'Rails; nuts, screws\nC:\\shop — 5 µm over 1 m, “tight”';
    const [found] = read(writeCalendar([entry({ title: 'Ölen, fetten; prüfen'.repeat(6), text })], MADE));
    expect(found!.text).toBe(text);
    expect(found!.title).toBe('Ölen, fetten; prüfen'.repeat(6));
  });
  it('seven in the evening stays seven across a change of clocks', () => {
    // Clocks in Berlin go back on 2026-10-25: before it the evening is 17:00 UTC, after it 18:00.
    const at = (iso: string, uid: string) =>
      entry({ uid, when: { from: minutes(iso), to: minutes(iso) + 150 } });
    const found = read(writeCalendar([at('2026-10-24T17:00Z', 'a'), at('2026-10-26T18:00Z', 'b')], MADE));
    expect(found.map((f) => inBerlin(f.from.toJSDate()))).toEqual(['2026-10-24 19:00', '2026-10-26 19:00']);
    expect(found.map((f) => f.from.zone.tzid)).toEqual(['UTC', 'UTC']);
  });
  it('a delivery is a whole day, and ends before the next', () => {
    const day = { day: '2026-12-31', next: '2027-01-01' };
    const [found] = read(writeCalendar([entry({ when: day })], MADE));
    expect(found!.whole).toBe(true);
    expect([found!.from.toString(), found!.to.toString()]).toEqual(['2026-12-31', '2027-01-01']);
  });
});
