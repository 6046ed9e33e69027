export type { BriefRuleCode } from './rules';
export {
  type Arrangement,
  arrangements,
  type Brief,
  type Cut,
  type MillCut,
  type StockKind,
  stocks,
  type Work,
  works,
} from './schema';
export {
  startingBrief,
  startingCut,
  startingWishes,
  type StockForce,
  stockForces,
  stockInputs,
} from './starting';
export { type FrameKind, frameKinds, type Job, jobs, type Wishes } from './wishes';
