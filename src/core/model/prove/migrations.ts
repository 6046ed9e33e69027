import type { SliceSteps } from '../slice';

/** Steps of what the slice owns. */
export const proveSteps: SliceSteps = {
  // Version 10 knew nothing of truing up and of faults.
  10: () => ({ sheets: [], rounds: [], happenings: [], symptoms: [] }),
};
