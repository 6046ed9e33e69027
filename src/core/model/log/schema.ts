import { z } from 'zod';
import { id, list, text } from '../input';
import { revisionsShape } from './revisions';
import { upgradesShape } from './upgrades';

/** What an entry of the log tells. */
export const logKinds = [
  'note',
  /** Hours at the machine. */
  'work',
  /** A part was changed, or gave out. */
  'part',
  'expense',
  /** What was read outside the sheets of Prove. */
  'reading',
  /** What one would do otherwise: it comes back where the same choice is made again. */
  'regret',
  /** What one would do again. */
  'lesson',
] as const;
export type LogKind = (typeof logKinds)[number];

/** Choices of a plan that a regret or a lesson may be about. */
export const choiceCodes = [
  'arrangement',
  'drive',
  'thread',
  'nut',
  'far-end',
  'thrust-bearing',
  'mesh',
  'belt',
  'motor',
  'reducer',
  'coupling',
  'guide',
  'preload',
  'screw-size',
] as const;
export type ChoiceCode = (typeof choiceCodes)[number];

const choice = z.strictObject({
  code: z.enum(choiceCodes),
  /** As it was chosen: `belt`, `16 x 5`. */
  value: text(60),
});

const entry = z.strictObject({
  id,
  /** When it happened. */
  at: z.iso.datetime(),
  kind: z.enum(logKinds),
  title: text(160),
  note: text(4000),
  /** Id of the axis; empty: the machine. */
  axis: text(64),
  /** Key of a line of the list of parts; empty: none. */
  part: text(160),
  hours: z.number().min(0).max(10_000).nullable(),
  /** In the builder's own money. */
  money: z.number().min(0).max(1e7).nullable(),
  /** Hashes of photos. */
  photos: list(text(80), 20),
  /** Of a regret or a lesson; null: of no choice in particular. */
  choice: choice.nullable(),
});

/**
 * What the slice owns in the document: the builder's own entries. What the other slices date is not written
 * twice.
 */
export const logShape = { log: list(entry, 5000), ...revisionsShape, ...upgradesShape };

/** Entries of a log as it is stored; what is none, of an older or newer edition, is passed over. */
export const readLog = (stored: unknown): readonly LogEntry[] =>
  Array.isArray(stored)
    ? stored.flatMap((e) => {
        const read = entry.safeParse(e);
        return read.success ? [read.data] : [];
      })
    : [];

export type LogEntry = z.infer<typeof entry>;
export type LogChoice = z.infer<typeof choice>;
