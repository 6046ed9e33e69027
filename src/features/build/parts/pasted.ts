import { type LineChange, lineEdits } from '@/core/build';
import { listColumns } from '@/core/formats';
import type { Edit, Project } from '@/core/model';
import { freshId } from '@/session';
import { type ColumnId, columnIds, isTyped, partColumns } from './columns';
import type { PartRow } from './rows';
import { typedInto } from './typing';

/** Cells as a spreadsheet puts them on the clipboard. */
const cellsOf = (text: string): string[][] =>
  text
    .replace(/\r?\n$/, '')
    .split(/\r?\n/)
    .map((line) => line.split('\t').map((c) => c.trim()));

/** Whether the first row names columns: then it is rows of a list, not cells. */
const isList = ([first = []]: readonly (readonly string[])[]) =>
  first.length > 0 && first.every((c) => listColumns.some((name) => name === c.toLowerCase()));

/**
 * Cells that were pasted from a cell on, over the rows as they are shown; null where the text is rows with a
 * heading. All of them or none.
 */
export function pastedInto(
  project: Pick<Project, 'partLines'>,
  text: string,
  order: readonly PartRow[],
  at: { readonly row: string; readonly column: ColumnId },
  today: string,
): { readonly edits: readonly Edit[]; readonly error?: string } | null {
  const cells = cellsOf(text);
  if (isList(cells)) return null;
  const from = order.findIndex((r) => r.key === at.row);
  const column = columnIds.indexOf(at.column);
  const changes = new Map<string, LineChange>();
  const fails = (error: string) => ({ edits: [], error });
  for (const [i, line] of cells.entries()) {
    const row = order[from + i];
    if (!row)
      return fails(`Pasted: read ${cells.length} rows; wanted at most ${order.length - from} from here on.`);
    for (const [j, cell] of line.entries()) {
      const to = partColumns[column + j];
      if (!to)
        return fails(`Pasted: read ${line.length} columns; wanted at most ${columnIds.length - column}.`);
      if (!isTyped(to, row)) return fails(`${to.title} of ${row.name}: nothing can be typed there.`);
      const typed = typedInto(row, to.id, cell, today);
      if ('error' in typed) return fails(`${row.name}: ${typed.error}`);
      changes.set(row.key, { ...changes.get(row.key), ...typed.change });
    }
  }
  return { edits: lineEdits(project, changes, freshId) };
}
