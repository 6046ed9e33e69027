export { byWeight, severity, THIN_MARGIN, type Verdict, verdictOf, worstVerdict } from './verdict';
export {
  atLeast,
  atMost,
  type Checked,
  comfort,
  exactly,
  hasNumbers,
  type Params,
  unlessMissing,
} from './checked';
