export { FindingList, NoNumber, matterOf, RemedyRow, TrialBar } from './finding-list';
export { Ours } from './ours';
