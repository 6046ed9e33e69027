import type { SliceSteps } from '../slice';

/** Version 14 kept neither log nor revisions. */
export const logSteps: SliceSteps = { 14: () => ({ log: [], revisions: [] }) };
