'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';

interface ToggleProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly value: T;
  readonly onPick: (value: T) => void;
  readonly className?: string | undefined;
}

/** Views of one thing side by side, one of which is shown. */
export function Toggle<T extends string>({ label, options, value, onPick, className }: ToggleProps<T>) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={value}
      aria-label={label}
      className={className ?? ''}
      onChange={(_, next: T | null) => {
        if (next !== null) onPick(next);
      }}
    >
      {options.map(([id, text]) => (
        <ToggleButton key={id} value={id}>
          {text}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
