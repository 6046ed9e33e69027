'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import useEventCallback from '@mui/utils/useEventCallback';
import { memo } from 'react';

interface ToggleProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly value: T;
  readonly onPick: (value: T) => void;
  readonly className?: string | undefined;
}

/** The buttons, drawn anew only where they read otherwise or another one is pressed. */
const Buttons = memo(function Buttons({ label, options, value, onPick, className }: ToggleProps<string>) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={value}
      aria-label={label}
      className={className ?? ''}
      onChange={(_, next: string | null) => {
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
});

/** Views of one thing side by side, one of which is shown. */
export function Toggle<T extends string>({ options, onPick, ...rest }: ToggleProps<T>) {
  const pick = useEventCallback((picked: string) => {
    const option = options.find(([id]) => id === picked);
    if (option) onPick(option[0]);
  });
  return <Buttons {...rest} options={options} onPick={pick} />;
}
