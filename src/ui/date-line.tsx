'use client';

import InputBase from '@mui/material/InputBase';
import { type Refused, useRefusal } from './refusal';

interface DateLineProps {
  readonly label: string;
  /** `2026-12-05`; null: none. */
  readonly value: string | null;
  readonly onDate: (value: string | null) => Refused | void;
}

/** A day of the calendar, or none. */
export function DateLine({ label, value, onDate }: DateLineProps) {
  const refusal = useRefusal();
  return (
    <>
      <InputBase
        type="date"
        value={value ?? ''}
        slotProps={{ input: { 'aria-label': label, 'aria-describedby': refusal.id } }}
        onChange={(e) => refusal.attempt(() => onDate(e.target.value || null))}
      />
      {refusal.note}
    </>
  );
}
