export { type AnyCheck, type Candidate, type Check, defineCheck, judge, judgedBy, type Scope } from './check';
export { type Bench, findingsOf, lazily, wholeVerdict } from './engine';
export type { Finding, Remedy } from './finding';
