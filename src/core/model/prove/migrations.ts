import type { SliceSteps } from '../slice';

/** Steps of what the slice owns. */
export const proveSteps: SliceSteps = {
  // Version 10 knew nothing of truing up and of faults.
  10: () => ({ sheets: [], rounds: [], happenings: [], symptoms: [] }),
  // Version 11 knew nothing of first motion and proof.
  11: () => ({ trials: [], posting: { dwell: '', remarks: '' } }),
};
