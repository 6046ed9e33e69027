export { type Choice, choicesOf } from './choices';
export {
  isLogCode,
  type Lesson,
  type LessonAgain,
  lessonsAgain,
  lessonsOf,
  type LogCode,
  type LogFinding,
  logFindings,
} from './lessons';
export {
  byMonth,
  type EventFilter,
  type EventKind,
  eventKinds,
  filtered,
  type LogEvent,
  type LogMonth,
  type LogSums,
  sumsOf,
  timelineOf,
} from './timeline';
export { densityOf, type LogLane, logLanes, type LogStretch } from './density';
export { type FileKind, filesOf, type LyingFile } from './files';
