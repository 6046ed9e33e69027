'use client';

import { type ClipboardEvent, useRef } from 'react';
import { partColumns } from './columns';
import { GroupRow } from './group-row';
import styles from './parts.module.css';
import { TableRow } from './table-row';
import type { CellAt } from './use-cells';
import { type GridProps, useGrid } from './use-grid';
import { useNarrow } from '@/ui/use-narrow';

/** Heights of a row: a line at the desk, a card on the phone. */
const ROW = { desk: 27, phone: 96, group: 30 } as const;

interface TableProps extends GridProps {
  readonly picked: string | null;
  /** What was pasted, and the cell that it begins at. */
  readonly onPaste: (text: string, at: CellAt | null) => void;
}

/** The head: a press sorts by a column, again the other way round, again not. */
function Head({ table }: Pick<GridProps, 'table'>) {
  const { sorting, shown, selected } = table;
  const all = shown.length > 0 && shown.every((r) => selected.has(r.key));
  return (
    <div role="row" aria-rowindex={1} className={styles.headRow}>
      <div role="columnheader" className={styles.tick}>
        <input
          type="checkbox"
          aria-label="Pick all that is shown"
          checked={all}
          onChange={(e) => table.selectAll(e.target.checked)}
        />
      </div>
      {partColumns.map(({ id, title, figures }) => {
        const falling = sorting?.column === id ? sorting.falling : null;
        const order = falling ? ('descending' as const) : ('ascending' as const);
        return (
          <div
            key={id}
            role="columnheader"
            aria-sort={falling === null ? 'none' : order}
            data-figures={figures || undefined}
            data-column={id}
          >
            <button type="button" onClick={() => table.sortBy(id)}>
              {title}
              <span aria-hidden="true">
                {{ none: '', ascending: ' ▴', descending: ' ▾' }[falling === null ? 'none' : order]}
              </span>
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
  const phone = useNarrow();
  const grid = useRef<HTMLDivElement>(null);
  const scroller = useRef<HTMLDivElement>(null);
  const line = phone ? ROW.phone : ROW.desk;
  const { entries, selected } = table;
  const { virtual, cells, acts, fold } = useGrid({ grid, scroller }, props, (grouped) =>
    grouped ? ROW.group : line,
  );
  const items = virtual.getVirtualItems();
  // Whoever comes by Tab lands where the focus was, or on the first cell in sight.
  const seen = items.map((i) => entries[i.index]!).filter((e) => e.kind === 'line');
  const kept = seen.find((r) => r.id === cells.at?.row);
  const tabbed: Partial<CellAt> = kept && cells.at ? cells.at : { row: seen[0]?.id ?? '', column: 'name' };
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
      aria-rowcount={entries.length + 1}
      aria-colcount={partColumns.length + 1}
      aria-multiselectable
      className={styles.grid}
      onKeyDown={cells.onKeyDown}
      onPaste={paste}
    >
      <div ref={scroller} className={styles.scroller} role="presentation">
        <Head table={table} />
        <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="rowgroup">
          {items.map((item) => {
            const entry = entries[item.index]!;
            return (
              <div
                key={item.key}
                role="presentation"
                className={styles.place}
                data-typing={cells.editing?.row === entry.id || undefined}
                style={{ transform: `translateY(${item.start}px)`, height: item.size }}
              >
                {entry.kind === 'group' ? (
                  <GroupRow group={entry} index={item.index + 1} onFold={fold} />
                ) : (
                  <TableRow
                    row={entry.row}
                    index={item.index + 1}
                    selected={selected.has(entry.id)}
                    picked={picked === entry.id}
                    focus={entry.id === tabbed.row ? (tabbed.column ?? null) : null}
                    typing={cells.editing?.row === entry.id ? cells.editing : null}
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
