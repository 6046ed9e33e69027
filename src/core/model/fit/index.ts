export type { AxisEnd, Cushion, CushionKind, Homing } from './ends';
export type { HolePattern, Joins, PlateGroupInput, PlateInput, PlateKind } from './plates';
export type { AxisFit } from './schema';
export {
  type PartDimension,
  partDimensions,
  type Shim,
  type StackGapInput,
  type StackLinkInput,
} from './stack';
export type { Passing } from './passing';
export { startingCushion, startingFit, startingPassing, startingShims } from './starting';
