import type { Doc, SliceSteps } from '../slice';

/** Steps of the structure from version to version: version 2 had none; a bar between the feet came with 5. */
export const structureSteps: SliceSteps = {
  2: () => ({ structure: null, stand: [] }),
  4: ({ structure }) => ({ structure: structure ? { ...(structure as Doc), crossbar: null } : null }),
};
