'use client';

import { type KeyboardEvent, type RefObject, useEffect, useRef, useState } from 'react';
import { columnIds, type ColumnId } from './columns';

/** A cell by the key of its row and its column. */
export interface CellAt {
  readonly row: string;
  readonly column: ColumnId;
}

/** What is being typed into a cell; `text` where the first key has replaced what stood there. */
interface Editing extends CellAt {
  readonly text: string | null;
}

interface Moves {
  /** Keys of the rows in the order in which they are shown. */
  readonly order: readonly string[];
  /** Rows of a page. */
  readonly page: number;
  readonly scrollTo: (index: number) => void;
  readonly canType: (at: CellAt) => boolean;
  readonly toggle: (row: string) => void;
  readonly clear: (at: CellAt) => void;
}

const steps: Readonly<Record<string, readonly [rows: number, columns: number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
};

const within = (n: number, most: number) => Math.max(0, Math.min(most, n));

export type Place = RefObject<HTMLDivElement | null>;

/** The keyboard of a table: one cell has the focus, arrows move it, a key types into it. */
export function useCells(grid: Place, { order, page, scrollTo, canType, toggle, clear }: Moves) {
  const [at, setAt] = useState<CellAt | null>(null);
  const [editing, setEditing] = useState<Editing | null>(null);
  const wantsFocus = useRef(false);

  useEffect(() => {
    if (!at || !wantsFocus.current || editing) return;
    // The row may have to be drawn first, a frame later.
    const frame = requestAnimationFrame(() => {
      const selector = `[data-cell="${CSS.escape(`${at.row}|${at.column}`)}"]`;
      grid.current?.querySelector<HTMLElement>(selector)?.focus({ preventScroll: true });
      wantsFocus.current = false;
    });
    return () => cancelAnimationFrame(frame);
  });

  const go = (row: number, column: number) => {
    const key = order[within(row, order.length - 1)];
    const to = columnIds[within(column, columnIds.length - 1)]!;
    if (key === undefined) return;
    wantsFocus.current = true;
    scrollTo(order.indexOf(key));
    setAt({ row: key, column: to });
  };
  const move = (rows: number, columns: number) => {
    if (!at) return;
    go(order.indexOf(at.row) + rows, columnIds.indexOf(at.column) + columns);
  };
  const begin = (cell: CellAt, text: string | null) => {
    setAt(cell);
    if (canType(cell)) setEditing({ ...cell, text });
  };
  const finish = (rows: number, columns: number) => {
    setEditing(null);
    wantsFocus.current = true;
    if (rows || columns) move(rows, columns);
  };
  const ends = (event: KeyboardEvent) => {
    const row = order.indexOf(at!.row);
    const whole = event.ctrlKey || event.metaKey;
    if (event.key === 'Home') return () => go(whole ? 0 : row, 0);
    if (event.key === 'End') return () => go(whole ? order.length - 1 : row, columnIds.length - 1);
    if (event.key === 'PageDown') return () => move(page, 0);
    if (event.key === 'PageUp') return () => move(-page, 0);
    return undefined;
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (!at || editing || event.altKey) return;
    const step = steps[event.key];
    const plain = !event.ctrlKey && !event.metaKey;
    const act =
      (step && plain ? () => move(step[0], step[1]) : undefined) ??
      ends(event) ??
      (event.key === 'Enter' || event.key === 'F2' ? () => begin(at, null) : undefined) ??
      (event.key === ' ' ? () => toggle(at.row) : undefined) ??
      (event.key === 'Delete' || event.key === 'Backspace' ? () => clear(at) : undefined) ??
      (plain && event.key.length === 1 ? () => begin(at, event.key) : undefined);
    if (!act) return;
    event.preventDefault();
    act();
  };
  return { at, setAt, editing, begin, finish, onKeyDown };
}

export type Cells = ReturnType<typeof useCells>;
