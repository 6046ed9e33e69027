'use client';

import { startTransition, useDeferredValue, useMemo, useState } from 'react';
import { type ColumnId, type FilterId, type GroupingId, partColumns, passes } from './columns';
import type { PartRow } from './rows';

/*
 * Sorting, filter and groups of the list. A library for tables makes an object with dozens of functions for
 * each row whenever one of them changes, which for 2000 rows takes longer than a keystroke may.
 */

/** What stands in one row of the table: the head of a group, or a line. */
export type Entry =
  | {
      readonly kind: 'group';
      readonly id: string;
      readonly name: string;
      readonly rows: readonly PartRow[];
      readonly open: boolean;
    }
  | { readonly kind: 'line'; readonly id: string; readonly row: PartRow };

export interface Sorting {
  readonly column: ColumnId;
  readonly falling: boolean;
}

const collator = new Intl.Collator();

/** Words as a dictionary has them, figures by size. */
function inOrder(a: string | number, b: string | number): number {
  return typeof a === 'number' && typeof b === 'number' ? a - b : collator.compare(String(a), String(b));
}

/** Whether every word that is looked for stands somewhere in the row. */
function matches(row: PartRow, wanted: readonly string[]): boolean {
  if (!wanted.length) return true;
  const said = row.line.said;
  const text = [row.name, row.owner, row.from, row.due, said?.option, said?.note].join(' ').toLowerCase();
  return wanted.every((w) => text.includes(w));
}

/** Rows in their order; as the list has them where nothing is sorted. */
export function sorted(rows: readonly PartRow[], sorting: Sorting | null): readonly PartRow[] {
  if (!sorting) return rows;
  const { sort } = partColumns.find((c) => c.id === sorting.column)!;
  const sign = sorting.falling ? -1 : 1;
  return rows
    .map((row) => ({ row, by: sort(row) }))
    .sort((a, b) => sign * inOrder(a.by, b.by))
    .map(({ row }) => row);
}

/** Rows under the heads of their groups, in the order in which each group comes first. */
export function gathered(
  rows: readonly PartRow[],
  grouping: GroupingId,
  closed: ReadonlySet<string>,
): readonly Entry[] {
  const line = (row: PartRow): Entry => ({ kind: 'line', id: row.key, row });
  if (grouping === 'none') return rows.map(line);
  const { text } = partColumns.find((c) => c.id === grouping)!;
  const groups = new Map<string, PartRow[]>();
  for (const row of rows) {
    const name = text(row);
    const group = groups.get(name);
    if (group) group.push(row);
    else groups.set(name, [row]);
  }
  return [...groups].flatMap(([name, own]): Entry[] => {
    const id = `~${grouping} ${name}`;
    const open = !closed.has(id);
    return [{ kind: 'group', id, name, rows: own, open }, ...(open ? own.map(line) : [])];
  });
}

const toggled = (set: ReadonlySet<string>, key: string, on = !set.has(key)): ReadonlySet<string> => {
  const next = new Set(set);
  if (on) next.add(key);
  else next.delete(key);
  return next;
};

const NONE: ReadonlySet<string> = new Set();

/** Sorting, filter, groups and picked rows of the table of parts. */
export function useTable(rows: readonly PartRow[]) {
  const [sorting, setSorting] = useState<Sorting | null>(null);
  const [filter, setFilter] = useState<FilterId>('all');
  const [text, setText] = useState('');
  const [grouping, setGrouping] = useState<GroupingId>('owner');
  const [closed, setClosed] = useState(NONE);
  const [selected, setSelected] = useState(NONE);
  const wanted = useDeferredValue(text);
  const shown = useMemo(() => {
    const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
    return sorted(
      rows.filter((r) => passes[filter](r) && matches(r, words)),
      sorting,
    );
  }, [rows, filter, wanted, sorting]);
  const entries = useMemo(() => gathered(shown, grouping, closed), [shown, grouping, closed]);
  return {
    shown,
    entries,
    filter,
    setFilter,
    text,
    setText,
    grouping,
    setGrouping,
    sorting,
    selected,
    /** A press sorts by a column, again the other way round, again not. */
    sortBy: (column: ColumnId) =>
      // Long lists are put in order in pieces, so that nothing stands still meanwhile.
      startTransition(() =>
        setSorting((now) => {
          if (now?.column !== column) return { column, falling: false };
          return now.falling ? null : { column, falling: true };
        }),
      ),
    fold: (id: string) => startTransition(() => setClosed((now) => toggled(now, id))),
    select: (key: string, on?: boolean) => setSelected((now) => toggled(now, key, on)),
    selectAll: (on: boolean) => setSelected(on ? new Set(shown.map((r) => r.key)) : NONE),
  };
}

export type PartTable = ReturnType<typeof useTable>;
