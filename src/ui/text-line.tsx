'use client';

import InputBase from '@mui/material/InputBase';
import useEventCallback from '@mui/utils/useEventCallback';
import { memo, useState } from 'react';
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

/**
 * One line of text that counts when the field is left; Enter leaves it, Escape drops what was typed. What is
 * refused stays as it was typed, with the reason.
 */
export function TextLine({ onText, ...rest }: TextLineProps) {
  return <Line {...rest} onText={useEventCallback(onText)} />;
}

/** The line, drawn anew only where it reads otherwise, whatever becomes of its text. */
const Line = memo(function Line({
  label,
  value,
  onText,
  maxLength,
  className,
  placeholder,
  optional = false,
  inputMode = 'text',
}: TextLineProps) {
  // A text that was refused stays to be mended; where the value changed elsewhere it is void.
  const [draft, setDraft] = useState<{ readonly text: string; readonly of: string } | null>(null);
  const typed = draft?.of === value ? draft.text : null;
  const refusal = useRefusal();
  const leave = () => {
    const text = typed?.trim();
    const idle = text === undefined || text === value || (!text && !optional);
    if (!refusal.attempt(() => (idle ? undefined : onText(text)))) setDraft(null);
  };
  return (
    <>
      <InputBase
        fullWidth
        className={className ?? ''}
        value={typed ?? value}
        placeholder={placeholder ?? ''}
        autoComplete="off"
        slotProps={{
          input: { 'aria-label': label, maxLength, inputMode, 'aria-describedby': refusal.id },
        }}
        onChange={(e) => setDraft({ text: e.target.value, of: value })}
        onBlur={leave}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && e.target instanceof HTMLElement) e.target.blur();
          if (e.key === 'Escape') {
            setDraft(null);
            refusal.attempt(() => undefined);
          }
        }}
      />
      {refusal.note}
    </>
  );
});
