export { type Answer, type Mode, modes, type Now, readAnswer } from './answers';
export { type LinkClient, linkClient, MUTE, type Reply } from './client';
export { crc16, opened, sealed } from './crc';
export { dialGap, type DialReading, readDial } from './dial';
export { bytesOf, type Heard, lineReader, MOST_LINE, NOW, type NowByte } from './lines';
export type { BytePort, Clock } from './port';
export {
  type Fault,
  FAULTS,
  figureText,
  MOST_SEQ,
  plainNumber,
  readWords,
  type Refusal,
  REFUSALS,
  requestText,
  type Words,
  type WordsRead,
} from './words';
export { type Disarmed, IDLE, type LineState, type MachineLine, machineLine } from './machine-line';
