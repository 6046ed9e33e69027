import { z } from 'zod';
import { id, list, text } from '../input';

/** What a reading is taken with. */
export const instrumentKinds = [
  'dial',
  'lever-dial',
  'caliper',
  'tape',
  'wire',
  'straight-edge-1',
  'straight-edge-2',
  'square-0',
  'square-1',
  'square-2',
  'machine-level',
  'level',
  'feeler',
  'ruler',
  'scale',
  'tone',
] as const;
export type InstrumentKind = (typeof instrumentKinds)[number];

/** What can happen to a part so that readings of it no longer hold. */
export const happenings = ['loosened', 'machined', 'moved', 'replaced', 'hit'] as const;
export type HappeningKind = (typeof happenings)[number];

/** What a move is of. */
export const moveKinds = [
  /** Goes under a bolt. */
  'shim',
  /** A bolt sideways. */
  'side',
  /** A corner up. */
  'raise',
  /** Pull-off of the end of the gantry at the larger Y. */
  'home',
  /** That end itself, by loosened feet. */
  'end',
  /** Behind the top or the bottom of a plate, which is turned besides. */
  'top-shim',
  'bottom-shim',
  'turn-left',
  'turn-right',
  /** Top of a post, along the bed or across it. */
  'top-along',
  'top-across',
  /** A screw that lifts, by so much up. */
  'turn-screw',
  /** A rack to or from its pinion. */
  'mesh',
  /** Far bearing of a screw, up or sideways. */
  'far-up',
  'far-side',
  /** Until a belt sounds so, or a chain hangs so. */
  'tone',
  'hang',
  /** The high side of a shaft back. */
  'tap',
  /** So deep over the whole table. */
  'skim',
] as const;
export type MoveKind = (typeof moveKinds)[number];

/** Which sheet: what is trued, and of which axis where there are several: `rail-b/height`, `mesh:bed`. */
const key = () => text(80);
/** SI: a length, a slope, or a tone in Hz. */
const figure = () => z.number().min(-1e5).max(1e5);
/** A place on the machine, m. */
const place = () => z.number().min(-50).max(50);
const time = () => z.iso.datetime();

/** What the builder says of a sheet of truing; nothing said: as it is proposed. */
const sheet = z.strictObject({
  id,
  key: key(),
  /** Empty: the one proposed. */
  method: text(30),
  instrument: z.union([z.enum(instrumentKinds), z.literal('')]),
  /** Step that is read and greatest error of the builder's own instrument, SI; null: as usual. */
  digit: z.number().min(0).max(1).nullable(),
  limit: z.number().min(0).max(1).nullable(),
  places: z.number().int().min(2).max(100).nullable(),
  /** What is good enough, SI, and how it was typed; null: out of the brief. */
  good: z.number().min(0).max(1000).nullable(),
  typed: text(40),
  /** Not done on this machine. */
  left: z.boolean(),
  note: text(1000),
});

const reading = z.strictObject({
  /** Which of the round's places. */
  place: z.number().int().min(0).max(99),
  typed: text(40),
  value: figure(),
  at: time(),
});

/** One round of readings, with the instrument as it then was. */
const round = z.strictObject({
  id,
  sheet: key(),
  at: time(),
  /** °C; null: nobody looked. */
  temperature: z.number().min(-40).max(80).nullable(),
  method: text(30),
  instrument: z.enum(instrumentKinds),
  digit: z.number().min(0).max(1),
  limit: z.number().min(0).max(1),
  places: list(z.strictObject({ x: place(), y: place() }), 100),
  readings: list(reading, 600),
  /** What was moved after it, by bolt; SI. Of older files the kind is empty. */
  moved: list(
    z.strictObject({
      kind: z.union([z.enum(moveKinds), z.literal('')]),
      bolt: z.number().int().min(0).max(999),
      by: figure(),
    }),
    1000,
  ),
});

const happening = z.strictObject({
  id,
  at: time(),
  /** What it happened to: a sheet's key, or the part before its stroke. */
  node: key(),
  what: z.enum(happenings),
  note: text(500),
});

/** What the document keeps of how the machine was trued up. */
export const truingShape = {
  sheets: list(sheet, 200),
  rounds: list(round, 2000),
  happenings: list(happening, 1000),
};

export type SheetSaid = z.infer<typeof sheet>;
export type RoundSaid = z.infer<typeof round>;
export type RoundReading = z.infer<typeof reading>;
export type HappeningSaid = z.infer<typeof happening>;
