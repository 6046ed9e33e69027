import type { SliceSteps } from '../slice';

/** Steps of the files from version to version. */
export const filesSteps: SliceSteps = { 3: () => ({ files: [] }) };
