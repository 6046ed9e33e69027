export * as doubtFormulas from './formulas';
export { decide, type Decision, tooCoarse } from './decision';
export {
  type Doubt,
  doubtOf,
  expandedOf,
  meanOf,
  type ReadingInput,
  readingsWanted,
  STEEL_EXPANSION,
} from './doubt';
export { type Instrument, instrumentOf, instruments, type ReadingKind } from './instrument';
export { type Point, standingOut } from './outliers';
export { normalRange95, rangeDoubt, widerBy } from './range';
export { chiSquare, student95 } from './student';
