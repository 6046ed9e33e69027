'use client';

import NativeSelect from '@mui/material/NativeSelect';
import { useId } from 'react';
import styles from './choice.module.css';
import { type Refused, useRefusal } from './refusal';

interface ChoiceProps<T extends string | number> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  /** Takes the choice; gives the reason where it was refused. */
  readonly onPick: (value: T) => Refused | void;
  /** Only the list, its label unseen. */
  readonly bare?: boolean;
}

/** A choice among words, with the reason below it where a rule forbids it. */
export function Choice<T extends string | number>({ label, value, options, onPick, bare }: ChoiceProps<T>) {
  const id = useId();
  const refusal = useRefusal();
  const pick = (text: string) => {
    const picked = options.find(([v]) => String(v) === text);
    if (picked) refusal.attempt(() => onPick(picked[0]));
  };
  return (
    <div className={bare ? styles.bare : styles.choice}>
      {!bare && <label htmlFor={id}>{label}</label>}
      <NativeSelect
        value={value}
        disableUnderline
        inputProps={{ id, 'aria-label': bare ? label : undefined, 'aria-describedby': refusal.id }}
        onChange={(e) => pick(e.target.value)}
      >
        {options.map(([v, text]) => (
          <option key={v} value={v}>
            {text}
          </option>
        ))}
      </NativeSelect>
      {refusal.note}
    </div>
  );
}
