export { closeChain, type Closed, type Span } from './chain';
export * as fit from './formulas';
