export { bedFlexibility, pairFlexibility } from './bed';
export type { Vector } from './element';
export type { GantryInput, Six } from './gantry';
export {
  type Base,
  type Carried,
  type GantryAnswer,
  type GantrySolved,
  type Series,
  type Share,
  type Station,
} from './answer';
export { solveGantry } from './solve';
