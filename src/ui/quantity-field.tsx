'use client';

import Tooltip from '@mui/material/Tooltip';
import { useId, useState } from 'react';
import { formatQuantity, hasOtherSystem, type Kind, type UnitSystem } from '@/core/units';
import { BasisMark, type BasisName } from './basis-mark';
import styles from './quantity-field.module.css';

export interface QuantityValue {
  readonly typed: string;
  readonly si: number;
  readonly basis: BasisName;
}

/** What became of a text: as it now stands in the model (with its unit), or why it cannot be taken. */
export type Taken = { readonly typed: string } | { readonly error: string };

export interface QuantityFieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  readonly kind: Kind;
  /** null: not given (an optional input). */
  readonly value: QuantityValue | null;
  readonly system: UnitSystem;
  readonly optional?: boolean;
  /** Takes a text on every keystroke. `visit` changes with every visit to the field. */
  readonly onText: (text: string, visit: string) => Taken;
  readonly onBasis: (basis: BasisName) => void;
}

/** The value in the system that was not typed; empty where that says nothing new. */
function otherText(kind: Kind, value: QuantityValue): string {
  const metric = formatQuantity(kind, value.si, 'metric');
  const same = value.typed.replace(/\s/g, '') === metric.text.replace(/\s/g, '');
  // Five digits and more tell nobody anything: 980 cm⁴ is held against inches, not against mm⁴.
  if (!same && !value.typed.endsWith(metric.unit) && Math.abs(Number(metric.number)) < 1e5)
    return metric.text;
  return hasOtherSystem(kind)
    ? formatQuantity(kind, value.si, 'imperial', 3).text
    : same || metric.unit === ''
      ? ''
      : metric.text;
}

let visits = 0;

/** A typed number with its unit, the other unit system beside it, and where it comes from. */
export function QuantityField({
  label,
  help,
  kind,
  value,
  optional = false,
  onText,
  onBasis,
}: QuantityFieldProps) {
  const id = useId();
  // While the field is visited, the text stands as it was typed. `expected` is what the model then shows: if
  // it
  // shows something else, the value was changed elsewhere (undo, another tab) and the draft is void.
  const [draft, setDraft] = useState<{
    text: string;
    expected: string;
    visit: string;
    error?: string;
  } | null>(null);
  const shown = value?.typed ?? '';
  const live = draft !== null && draft.expected === shown ? draft : null;
  const text = live?.text ?? shown;
  const error = live?.error;
  const other = value && !error ? otherText(kind, value) : '';

  const take = (next: string) => {
    const visit = live?.visit ?? String(++visits);
    const taken: Taken =
      next.trim() === '' && !optional
        ? { error: 'A value is needed; the last one is kept.' }
        : onText(next, visit);
    setDraft(
      'error' in taken
        ? { text: next, expected: shown, visit, error: taken.error }
        : { text: next, expected: taken.typed, visit },
    );
  };

  return (
    <div className={styles.row} data-error={error ? '' : undefined}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      <Tooltip
        describeChild
        title={help ?? ''}
        placement="top-start"
        disableInteractive
        slotProps={{ popper: { disablePortal: true } }}
      >
        <input
          id={id}
          className={styles.input}
          value={text}
          placeholder={optional ? 'not given' : undefined}
          autoComplete="off"
          spellCheck={false}
          inputMode="text"
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : other ? `${id}-other` : undefined}
          onFocus={(e) => {
            if (!live?.error) setDraft({ text: shown, expected: shown, visit: String(++visits) });
            e.currentTarget.select();
          }}
          onChange={(e) => take(e.target.value)}
          onBlur={() => setDraft((d) => (d?.error ? d : null))}
          onKeyDown={(e) => {
            if (e.key === 'Escape' && error) {
              e.stopPropagation();
              setDraft(null);
            }
            if (e.key === 'Enter') e.currentTarget.blur();
          }}
        />
      </Tooltip>
      <span className={styles.other} id={`${id}-other`}>
        {other}
      </span>
      {value ? (
        <BasisMark basis={value.basis} of={label} onChange={onBasis} />
      ) : (
        <span className={styles.gap} />
      )}
      {error && (
        <p className={styles.error} id={`${id}-error`} role="alert">
          {error}
        </p>
      )}
    </div>
  );
}
