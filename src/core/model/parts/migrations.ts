import type { SliceSteps } from '../slice';

/** Steps of the parts from version to version. */
export const partsSteps: SliceSteps = { 1: () => ({ ownParts: [] }) };
