import { z } from 'zod';
import { id, list, text } from '../input';

/** How large the faults of a practice machine are. */
export const practiceLevels = ['slight', 'plain', 'bad'] as const;
export type PracticeLevel = (typeof practiceLevels)[number];

/** What a hint tells: where, by which test, by which reading. */
export const practiceHints = ['region', 'test', 'reading'] as const;
export type PracticeHint = (typeof practiceHints)[number];

const time = () => z.iso.datetime();

/** A fault as the learner named it. */
const named = z.strictObject({
  id,
  fault: text(40),
  /** Empty: it belongs to no axis. */
  axis: text(64),
  at: time(),
  /** Whether the part was put right, too. */
  mended: z.boolean(),
});

/** A machine to practise on: its faults follow from seed and level. */
const practice = z.strictObject({
  seed: z.number().int().min(1).max(999_999),
  level: z.enum(practiceLevels),
  began: time(),
  /** Null: it goes on. */
  ended: time().nullable(),
  hints: list(z.strictObject({ hint: z.enum(practiceHints), at: time() }), 3),
  named: list(named, 40),
});

/** What the document keeps of a practice round; null: the machine is a real one. */
export const practiceShape = { practice: practice.nullable() };

export type PracticeSaid = z.infer<typeof practice>;
export type PracticeNamed = z.infer<typeof named>;
