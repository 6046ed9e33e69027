import type { Doc, SliceSteps } from '../slice';

/** Feet of which nobody has said anything. */
const feet = { held: 'free', along: null, across: null, height: null };

/**
 * Steps of the structure from version to version: version 2 had none; a bar between the feet came with 5,
 * what the machine stands on with 6.
 */
export const structureSteps: SliceSteps = {
  2: () => ({ structure: null, stand: [] }),
  4: ({ structure }) => ({ structure: structure ? { ...(structure as Doc), crossbar: null } : null }),
  5: ({ structure }) => ({ structure: structure ? { ...(structure as Doc), feet } : null }),
};
