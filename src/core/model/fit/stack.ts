import { z } from 'zod';
import { id, input, list, maybe, name, text } from '../input';

/** Dimensions of parts that the machine itself may know, from face to face. */
export const partDimensions = [
  'carriage-height',
  'rail-height',
  'carriage-half',
  'block-height',
  'block-half',
  'nut-face',
  'nut-half',
  'plate',
  'motor-height',
  'rack-pitch-line',
  'pinion-radius',
  'rail-spacing',
] as const;
export type PartDimension = (typeof partDimensions)[number];

/** A plane that links meet at: one of ours by its word, or whatever the builder calls it. */
const plane = name;
const height = () => maybe('length', { min: -2, max: 2 });
const bodySize = () => maybe('length', { above: 0, max: 2 });
const off = () => maybe('length', { min: 0, max: 0.05 });

/** One link: how far a plane stands from another, as published, as drawn, as measured. */
export const stackLink = z.strictObject({
  id,
  name,
  from: plane,
  to: plane,
  /** The dimension of a part of this axis that it is; null: of nothing that the machine knows. */
  says: z.enum(partDimensions).nullable(),
  /** The thing that it measures, in the builder's words; the same thing twice in a chain is asked about. */
  part: text(60),
  /** What its datasheet says; null: what the chosen part is known for. */
  published: height(),
  drawn: height(),
  measured: height(),
  /** Half of the 95 % interval of the reading. */
  doubt: off(),
  /** By how much more and by how much less it may be. */
  plus: off(),
  minus: off(),
  shape: z.enum(['two-sigma', 'three-sigma', 'unknown']),
  /** Cut in one go with others: they err together. */
  lot: text(40),
});

/** A free space that the links leave, and what it should be. */
export const stackGap = z.strictObject({
  id,
  name,
  from: plane,
  to: plane,
  least: height(),
  most: height(),
  target: height(),
  mend: z.enum(['shim', 'recess', 'slot', 'adjust']),
  /** Of a slot: the body that goes into it, what is kept free at each side, and whether it runs in it. */
  body: z.strictObject({ width: bodySize(), length: bodySize() }),
  side: off(),
  runs: z.enum(['with', 'along']),
});

/** Heights and spacings of an axis as links between planes, and the gaps that they leave. */
export const stack = z.strictObject({ links: list(stackLink, 60), gaps: list(stackGap, 20) });

/** Sheets of shim at hand; no count: as many as are wanted. */
export const shim = z.strictObject({
  id,
  thickness: input('length', { above: 0.000005, max: 0.02 }),
  count: maybe('count', { min: 0, max: 1000, whole: true }),
});

export type StackLinkInput = z.infer<typeof stackLink>;
export type StackGapInput = z.infer<typeof stackGap>;
export type Shim = z.infer<typeof shim>;
