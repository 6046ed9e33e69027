export * as positioningFormulas from './formulas';
export { type PositioningDoubt, positioningDoubt } from './doubt';
export {
  compensation,
  figuresOf,
  type Positioning,
  positioningOf,
  STANDARD_RUNS,
  type Target,
  targetPlaces,
  type TargetResult,
} from './positioning';
