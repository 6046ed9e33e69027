import { z } from 'zod';
import { maybe } from '../input';

const height = () => maybe('length', { min: -1, max: 5 });
const size = () => maybe('length', { above: 0, max: 40 });

/** What passes through the machine, heights counted from the table; and what it takes of the room. */
export const passing = z.strictObject({
  /** Clear between the columns: what may pass; the travel says what may be cut. */
  between: size(),
  /** Underside of the beam. */
  under: height(),
  /** With the plunge axis all the way up: the lowest of what hangs on it, and the tip of the tool. */
  lowest: height(),
  tipUp: height(),
  /** With it all the way down: minus where the tip goes below the table. */
  tipDown: height(),
  /** Tool out of its holder. */
  stickOut: size(),
  /** Clamps over the stock, what is kept free over it, and how far a cut goes into the table. */
  holdDown: maybe('length', { min: 0, max: 1 }),
  clear: maybe('length', { min: 0, max: 1 }),
  through: maybe('length', { min: 0, max: 0.1 }),
  /** A second tool beside the first, along the gantry. */
  second: maybe('length', { min: -5, max: 5 }),
  /** Over all, with motors, plugs, chain and doors; null: out of frame and travels. */
  outer: z.strictObject({ along: size(), across: size(), up: size() }),
  /** Folded or taken apart, for the door. */
  folded: z.strictObject({ along: size(), across: size(), up: size() }),
  /** Walls of an enclosure about it. */
  wall: maybe('length', { min: 0, max: 0.5 }),
  /** Body of spindle or torch, as it is drawn. */
  spindle: z.strictObject({ diameter: size(), length: size() }),
});

export type Passing = z.infer<typeof passing>;
