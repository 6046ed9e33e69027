'use client';

import type { ReactNode } from 'react';
import styles from './keypad.module.css';

interface KeypadProps {
  readonly title: string;
  readonly how: ReactNode;
  /** What stands in the window: what is being typed, or what was read last. */
  readonly shown: string;
  readonly typed: string | null;
  readonly onTyped: (typed: string) => void;
  readonly onKeep: () => void;
  readonly keep: string;
  readonly note: string;
}

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'] as const;
const SPOKEN: Readonly<Record<string, string>> = { '⌫': 'Take the last digit back', '.': 'Point' };
/** Longest number that is typed on it. */
const LONGEST = 12;

/** What a key makes of what was typed so far. */
function pressed(typed: string, key: string): string {
  if (key === '⌫') return typed.slice(0, -1);
  if (key === '±') return typed.startsWith('-') ? typed.slice(1) : `-${typed}`;
  return typed.length < LONGEST && !(key === '.' && typed.includes('.')) ? typed + key : typed;
}

/** One reading by a keypad for dirty fingers: as large as the screen lets it be. */
export function Keypad({ title, how, shown, typed, onTyped, onKeep, keep, note }: KeypadProps) {
  const press = (key: string) => onTyped(pressed(typed ?? '', key));
  return (
    <section className={styles.pad} aria-label={title}>
      <div className={styles.reading}>
        <span>
          <b>{title}</b>
          <small>{how}</small>
        </span>
        <output aria-live="polite">{shown || '–'}</output>
      </div>
      <div className={styles.keys}>
        {KEYS.map((k) => (
          <button key={k} type="button" aria-label={SPOKEN[k] ?? k} onClick={() => press(k)}>
            {k}
          </button>
        ))}
        <button type="button" aria-label="Plus or minus" onClick={() => press('±')}>
          ±
        </button>
        <button type="button" className={styles.keep} disabled={!typed} onClick={onKeep}>
          {keep}
        </button>
      </div>
      {note && (
        <p role="alert" className={styles.note}>
          {note}
        </p>
      )}
    </section>
  );
}
