'use client';

import useMediaQuery from '@mui/material/useMediaQuery';
import { type ClipboardEvent, useRef } from 'react';
import { partColumns } from './columns';
import { GroupRow } from './group-row';
import styles from './parts.module.css';
import { TableRow } from './table-row';
import type { CellAt } from './use-cells';
import { type GridProps, useGrid } from './use-grid';

/** Heights of a row: a line at the desk, a card on the phone. */
const ROW = { desk: 27, phone: 96, group: 30 } as const;
const PHONE = '(max-width: 899px)';

interface TableProps extends GridProps {
  readonly picked: string | null;
  /** What was pasted, and the cell that it begins at. */
  readonly onPaste: (text: string, at: CellAt | null) => void;
}

/** The head: a press sorts by a column, again the other way round, again not. */
function Head({ table }: Pick<GridProps, 'table'>) {
  const all = table.getIsAllRowsSelected();
  return (
    <div role="row" aria-rowindex={1} className={styles.headRow}>
      <div role="columnheader" className={styles.tick}>
        <input
          type="checkbox"
          aria-label="Pick all that is shown"
          checked={all}
          onChange={(e) => table.toggleAllRowsSelected(e.target.checked)}
        />
      </div>
      {partColumns.map(({ id, title, figures }) => {
        const column = table.getColumn(id)!;
        const sorted = column.getIsSorted();
        const order = { asc: 'ascending', desc: 'descending' } as const;
        return (
          <div
            key={id}
            role="columnheader"
            aria-sort={sorted ? order[sorted] : 'none'}
            data-figures={figures || undefined}
            data-column={id}
          >
            <button type="button" onClick={column.getToggleSortingHandler()}>
              {title}
              <span aria-hidden="true">{sorted ? (sorted === 'asc' ? ' ▴' : ' ▾') : ''}</span>
            </button>
          </div>
        );
      })}
    </div>
  );
}

/** The table of parts: only the rows in sight are drawn, whatever their number. */
export function PartsTable({ picked, onPaste, ...props }: TableProps) {
  const { table } = props;
  const phone = useMediaQuery(PHONE);
  const grid = useRef<HTMLDivElement>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const line = phone ? ROW.phone : ROW.desk;
  const { rows, virtual, cells, acts, first } = useGrid({ grid, scroller }, props, (grouped) =>
    grouped ? ROW.group : line,
  );
  const paste = (event: ClipboardEvent) => {
    if (cells.editing) return;
    const text = event.clipboardData.getData('text/plain');
    if (!text) return;
    event.preventDefault();
    onPaste(text, cells.at);
  };
  return (
    <div
      ref={grid}
      role="grid"
      aria-label="Parts"
      aria-rowcount={rows.length + 1}
      aria-colcount={partColumns.length + 1}
      aria-multiselectable
      className={styles.grid}
      onKeyDown={cells.onKeyDown}
      onPaste={paste}
    >
      <div
        ref={scroller}
        className={styles.scroller}
        role="presentation"
        // Whoever comes by Tab lands on the first cell.
        tabIndex={cells.at ? -1 : 0}
        onFocus={(e) => {
          if (e.target === e.currentTarget && first) cells.setAt({ row: first, column: 'name' });
        }}
      >
        <Head table={table} />
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="rowgroup">
          {virtual.getVirtualItems().map((item) => {
            const row = rows[item.index]!;
            const mine = cells.at?.row === row.id;
            return (
              <div
                key={item.key}
                role="presentation"
                className={styles.place}
                data-typing={cells.editing?.row === row.id || undefined}
                style={{ transform: `translateY(${item.start}px)`, height: item.size }}
              >
                {row.getIsGrouped() ? (
                  <GroupRow row={row} index={item.index + 1} />
                ) : (
                  <TableRow
                    row={row.original}
                    index={item.index + 1}
                    selected={row.getIsSelected()}
                    picked={picked === row.id}
                    focus={mine ? cells.at!.column : null}
                    typing={cells.editing?.row === row.id ? cells.editing : null}
                    acts={acts}
                  />
                )}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
