export { FindingList, NoNumber, matterOf, RemedyRow, TrialBar } from './finding-list';
