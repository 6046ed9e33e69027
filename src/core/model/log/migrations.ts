import type { SliceSteps } from '../slice';

/** Version 14 kept no log. */
export const logSteps: SliceSteps = { 14: () => ({ log: [] }) };
