'use client';

import { useState } from 'react';
import { type ReadingKind, readingEdits, type WorkStep } from '@/core/build';
import { displayUnit, explainParseError, parseQuantity } from '@/core/units';
import { todayIso, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { readingTexts } from '@/words';
import styles from './shop.module.css';

interface PadProps {
  readonly what: ReadingKind;
  readonly step: WorkStep;
  readonly name: string;
}

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'] as const;
const SPOKEN: Readonly<Record<string, string>> = { '⌫': 'Take the last digit back', '.': 'Point' };

/** One reading by a keypad for dirty fingers: as large as the screen lets it be. */
export function Keypad({ what, step, name }: PadProps) {
  const { project, editor, system } = useMachine();
  const { title, kind, how } = readingTexts[what];
  const unit = displayUnit(kind, system).symbol;
  const last = step.said?.readings.filter((r) => r.what === what).at(-1);
  const [typed, setTyped] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const shown = typed ?? last?.typed ?? '';
  const press = (key: string) => {
    const now = typed ?? '';
    setNote('');
    if (key === '⌫') setTyped(now.slice(0, -1));
    else if (key === '±') setTyped(now.startsWith('-') ? now.slice(1) : `-${now}`);
    else if (now.length < 12 && !(key === '.' && now.includes('.'))) setTyped(now + key);
  };
  const keep = () => {
    const text = typed ?? '';
    const read = parseQuantity(kind, text, unit);
    if (!read.ok) return setNote(`${title}: ${explainParseError(kind, read.error)}`);
    const reading = { id: freshId(), what, typed: `${text} ${unit}`, value: read.si, on: todayIso() };
    const refused = editor.apply(readingEdits(project, step.id, reading, freshId()), `${title}: ${name}`);
    if (refused) return setNote(refused);
    setTyped(null);
  };
  return (
    <section className={styles.pad} aria-label={title}>
      <div className={styles.reading}>
        <span>
          <b>{title}</b>
          <small>
            {how} {unit}
          </small>
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
        <button
          type="button"
          className={styles.keep}
          disabled={typed === null || typed === ''}
          onClick={keep}
        >
          keep
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
