export { type Arc, arcOf, flattened } from './arc';
export {
  type Box,
  boundsOf,
  boxOf,
  grown,
  inside,
  overlap,
  shapeBox,
  textBox,
  trueBounds,
  union,
} from './box';
export { type Label, placeLabels, type Side, type Taken, takenBy } from './labels';
export { dashes, figure, gathered, pathData } from './path-data';
export { plain, plainShapes } from './plain';
export { type Sheet, sheetOf } from './sheet';
export {
  block,
  bow,
  type Circle,
  circle,
  type Dash,
  type Dimension,
  type Drawing,
  type Hatch,
  type Hole,
  type Ink,
  line,
  outline,
  type Outline,
  type Pen,
  type Plain,
  type Point,
  polyline,
  rect,
  type Shape,
  slot,
  type Text,
  type Vertex,
} from './shapes';
export { composed, joined, type Parts, turnedParts } from './compose';
export { dimensionRows, type Wanted } from './rows';
export { textWidth } from './text';
export { moved, placed, quarterTurn, quarterTurnPoint } from './turn';
export { paperInks } from './inks';
