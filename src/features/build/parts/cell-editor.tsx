'use client';

import { type KeyboardEvent, useState } from 'react';
import { partStates } from '@/core/model';
import type { Refused } from '@/ui/refusal';
import { stateNames } from '@/words';
import type { PartColumn } from './columns';
import styles from './parts.module.css';

interface EditorProps {
  readonly column: PartColumn;
  readonly label: string;
  readonly value: string;
  /** The key that began it replaces what stood there. */
  readonly first: string | null;
  /** Takes the text; gives the reason where it was refused. */
  readonly onTake: (text: string) => Refused | void;
  readonly onDone: (rows: number, columns: number) => void;
}

/** Types into one cell: Enter takes it and goes down, Tab goes on, Escape drops it. */
export function CellEditor({ column, label, value, first, onTake, onDone }: EditorProps) {
  const begun = column.editor === 'text' || column.editor === 'number' ? (first ?? value) : value;
  const [text, setText] = useState(begun);
  const [error, setError] = useState<string | null>(null);
  const take = (now: string, rows: number, columns: number) => {
    const refused = now === value ? undefined : onTake(now.trim());
    if (refused) setError(refused);
    else onDone(rows, columns);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === 'Escape') onDone(0, 0);
    if (event.key === 'Enter') take(text, event.shiftKey ? -1 : 1, 0);
    if (event.key === 'Tab') {
      event.preventDefault();
      take(text, 0, event.shiftKey ? -1 : 1);
    }
  };
  const shared = { 'aria-label': label, autoFocus: true, className: styles.editor, onKeyDown };
  if (column.editor === 'state')
    return (
      <select
        {...shared}
        value={text}
        onChange={(e) => take(e.target.value, 0, 0)}
        onBlur={() => onDone(0, 0)}
      >
        {partStates.map((s) => (
          <option key={s} value={s}>
            {stateNames[s]}
          </option>
        ))}
      </select>
    );
  return (
    <>
      <input
        {...shared}
        type={column.editor === 'date' ? 'date' : 'text'}
        inputMode={column.editor === 'number' ? 'decimal' : undefined}
        value={text}
        maxLength={120}
        aria-invalid={error !== null}
        onFocus={(e) => {
          if (first === null && column.editor !== 'date') e.target.select();
        }}
        onChange={(e) => setText(e.target.value)}
        // What is refused stays to be mended; leaving it drops it.
        onBlur={() => (error === null ? take(text, 0, 0) : onDone(0, 0))}
      />
      {error && (
        <span role="alert" className={styles.refused}>
          {error}
        </span>
      )}
    </>
  );
}
