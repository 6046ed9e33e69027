export { byWeight, THIN_MARGIN, type Verdict, verdictOf, worstVerdict } from './verdict';
export type { Edit, EditValue, Finding, Issue, Remedy } from './finding';
export { atLeast, atMost, type Checked, comfort } from './checked';
