export { byWeight, THIN_MARGIN, type Verdict, verdictOf, worstVerdict } from './verdict';
export type { Edit, EditValue, Finding, Issue, Remedy } from './finding';
