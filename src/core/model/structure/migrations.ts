import type { SliceSteps } from '../slice';

/** Steps of the structure from version to version: version 2 had none. */
export const structureSteps: SliceSteps = { 2: () => ({ structure: null, stand: [] }) };
