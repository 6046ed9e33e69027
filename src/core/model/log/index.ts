export {
  type ChoiceCode,
  choiceCodes,
  type LogChoice,
  type LogEntry,
  type LogKind,
  logKinds,
  readLog,
} from './schema';
export { startingEntry } from './starting';
