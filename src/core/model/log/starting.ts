import type { LogEntry, LogKind } from './schema';

/** An entry in which nothing is written yet. @param at ISO date and time. */
export const startingEntry = (id: string, at: string, kind: LogKind): LogEntry => ({
  id,
  at,
  kind,
  title: '',
  note: '',
  axis: '',
  part: '',
  hours: null,
  money: null,
  photos: [],
  choice: null,
});
