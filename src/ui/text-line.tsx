'use client';

import InputBase from '@mui/material/InputBase';
import { useState } from 'react';
import { type Refused, useRefusal } from './refusal';

interface TextLineProps {
  readonly label: string;
  readonly value: string;
  /** Takes the text when the field is left; gives the reason where it was refused. */
  readonly onText: (text: string) => Refused | void;
  readonly maxLength: number;
  readonly className?: string | undefined;
  readonly placeholder?: string | undefined;
  /** Whether it may be left empty; if not, the old text comes back. */
  readonly optional?: boolean;
  readonly inputMode?: 'text' | 'decimal';
}

/** One line of text that counts when the field is left; Enter leaves it, Escape drops what was typed. */
export function TextLine({
  label,
  value,
  onText,
  maxLength,
  className,
  placeholder,
  optional = false,
  inputMode = 'text',
}: TextLineProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const refusal = useRefusal();
  const leave = () => {
    const text = draft?.trim();
    setDraft(null);
    if (text === undefined || text === value || (!text && !optional)) return;
    refusal.attempt(() => onText(text));
  };
  return (
    <>
      <InputBase
        fullWidth
        className={className ?? ''}
        value={draft ?? value}
        placeholder={placeholder ?? ''}
        autoComplete="off"
        slotProps={{
          input: { 'aria-label': label, maxLength, inputMode, 'aria-describedby': refusal.id },
        }}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={leave}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && e.target instanceof HTMLElement) e.target.blur();
          if (e.key === 'Escape') setDraft(null);
        }}
      />
      {refusal.note}
    </>
  );
}
