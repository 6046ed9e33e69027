'use client';

import InputBase from '@mui/material/InputBase';
import useEventCallback from '@mui/utils/useEventCallback';
import { memo, useId, useMemo, useRef, useState } from 'react';
import { findUnit, formatIn, formatQuantity, hasOtherSystem, type Kind, type UnitSystem } from '@/core/units';
import { wordsOf } from '@/words';
import { BasisMark, type BasisName } from './basis-mark';
import { Hint } from './hint';
import styles from './quantity-field.module.css';

export interface QuantityValue {
  readonly typed: string;
  readonly si: number;
  readonly basis: BasisName;
}

/** What became of a text: as it now stands in the model (with its unit), or why it cannot be taken. */
export type Taken =
  | {
      readonly typed: string;
      /** What else was changed so that it fits, in words. */
      readonly also?: string;
    }
  | { readonly error: string };

export interface QuantityFieldProps {
  readonly label: string;
  readonly help?: string | undefined;
  readonly kind: Kind;
  /** null: not given (an optional input). */
  readonly value: QuantityValue | null;
  readonly system: UnitSystem;
  readonly optional?: boolean;
  /** What stands there as long as nothing is given; left out: that it is not given. */
  readonly proposed?: string | undefined;
  /** Takes a text on every keystroke. `visit` changes with every visit to the field. */
  readonly onText: (text: string, visit: string) => Taken;
  /** Takes another basis; gives the reason where it was refused. */
  readonly onBasis: (basis: BasisName) => string | undefined;
}

/** From this figure on a value in the other unit tells nobody anything: 980 cm⁴ is not held against mm⁴. */
const MOST_TOLD = 1e5;

/** The value in the system that was not typed; empty where that says nothing new. */
function otherText(kind: Kind, value: QuantityValue): string {
  // A step angle is how the trade says it; the teeth behind it are ours to count.
  if (kind === 'rotorTeeth') {
    const angle = formatIn(findUnit(kind, '°')!, value.si, 3).text;
    return value.typed.includes('°') ? '' : angle;
  }
  // A length to its last millimetre, all else as exactly as anybody knows it.
  const metric = formatQuantity(kind, value.si, 'metric', kind === 'length' ? 4 : 3);
  const [, number = '', unit = ''] = /^\s*([-+\d.,]+)\s*(.*?)\s*$/.exec(value.typed) ?? [];
  const same = number === metric.number && findUnit(kind, unit)?.symbol === metric.unit;
  if (!same && !value.typed.endsWith(metric.unit) && Math.abs(Number(metric.number)) < MOST_TOLD)
    return metric.text;
  if (hasOtherSystem(kind)) return formatQuantity(kind, value.si, 'imperial', 3).text;
  return same || metric.unit === '' ? '' : metric.text;
}

/**
 * The value as it stands in its field: as it was typed. What nobody has typed stands in inches and pounds on
 * a sheet that is in them.
 */
function ownText(kind: Kind, { typed, si, basis }: QuantityValue, system: UnitSystem): string {
  if (basis !== 'ours' || system === 'metric' || !hasOtherSystem(kind)) return typed;
  const imperial = formatQuantity(kind, si, 'imperial', 3);
  return typed.endsWith(imperial.unit) ? typed : imperial.text;
}

let visits = 0;
const nextVisit = () => String(++visits);

/**
 * The text of a field while it is visited. `expected` is what the model then shows: if it shows something
 * else, the value was changed elsewhere (undo, another tab) and the draft is void.
 */
interface Draft {
  readonly text: string;
  readonly expected: string;
  readonly visit: string;
  readonly error?: string;
  readonly also?: string | undefined;
  /** Something was typed since the field was entered: the help then stands aside. */
  readonly typing?: boolean;
}

/** A text that is kept as it was typed while the model already has what it means. */
function useDraft({ kind, system, value, optional, onText, onBasis }: QuantityFieldProps) {
  const [draft, setDraft] = useState<Draft | null>(null);
  const shown = value ? ownText(kind, value, system) : '';
  const live = draft !== null && draft.expected === shown ? draft : null;
  const keep = (text: string, visit: string, taken: Taken) =>
    setDraft(
      'error' in taken
        ? { text, expected: shown, visit, error: taken.error, typing: true }
        : { text, expected: taken.typed, visit, typing: true, also: taken.also },
    );
  const take = (text: string) => {
    const visit = live?.visit ?? nextVisit();
    const empty = text.trim() === '' && !optional;
    keep(text, visit, empty ? { error: 'A value is needed; the last one is kept.' } : onText(text, visit));
  };
  return {
    text: live?.text ?? shown,
    error: live?.error,
    also: live?.also,
    typing: live?.typing ?? false,
    enter() {
      if (!live?.error) setDraft({ text: shown, expected: shown, visit: nextVisit() });
      // What stood in the way may be gone by now.
      else if (live.text.trim()) take(live.text);
    },
    take,
    // What is refused stays to be mended; what was taken now shows as the model has it.
    leave: () => setDraft((d) => (d?.error ? d : null)),
    drop: () => setDraft(null),
    setBasis(basis: BasisName) {
      const error = onBasis(basis);
      if (error) setDraft({ text: shown, expected: shown, visit: nextVisit(), error });
    },
  };
}

/**
 * A typed number with its unit, the other unit system beside it, and where it comes from. Kept while its
 * value and what it calls stay the same: a keystroke in one field draws no other.
 */
export const QuantityField = memo(function QuantityField(props: QuantityFieldProps) {
  const { label, help, kind, value, optional = false, proposed } = props;
  const id = useId();
  const row = useRef<HTMLDivElement>(null);
  const { text, error, also, typing, enter, take, leave, drop, setBasis } = useDraft(props);
  const changeBasis = useEventCallback(setBasis);
  const told = useMemo(() => help ?? wordsOf(label), [help, label]);
  const typed = value ? ownText(kind, value, props.system) : '';
  const other = value && !error ? otherText(kind, { ...value, typed }) : '';
  return (
    <div ref={row} className={styles.row} data-error={error ? '' : undefined}>
      <label className={styles.label} htmlFor={id}>
        {label}
      </label>
      <Hint text={typing ? '' : told} beside={row}>
        <InputBase
          id={id}
          className={styles.input ?? ''}
          value={text}
          placeholder={optional ? (proposed ?? 'not given') : ''}
          autoComplete="off"
          error={Boolean(error)}
          slotProps={{
            input: {
              spellCheck: false,
              inputMode: 'text',
              'aria-describedby': error ? `${id}-error` : other ? `${id}-other` : undefined,
            },
          }}
          onFocus={(e) => {
            enter();
            e.target.select();
          }}
          onChange={(e) => take(e.target.value)}
          onBlur={leave}
          onKeyDown={(e) => {
            if (e.key === 'Escape' && error) {
              e.stopPropagation();
              drop();
            }
            if (e.key === 'Enter' && e.target instanceof HTMLElement) e.target.blur();
          }}
        />
      </Hint>
      <span className={styles.other} id={`${id}-other`}>
        {other}
      </span>
      {value ? (
        <BasisMark basis={value.basis} of={label} onChange={changeBasis} />
      ) : (
        <span className={styles.gap} />
      )}
      {also && (
        <p className={styles.also} role="status">
          {also}
        </p>
      )}
      {error && (
        <p className={styles.error} id={`${id}-error`} role="alert">
          {error}
        </p>
      )}
    </div>
  );
});
