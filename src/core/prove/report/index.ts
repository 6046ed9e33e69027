export { type Proving } from './checks';
export {
  isProveCode,
  isWorkCode,
  type ProveCode,
  type ProveFigure,
  proveFindings,
  provePlace,
  type ProveFinding,
  proveSummary,
  type ProveSummary,
  provingOf,
  type WorkFinding,
} from './report';
