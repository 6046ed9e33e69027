import { z } from 'zod';
import { id, input, list, maybe, name, text } from '../input';

const length = () => input('length', { above: 0.001, max: 50 });
/** Along a bar, m. */
const metres = () => z.number().min(0).max(50);

/** A bar that can be bought or that lies in the corner. */
const bar = z.strictObject({
  id,
  /** What it is a bar of: the same key for all that can be cut out of it. */
  section: text(120),
  length: length(),
  /** Of one bar; null: nobody has said. */
  price: z.number().min(0).max(1e6).nullable(),
  /** Null: as many as are wanted can be bought; else so many lie here. */
  count: z.number().int().min(0).max(500).nullable(),
  /** Of a rail: from its end to its first hole; null: half its pitch. */
  firstHole: maybe('length', { min: 0, max: 2 }),
  note: text(200),
});

/** How one kind of bar is sawn. */
const saw = z.strictObject({
  id,
  section: text(120),
  kerf: input('length', { min: 0, max: 0.05 }),
  squared: input('length', { min: 0, max: 1 }),
  stub: input('length', { min: 0, max: 2 }),
  /** Rails: both ends alike, or wherever the holes let them be. */
  ends: z.enum(['equal', 'free']),
});

/** A piece that the model does not ask for. */
const ownPiece = z.strictObject({
  id,
  name,
  section: text(120),
  length: length(),
  count: z.number().int().min(1).max(500),
  /** Height of the section in the plane of the mitre, where both ends are at 45°; null: square ends. */
  mitre: maybe('length', { above: 0.001, max: 1 }),
});

/** A bar that was begun: what was sawn off it, one after another, m from its raw end. */
const begunBar = z.strictObject({
  id,
  section: text(120),
  /** Id of the bar it was; empty where that is gone. */
  bar: text(64),
  length: metres(),
  firstHole: metres(),
  cuts: list(
    z.strictObject({
      id,
      /** Which piece it was meant to be. */
      piece: text(200),
      start: metres(),
      end: metres(),
      state: z.enum(['good', 'spoilt']),
    }),
    200,
  ),
});

/** What belongs to sawing as a whole, and all that is sawn. */
export const sawingShape = {
  bars: list(bar, 300),
  saws: list(saw, 60),
  ownPieces: list(ownPiece, 300),
  begunBars: list(begunBar, 300),
  remnants: z.strictObject({
    /** Shorter ones are scrap. */
    keep: input('length', { min: 0, max: 10 }),
    /** Share of its price by length that a remnant is worth. */
    worth: input('ratio', { min: 0, max: 1 }),
  }),
};

export type BarInput = z.infer<typeof bar>;
export type SawInput = z.infer<typeof saw>;
export type OwnPiece = z.infer<typeof ownPiece>;
export type BegunBar = z.infer<typeof begunBar>;
