export { type WholeFault, type WholeFaults, wholeFaults, wholeOf } from './begin';
export { movedBy } from './moving';
export { shownAt } from './shown';
export type { WholeState } from './state';
export { carriedBy, ORIGIN, type Touch, type WholeBench, wholeBench } from './bench';
