'use client';

import NativeSelect from '@mui/material/NativeSelect';
import useEventCallback from '@mui/utils/useEventCallback';
import { memo, type RefObject, useId, useMemo, useRef } from 'react';
import { wordsOf } from '@/words';
import styles from './choice.module.css';
import { Hint } from './hint';
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

type Options = readonly (readonly [string | number, string])[];

interface ListProps {
  readonly id: string;
  readonly label: string | undefined;
  readonly describedBy: string | undefined;
  /** What the words of the label mean. */
  readonly told: string;
  /** The row that it stands in. */
  readonly row: RefObject<HTMLElement | null>;
  readonly value: string | number;
  readonly options: Options;
  readonly onText: (text: string) => void;
}

const sameOptions = (a: Options, b: Options) =>
  a === b || (a.length === b.length && a.every(([v, text], i) => v === b[i]![0] && text === b[i]![1]));

const sameList = ({ options: a, ...one }: ListProps, { options: b, ...other }: ListProps): boolean =>
  sameOptions(a, b) && Object.entries(one).every(([key, v]) => v === other[key as keyof typeof other]);

/** The list itself, drawn anew only where it reads otherwise. */
const List = memo(function List({ id, label, describedBy, told, row, value, options, onText }: ListProps) {
  const list = (
    <NativeSelect
      value={value}
      disableUnderline
      inputProps={{ id, 'aria-label': label, 'aria-describedby': describedBy }}
      onChange={(e) => onText(e.target.value)}
    >
      {options.map(([v, text]) => (
        <option key={v} value={v}>
          {text}
        </option>
      ))}
    </NativeSelect>
  );
  return told ? (
    <Hint text={told} beside={row}>
      {list}
    </Hint>
  ) : (
    list
  );
}, sameList);

/** A choice among words, with the reason below it where a rule forbids it. */
export function Choice<T extends string | number>({ label, value, options, onPick, bare }: ChoiceProps<T>) {
  const id = useId();
  const row = useRef<HTMLDivElement>(null);
  const refusal = useRefusal();
  const told = useMemo(() => wordsOf(label), [label]);
  const pick = useEventCallback((text: string) => {
    const picked = options.find(([v]) => String(v) === text);
    if (picked) refusal.attempt(() => onPick(picked[0]));
  });
  return (
    <div ref={row} className={bare ? styles.bare : styles.choice}>
      {!bare && <label htmlFor={id}>{label}</label>}
      <List
        told={told}
        row={row}
        id={id}
        label={bare ? label : undefined}
        describedBy={refusal.id}
        value={value}
        options={options}
        onText={pick}
      />
      {refusal.note}
    </div>
  );
}
