'use client';

import useEventCallback from '@mui/utils/useEventCallback';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef } from 'react';
import type { Refused } from '@/ui/refusal';
import { type ColumnId, isTyped, partColumns } from './columns';
import type { PartRow } from './rows';
import type { RowActs } from './table-row';
import { type CellAt, type Place, useCells } from './use-cells';
import type { PartTable } from './use-table';

/** Rows of a page. */
const PAGE = 15;
/** Rows beyond those in sight that are drawn. */
const BEYOND = 3;

export interface GridProps {
  readonly table: PartTable;
  /** Key of a line that is brought into sight at first; null: none. */
  readonly show: string | null;
  readonly onPick: (key: string) => void;
  /** Takes what was typed into a cell; gives the reason where it was refused. */
  readonly onTake: (row: PartRow, column: ColumnId, text: string) => Refused | void;
}

const columnOf = (id: ColumnId) => partColumns.find((c) => c.id === id)!;

/** Rows in sight, the cell that has the focus, and what a press or a key does. */
export function useGrid(
  { grid, scroller }: { readonly grid: Place; readonly scroller: Place },
  { table, show, onPick, onTake }: GridProps,
  heightOf: (grouped: boolean) => number,
) {
  const { entries } = table;
  const byKey = useMemo(
    () => new Map(entries.flatMap((e) => (e.kind === 'line' ? [[e.id, e.row] as const] : []))),
    [entries],
  );
  const order = useMemo(() => [...byKey.keys()], [byKey]);
  const places = useMemo(() => new Map(entries.map((e, i) => [e.id, i])), [entries]);
  // The library hands out functions anew on purpose; nothing here is kept by them.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: entries.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => heightOf(entries[i]!.kind === 'group'),
    overscan: BEYOND,
    // Rows are drawn in a task of their own, not in that of the scrolling.
    useFlushSync: false,
    getItemKey: (i) => entries[i]!.id,
  });
  const asked = useRef(show);
  useEffect(() => {
    // The line that the address asks for comes into sight once, when it is there.
    const place = asked.current === null ? undefined : places.get(asked.current);
    if (place === undefined) return;
    asked.current = null;
    virtual.scrollToIndex(place, { align: 'center' });
  });
  const rowOf = (key: string) => byKey.get(key);
  const canType = ({ row, column }: CellAt) => {
    const found = rowOf(row);
    return found !== undefined && isTyped(columnOf(column), found);
  };
  const cells = useCells(grid, {
    order,
    page: PAGE,
    scrollTo: (i) => virtual.scrollToIndex(places.get(order[i]!) ?? 0),
    canType,
    toggle: table.select,
    clear: (at) => {
      if (at.column !== 'state' && canType(at)) onTake(rowOf(at.row)!, at.column, '');
    },
  });
  const pick = useEventCallback((row: string, column: ColumnId) => {
    // A second press on a cell types into it: the way in where there is no keyboard.
    const again = cells.at?.row === row && cells.at.column === column;
    if (again) cells.begin({ row, column }, null);
    else cells.setAt({ row, column });
    onPick(row);
  });
  const take = useEventCallback((key: string, column: ColumnId, text: string) => {
    const row = rowOf(key);
    return row && onTake(row, column, text);
  });
  const done = useEventCallback((down: number, right: number) => cells.finish(down, right));
  const tick = useEventCallback(table.select);
  const focus = useEventCallback((row: string, column: ColumnId) => cells.setAt({ row, column }));
  const acts: RowActs = useMemo(
    () => ({ onPick: pick, onFocus: focus, onTake: take, onDone: done, onSelect: tick }),
    [pick, focus, take, done, tick],
  );
  const fold = useEventCallback(table.fold);
  return { virtual, cells, acts, fold };
}
