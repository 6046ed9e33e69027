export { byWeight, severity, THIN_MARGIN, type Verdict, verdictOf, worstVerdict } from './verdict';
export {
  atLeast,
  atMost,
  type Checked,
  comfort,
  COMFORT_ENDS,
  exactly,
  hasNumbers,
  NEVER_ENDS,
  type Params,
  unlessMissing,
} from './checked';
export { told } from './told';
