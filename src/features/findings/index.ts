export { AxisWorking } from './axis-working';
export { FindingList, NoNumber, matterOf, RemedyRow, TrialBar } from './finding-list';
export { Ours } from './ours';
