'use client';

import InputBase from '@mui/material/InputBase';
import { type Refused, useRefusal } from './refusal';

interface TextAreaProps {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly maxLength: number;
  /** Takes every keystroke; gives the reason where it was refused. */
  readonly onText: (text: string) => Refused | void;
}

/** Several lines in the builder's own words; every keystroke is kept. */
export function TextArea({ label, placeholder, value, maxLength, onText }: TextAreaProps) {
  const refusal = useRefusal();
  return (
    <>
      <InputBase
        fullWidth
        multiline
        minRows={3}
        maxRows={12}
        value={value}
        placeholder={placeholder}
        slotProps={{ input: { 'aria-label': label, maxLength, 'aria-describedby': refusal.id } }}
        onChange={(e) => refusal.attempt(() => onText(e.target.value))}
      />
      {refusal.note}
    </>
  );
}
