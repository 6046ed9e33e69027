export * as squareFormulas from './formulas';
export { fourPoints, type FourPoints, type SixLengths } from './four-points';
