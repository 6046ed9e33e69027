import { z } from 'zod';
import { id, list, text } from '../input';

const time = () => z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/);

/** A time of the week in which the builder works. */
const workTime = z.strictObject({
  id,
  /** Monday is 1, Sunday 7. */
  day: z.number().int().min(1).max(7),
  from: time(),
  to: time(),
});

/** A day that is otherwise: from when to when, or not at all. */
const otherDay = z.strictObject({
  id,
  date: z.iso.date(),
  /** Both empty: nothing is done that day. */
  from: z.union([time(), z.literal('')]),
  to: z.union([time(), z.literal('')]),
});

/** An entry that was handed out to a calendar, to say there what has changed. */
const sentEntry = z.strictObject({
  id,
  /** `step ` or `line ` and the key of it. */
  key: text(200),
  /** Goes up with every change. */
  sequence: z.number().int().min(0).max(1_000_000),
  start: text(30),
  end: text(30),
  cancelled: z.boolean(),
});

const calendar = z.strictObject({
  /** First day of work; null: today. */
  start: z.iso.date().nullable(),
  /** One thing after another, or as many at a time as there is nothing against. */
  hands: z.enum(['one', 'many']),
  /** In the workshop, °C: what cures takes longer in the cold. */
  workshop: z.number().min(-20).max(50),
});

export const calendarShape = {
  calendar,
  workTimes: list(workTime, 60),
  otherDays: list(otherDay, 400),
  sentEntries: list(sentEntry, 2000),
};

export type WorkTime = z.infer<typeof workTime>;
export type OtherDay = z.infer<typeof otherDay>;
export type SentEntry = z.infer<typeof sentEntry>;
export type CalendarSaid = z.infer<typeof calendar>;
