export { FindingList, matterOf, RemedyRow, TrialBar } from './finding-list';
