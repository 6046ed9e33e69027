import { z } from 'zod';
import { id, list, text } from '../input';
import { instrumentKinds } from './truing';

/** SI: a length, a force, a speed, a tone; of what was only looked at 1 for yes and 0 for no. */
const figure = () => z.number().min(-1e7).max(1e7);

/** One thing that was written down. */
const entry = z.strictObject({
  /** Which cell of the trial: `up-3/run-2`. */
  cell: text(60),
  typed: text(40),
  value: figure(),
  /** Where, how fast, how hard it was read: the plan may change, what was read does not; null: nowhere. */
  at: figure().nullable(),
});

/** An input that was taken out of a trial into the plan, with what stood there before as JSON. */
const taken = z.strictObject({
  /** Empty: it belongs to no axis. */
  axis: text(64),
  path: text(120),
  before: text(8000),
});

/** One record of a trial: of first motion, or of proof. */
const trial = z.strictObject({
  id,
  /** Which: `steps:bed`. */
  key: text(80),
  at: z.iso.datetime(),
  /** °C; null: nobody looked. */
  temperature: z.number().min(-40).max(80).nullable(),
  instrument: z.union([z.enum(instrumentKinds), z.literal('')]),
  /** Step that is read and greatest error of the builder's own instrument, SI; null: as usual. */
  digit: z.number().min(0).max(100).nullable(),
  limit: z.number().min(0).max(100).nullable(),
  /** m/s at which it was run; null: as the program says. */
  feed: z.number().min(0).max(10).nullable(),
  /** Minutes since the machine was switched on; null: nobody looked. */
  running: z.number().min(0).max(10_000).nullable(),
  compensation: z.enum(['', 'on', 'off']),
  entries: list(entry, 800),
  note: text(1000),
  taken: list(taken, 20),
});

/** How programs are written where the builder's controller differs from its class; empty: as usual. */
const posting = z.strictObject({
  dwell: z.enum(['', 'seconds', 'milliseconds']),
  remarks: z.enum(['', 'brackets', 'semicolon']),
});

/** What the document keeps of first motion and proof. */
export const trialsShape = { trials: list(trial, 2000), posting };

export type TrialSaid = z.infer<typeof trial>;
export type TrialEntry = z.infer<typeof entry>;
export type TrialTaken = z.infer<typeof taken>;
export type PostingSaid = z.infer<typeof posting>;
