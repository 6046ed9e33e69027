export * as positioningFormulas from './formulas';
export {
  compensation,
  type Positioning,
  positioningOf,
  STANDARD_RUNS,
  type Target,
  targetPlaces,
  type TargetResult,
} from './positioning';
