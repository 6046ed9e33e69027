export {
  type Buying,
  type Cabling,
  type PartLine,
  type PartState,
  partStates,
  type QuoteInput,
  type SellerInput,
} from './buying';
export type { BarInput, BegunBar, OwnPiece, SawInput } from './sawing';
export { startingBuild, startingLine } from './starting';
