export { DifferenceSections, DifferenceTable } from './difference-table';
export { AxisAnswers } from './axis-answers';
export { AxisWorking } from './axis-working';
export { comparedName, comparedValue, CompareTable } from './compare-table';
export { FindingList, NoNumber, matterOf, RemedyRow, TrialBar } from './finding-list';
export { Ours } from './ours';
