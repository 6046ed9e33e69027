import { type Edit, type Project, put, startingTrial, type TrialEntry, type TrialSaid } from '@/core/model';
import { sheetEdits } from '../truing/edits';

type Kept = Pick<Project, 'trials'>;

const withTrial = ({ trials }: Kept, trial: TrialSaid): readonly Edit[] => [
  put(
    'trials',
    trials.some((t) => t.id === trial.id)
      ? trials.map((t) => (t.id === trial.id ? trial : t))
      : [...trials, trial],
  ),
];

/** The record that is being written: the newest of its key; null where there is none. */
export const openTrial = ({ trials }: Kept, key: string): TrialSaid | null =>
  trials.filter((t) => t.key === key).at(-1) ?? null;

/** A new record, with what is usually the same as before: instrument and its figures. */
export function newTrial(project: Kept, key: string, id: string, at: string): TrialSaid {
  const before = openTrial(project, key);
  const fresh = startingTrial(id, key, at);
  if (!before) return fresh;
  const { instrument, digit, limit, compensation } = before;
  return { ...fresh, instrument, digit, limit, compensation };
}

/** Begins another record beside those that are there. */
export const anewEdits = (project: Kept, key: string, id: string, at: string): readonly Edit[] => [
  put('trials', [...project.trials, newTrial(project, key, id, at)]),
];

/** Writes cells down; a record is begun where there is none. What stood in them is replaced. */
export function writeEdits(
  project: Kept,
  key: string,
  entries: readonly TrialEntry[],
  stamp: { readonly id: string; readonly at: string },
): readonly Edit[] {
  const trial = openTrial(project, key) ?? newTrial(project, key, stamp.id, stamp.at);
  const cells = new Set(entries.map((e) => e.cell));
  return withTrial(project, {
    ...trial,
    entries: [...trial.entries.filter((e) => !cells.has(e.cell)), ...entries],
  });
}

/** Takes what stands in a cell back. */
export function unwriteEdits(project: Kept, key: string, cell: string): readonly Edit[] {
  const trial = openTrial(project, key);
  if (!trial) return [];
  return withTrial(project, { ...trial, entries: trial.entries.filter((e) => e.cell !== cell) });
}

/** Says something of the record: temperature, instrument, feed, note. */
export function sayEdits(
  project: Kept,
  key: string,
  change: Partial<Omit<TrialSaid, 'id' | 'key' | 'entries' | 'taken'>>,
  stamp: { readonly id: string; readonly at: string },
): readonly Edit[] {
  const trial = openTrial(project, key) ?? newTrial(project, key, stamp.id, stamp.at);
  return withTrial(project, { ...trial, ...change });
}

/** Takes a record away. */
export const dropEdits = ({ trials }: Kept, id: string): readonly Edit[] => [
  put(
    'trials',
    trials.filter((t) => t.id !== id),
  ),
];

/** Trials are not done on this machine, or done after all. */
export function leaveEdits(
  project: Pick<Project, 'sheets'>,
  keys: readonly string[],
  left: boolean,
  freshId: () => string,
): readonly Edit[] {
  let { sheets } = project;
  for (const key of keys) {
    const [edit] = sheetEdits({ sheets }, key, { left }, freshId);
    sheets = edit!.value as unknown as Project['sheets'];
  }
  return [put('sheets', sheets)];
}
