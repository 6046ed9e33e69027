export {
  actionFor,
  type Change,
  type Mend,
  mends,
  type StackAction,
  type Standing,
  standing,
  type Window,
} from './action';
export { closeGap, type ClosedGap, evenWithNormal } from './close';
export { drawGap } from './draws';
export {
  evened,
  IN_95,
  sigmaOf,
  type SpreadShape,
  spreadShapes,
  type StackGap,
  type StackLink,
} from './link';
export { countedTwice, hangTogether, loopsOf, pathOf, type Step, type Twice } from './path';
export { leastPile, type Pile, type Sheets } from './pile';
