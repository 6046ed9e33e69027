export {
  type ChoiceCode,
  choiceCodes,
  type LogChoice,
  type LogEntry,
  type LogKind,
  logKinds,
  readLog,
} from './schema';
export type { Revision } from './revisions';
export { startingEntry } from './starting';
