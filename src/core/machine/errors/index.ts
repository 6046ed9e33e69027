export {
  type AxisErrors,
  type ErrorBudget,
  errorBudgets,
  type ErrorId,
  type ErrorShare,
  trainError,
} from './errors';
