import type { Doc, SliceSteps } from '../slice';

/** Until version 15 every plan was kept by hand. */
const byHand = (revisions: unknown): unknown =>
  Array.isArray(revisions) ? revisions.map((r: unknown) => ({ ...(r as Doc), by: 'hand' })) : revisions;

/** Version 14 kept neither log nor revisions, version 15 no upgrades, and no plan by itself. */
export const logSteps: SliceSteps = {
  14: () => ({ log: [], revisions: [] }),
  15: ({ revisions }) => ({ upgrades: [], revisions: byHand(revisions) }),
};
