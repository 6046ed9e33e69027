import { z } from 'zod';
import { list, text } from '../input';

/** What a builder wants to make: finer than the kind of work, for a plan is sized by it. */
export const jobs = [
  'board',
  'slab',
  'plastic',
  'aluminium',
  'steel',
  'plasma',
  'foam',
  'knife',
  'pen',
] as const;
export type Job = (typeof jobs)[number];

/** Of what a frame may be made: what the builder can work. */
export const frameKinds = ['steel', 'aluminium', 'wood'] as const;
export type FrameKind = (typeof frameKinds)[number];

/** What was answered at the start and stands nowhere else in the brief. */
export const wishes = z.strictObject({
  job: z.enum(jobs).nullable(),
  /** Whether the arrangement of the brief is asked for, or one is to be proposed. */
  arrange: z.enum(['propose', 'said']),
  /** Null: of whatever does best. */
  frame: z.enum(frameKinds).nullable(),
  /** Families and parts, by id, that are not wanted. */
  refused: list(text(80), 200),
});

export type Wishes = z.infer<typeof wishes>;
