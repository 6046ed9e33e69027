export {
  isProveCode,
  isWorkCode,
  type ProveCode,
  type ProveFigure,
  proveFindings,
  type ProveFinding,
  proveSummary,
  type ProveSummary,
  type WorkFinding,
} from './report';
