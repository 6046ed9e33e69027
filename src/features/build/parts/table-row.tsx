'use client';

import { memo } from 'react';
import type { Refused } from '@/ui/refusal';
import { originNames } from '@/words';
import { CellEditor } from './cell-editor';
import { type ColumnId, isTyped, type PartColumn, partColumns } from './columns';
import styles from './parts.module.css';
import type { PartRow } from './rows';
import { StateMark } from './state-mark';

export interface RowActs {
  readonly onPick: (key: string, column: ColumnId) => void;
  /** The cell got the focus by the keyboard. */
  readonly onFocus: (key: string, column: ColumnId) => void;
  readonly onTake: (key: string, column: ColumnId, text: string) => Refused | void;
  readonly onDone: (rows: number, columns: number) => void;
  readonly onSelect: (key: string, on: boolean) => void;
}

interface RowProps {
  readonly row: PartRow;
  /** Place among all rows, from 1. */
  readonly index: number;
  readonly selected: boolean;
  readonly picked: boolean;
  /** The column that has the focus; null: none of this row. */
  readonly focus: ColumnId | null;
  /** What is being typed into; the key that began it, where one did. */
  readonly typing: { readonly column: ColumnId; readonly text: string | null } | null;
  readonly acts: RowActs;
}

function CellText({ row, column }: { readonly row: PartRow; readonly column: PartColumn }) {
  const text = column.text(row);
  if (column.id === 'state' && !row.line.sawn)
    return (
      <>
        <StateMark state={row.line.state} /> {text}
      </>
    );
  if (column.id === 'name' && (row.line.origin !== 'model' || row.line.need?.guessed))
    return (
      <>
        {text} <small>{row.line.need?.guessed ? 'guessed' : originNames[row.line.origin]}</small>
      </>
    );
  return text;
}

/** Whether two states of a line read alike. */
const readsAlike = (a: PartRow, b: PartRow): boolean =>
  a === b ||
  (a.line.state === b.line.state &&
    a.line.sawn === b.line.sawn &&
    a.line.origin === b.line.origin &&
    a.line.need?.guessed === b.line.need?.guessed &&
    a.line.said === b.line.said &&
    partColumns.every((c) => c.text(a) === c.text(b)));

const same = ({ row: a, ...one }: RowProps, { row: b, ...other }: RowProps): boolean =>
  readsAlike(a, b) && Object.entries(one).every(([key, v]) => v === other[key as keyof typeof other]);

/** One line of the table; drawn anew only where it, its focus or its tick changes. */
export const TableRow = memo(function TableRow({
  row,
  index,
  selected,
  picked,
  focus,
  typing,
  acts,
}: RowProps) {
  return (
    <div
      role="row"
      aria-rowindex={index + 1}
      aria-selected={selected}
      className={styles.row}
      data-picked={picked || undefined}
      data-state={row.line.sawn ? 'sawn' : row.line.state}
    >
      <div role="gridcell" className={styles.tick}>
        <input
          type="checkbox"
          checked={selected}
          tabIndex={-1}
          aria-label={`Pick ${row.name}`}
          onChange={(e) => acts.onSelect(row.key, e.target.checked)}
        />
      </div>
      {partColumns.map((column) => {
        const edits = typing?.column === column.id;
        return (
          <div
            key={column.id}
            role="gridcell"
            tabIndex={focus === column.id && !edits ? 0 : -1}
            data-cell={`${row.key}|${column.id}`}
            data-column={column.id}
            data-figures={column.figures || undefined}
            data-typing={edits || undefined}
            data-title={column.title}
            className={styles.cell}
            title={column.id === 'name' ? row.name : undefined}
            aria-readonly={!isTyped(column, row)}
            onClick={() => acts.onPick(row.key, column.id)}
            onFocus={(e) => {
              const here = e.target === e.currentTarget && focus === column.id;
              if (here && e.currentTarget.matches(':focus-visible')) acts.onFocus(row.key, column.id);
            }}
          >
            {edits ? (
              <CellEditor
                column={column}
                label={`${column.title} of ${row.name}`}
                value={column.typed?.(row) ?? ''}
                first={typing.text}
                onTake={(text) => acts.onTake(row.key, column.id, text)}
                onDone={acts.onDone}
              />
            ) : (
              <CellText row={row} column={column} />
            )}
          </div>
        );
      })}
    </div>
  );
}, same);
