export {
  type AssemblySaid,
  type CoverSaid,
  type ReadingSaid,
  type StepSaid,
  type StepState,
  stepStates,
} from './assembly';
export {
  type Buying,
  type Cabling,
  type PartLine,
  type PartState,
  partStates,
  type QuoteInput,
  type SellerInput,
} from './buying';
export type { CalendarSaid, OtherDay, SentEntry, WorkTime } from './calendar';
export type { BarInput, BegunBar, OwnPiece, SawInput } from './sawing';
export { startingBuild, startingLine, startingStep } from './starting';
export {
  type ControllerClass,
  controllerClasses,
  type SignalWay,
  signalWays,
  type WirePin,
  type WiringSaid,
} from './wiring';
