import { z } from 'zod';
import { id, list, text } from '../input';

/** How large the faults of a practice machine are. */
export const practiceLevels = ['slight', 'plain', 'bad'] as const;
export type PracticeLevel = (typeof practiceLevels)[number];

/** What can be wrong with a practice machine: where its parts lie, how it moves, what it is read with. */
export const practiceFaults = [
  'rail-a-bow',
  'rail-a-side',
  'rail-b-apart',
  'wind',
  'gantry-out',
  'roll',
  'nod',
  'tram-right',
  'droop',
  'posts',
  'out-of-step',
  'screw-off',
  'coupling-runout',
  'mesh-slope',
  'pinion',
  'rack-joint',
  'belt-slack',
  'steps',
  'nut-play',
  'bearing-play',
  'grub-screw',
  'lead',
  'current',
  'supply',
  'late-direction',
  'switch-scatter',
  'wire-open',
  'drift',
  'compensation',
  'sticky-indicator',
  'square-out',
  'edge-bow',
] as const;
export type PracticeFault = (typeof practiceFaults)[number];

/** What a hint tells: where, by which test, by which reading. */
export const practiceHints = ['region', 'test', 'reading'] as const;
export type PracticeHint = (typeof practiceHints)[number];

const time = () => z.iso.datetime();

/** Which fault, and of which axis; empty: it belongs to none. */
const which = { fault: z.enum(practiceFaults), axis: text(64) };

/** A fault as it was hidden: it stays, whatever becomes of the plan. */
const hidden = z.strictObject({
  ...which,
  /** SI, with its sign: a length, a slope, a share, pulses. */
  size: z.number().min(-1e3).max(1e3),
});

/** A fault as the learner named it. */
const named = z.strictObject({
  id,
  ...which,
  at: time(),
  /** Whether the part was put right, too. */
  mended: z.boolean(),
});

/** A machine to practise on, with the faults that seed and level drew when the round began. */
const practice = z.strictObject({
  seed: z.number().int().min(1).max(999_999),
  level: z.enum(practiceLevels),
  began: time(),
  /** Null: it goes on. */
  ended: time().nullable(),
  hints: list(z.strictObject({ hint: z.enum(practiceHints), at: time() }), 3),
  hidden: list(hidden, 4),
  named: list(named, 40),
});

/** What the document keeps of a practice round; null: the machine is a real one. */
export const practiceShape = { practice: practice.nullable() };

export type PracticeSaid = z.infer<typeof practice>;
export type PracticeNamed = z.infer<typeof named>;
