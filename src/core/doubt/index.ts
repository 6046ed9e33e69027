export { axisDoubt, curveOff, type AxisDoubt, type RungDoubt, type Sway, swayed, swaysOf } from './axis';
export {
  type AxisBands,
  type Band,
  doubtAnswer,
  type DoubtAnswer,
  type DoubtedCheck,
  type First,
  joinedFirst,
  openMargins,
} from './answer';
export { type FigureDraws, MOVES } from './figures';
export { type FrameResponse, joinedResponse } from './frame';
export { type DoubtInput, doubtInputs, materialAt } from './inputs';
export type { DoubtCode } from './judge';
export { type Method, type MethodId, methodIds, methodFor, readingHalf } from './methods';
export type { DoubtAsked, DoubtStep } from './parts';
export { bearsDoubt, spreadAt } from './sure';
export { type Crossing, type SweepAsked, sweepRange, sweepSteps, type Swept, type SweptCheck } from './sweep';
export { type Chance, noneOf, wilson } from './wilson';
export { doubtOf, type DoubtOutput, doubtPart, type DoubtPart, FIRST_DRAWS, rangesOf } from './work';
export { type Cause, type DoubtTold, joinedTold, type Measuring } from './worth';
