import { z } from 'zod';
import { id, list, name, text } from '../input';

/** A part of the builder's own, of a family of the catalogue. */
const ownPart = z.strictObject({
  id,
  family: z.string().regex(/^[a-z-]{1,40}$/),
  name,
  /** What was typed into the family's columns, by path. */
  values: z.record(text(60), text(80)),
  price: z.number().min(0).max(1e6).nullable(),
  onHand: z.number().int().min(0).max(10_000),
  note: text(500),
});

/** What the slice owns in the document. */
export const partsShape = { ownParts: list(ownPart, 2000) };

export type OwnPart = z.infer<typeof ownPart>;
