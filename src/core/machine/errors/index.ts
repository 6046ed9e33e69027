export { type ErrorBudget, errorBudgets, type ErrorId, type ErrorShare } from './errors';
