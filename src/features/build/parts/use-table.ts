'use client';

import {
  type ColumnDef,
  type ExpandedState,
  getCoreRowModel,
  getExpandedRowModel,
  getFilteredRowModel,
  getGroupedRowModel,
  getSortedRowModel,
  type Row,
  type RowSelectionState,
  type SortingState,
  useReactTable,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { type FilterId, type GroupingId, partColumns, passes } from './columns';
import type { PartRow } from './rows';

const collator = new Intl.Collator();

/** Words as a dictionary has them, figures by size. */
function inOrder(a: Row<PartRow>, b: Row<PartRow>, id: string): number {
  const [one, other] = [a.getValue<string | number>(id), b.getValue<string | number>(id)];
  return typeof one === 'number' && typeof other === 'number'
    ? one - other
    : collator.compare(String(one), String(other));
}

const columns: ColumnDef<PartRow>[] = partColumns.map(({ id, sort, text }) => ({
  id,
  accessorFn: sort,
  getGroupingValue: text,
  enableGrouping: true,
  sortingFn: inOrder,
  enableGlobalFilter: true,
}));

/** Whether every word that is looked for stands somewhere in the row. */
function matches(row: PartRow, wanted: string): boolean {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  if (!words.length) return true;
  const said = row.line.said;
  const text = [row.name, row.owner, row.from, row.due, said?.option, said?.note].join(' ').toLowerCase();
  return words.every((w) => text.includes(w));
}

/** Sorting, filter, groups and picked rows of the table of parts. */
export function useTable(rows: readonly PartRow[]) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const [filter, setFilter] = useState<FilterId>('all');
  const [text, setText] = useState('');
  const [grouping, setGrouping] = useState<GroupingId>('owner');
  const [expanded, setExpanded] = useState<ExpandedState>(true);
  const [rowSelection, setRowSelection] = useState<RowSelectionState>({});
  const shown = useMemo(
    () => rows.filter((r) => passes[filter](r) && matches(r, text)),
    [rows, filter, text],
  );
  const groups = useMemo(() => (grouping === 'none' ? [] : [grouping]), [grouping]);
  // The library hands out functions anew on purpose; nothing here is kept by them.
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data: shown,
    columns,
    state: { sorting, grouping: groups, expanded, rowSelection },
    getRowId: (row) => row.key,
    onSortingChange: setSorting,
    onExpandedChange: setExpanded,
    onRowSelectionChange: setRowSelection,
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getGroupedRowModel: getGroupedRowModel(),
    getExpandedRowModel: getExpandedRowModel(),
    groupedColumnMode: false,
    autoResetExpanded: false,
    autoResetPageIndex: false,
  });
  return { table, shown, filter, setFilter, text, setText, grouping, setGrouping, sorting };
}

export type PartTable = ReturnType<typeof useTable>['table'];
