export { BoxReader, type ProgramBox } from './box';
export { type Begin, type State as ReadState } from './state';
export { Lines, LINES_A_MARK } from './lines';
export {
  type Act,
  type Arc,
  arcPlace,
  type Motion,
  type PathMode,
  type Place,
  quadrantsOf,
  type Sink,
  wayAt,
} from './motion';
export {
  faultCodes,
  type FaultCode,
  isFault,
  type Note,
  type NoteCode,
  type RemarkCode,
  remarkCodes,
} from './note';
export { Reader, type ReadTold } from './reader';
export { plainTaking, type Taking } from './taking';
