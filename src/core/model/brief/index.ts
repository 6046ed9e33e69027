export type { BriefRuleCode } from './rules';
export {
  type Arrangement,
  arrangements,
  type Brief,
  type Cut,
  type MillCut,
  type Spindle,
  spindleBearings,
  type SpindleBelt,
  spindleBelts,
  type StockKind,
  stocks,
  type Work,
  works,
} from './schema';
export {
  startingBrief,
  startingCut,
  startingSpindle,
  startingSpindleBelt,
  startingWishes,
  type StockForce,
  stockForces,
  stockInputs,
} from './starting';
export { type FrameKind, frameKinds, type Job, jobs, type Wishes } from './wishes';
