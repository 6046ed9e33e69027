import { z } from 'zod';
import { id, list, text } from '../input';

const date = () => z.iso.date().nullable();
/** Name of a step: of the proposal, or `own:` and an id. */
const key = () => text(120);

export const stepStates = ['open', 'begun', 'done'] as const;
export type StepState = (typeof stepStates)[number];

/** What was read at a step, as it was typed. */
const reading = z.strictObject({
  id,
  /** Which reading of the step it is. */
  what: text(60),
  typed: text(40),
  value: z.number().min(-1e6).max(1e6),
  on: date(),
});

/** What the builder says of a step; one whose key begins with `own:` is of the builder alone. */
const step = z.strictObject({
  id,
  key: key(),
  /** Empty: as it is proposed. */
  name: text(120),
  /** Id of the axis it belongs to; means nothing where it is proposed. */
  owner: text(64),
  state: z.enum(stepStates),
  done: date(),
  /** Not done on this machine at all. */
  left: z.boolean(),
  /** Work and the wait after it; null: as proposed. */
  minutes: z.number().min(0).max(100_000).nullable(),
  wait: z.number().min(0).max(10_000).nullable(),
  people: z.number().int().min(1).max(10).nullable(),
  /** Steps that come before it besides those proposed, and proposed ones that need not. */
  needs: list(key(), 60),
  freed: list(key(), 60),
  note: text(1000),
  readings: list(reading, 40),
  /** Hashes of photos. */
  photos: list(text(80), 20),
});

/** Said by hand: this part hides the screws of that joint, or does not. */
const cover = z.strictObject({ id, joint: text(120), part: text(120), hides: z.boolean() });

/** What the builder says of putting the machine together. */
const assembly = z.strictObject({
  /** Put together once before anything is painted. */
  trial: z.boolean(),
  /** Parts that are painted. */
  painted: list(text(120), 200),
});

export const assemblyShape = {
  assembly,
  steps: list(step, 800),
  covers: list(cover, 2000),
};

export type StepSaid = z.infer<typeof step>;
export type ReadingSaid = z.infer<typeof reading>;
export type CoverSaid = z.infer<typeof cover>;
export type AssemblySaid = z.infer<typeof assembly>;
