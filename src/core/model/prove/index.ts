export { startingProve, startingSheet } from './starting';
export {
  type HappeningKind,
  happenings,
  type HappeningSaid,
  type InstrumentKind,
  instrumentKinds,
  type RoundReading,
  type RoundSaid,
  type SheetSaid,
} from './truing';
