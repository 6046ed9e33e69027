import { writeTable } from '@/core/formats';
import type { LogEvent } from '@/core/log';
import type { Project } from '@/core/model';
import { eventNames } from '@/words';
import { stampOf } from './when';

interface Known {
  readonly title: (event: LogEvent) => string;
  /** Names of parts by their key. */
  readonly names: ReadonlyMap<string, string>;
}

const columns = ['when', 'kind', 'what', 'axis', 'part', 'hours', 'money', 'readings', 'note'];

/** Events as a table, one a row, in the order in which they are shown. */
export const logCsv = (
  { axes }: Pick<Project, 'axes'>,
  events: readonly LogEvent[],
  { title, names }: Known,
): string =>
  writeTable(
    columns,
    events.map((e) => [
      stampOf(e.at),
      eventNames[e.kind],
      title(e),
      axes.find((a) => a.id === e.axis)?.name ?? '',
      names.get(e.part) ?? '',
      e.hours ?? '',
      e.money ?? '',
      e.readings || '',
      e.entry ? e.entry.note : e.text,
    ]),
  );
