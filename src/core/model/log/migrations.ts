import type { SliceSteps } from '../slice';

/** Version 14 kept neither log nor revisions, version 15 no upgrades. */
export const logSteps: SliceSteps = {
  14: () => ({ log: [], revisions: [] }),
  15: () => ({ upgrades: [] }),
};
