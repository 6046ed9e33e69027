'use client';

import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { MOST_NAME } from '@/core/model';
import type { Refused } from '@/ui/refusal';
import { useRefusal } from '@/ui/refusal';
import { knownPlanes, planeText } from '@/words';
import styles from './stacks.module.css';

interface PlaneFieldProps {
  readonly label: string;
  readonly value: string;
  /** Planes that links of this axis meet at already. */
  readonly used: readonly string[];
  readonly onPick: (plane: string) => Refused;
}

/** The plane at one end of a link: one that is there, one of ours, or any other by the builder's own name. */
export function PlaneField({ label, value, used, onPick }: PlaneFieldProps) {
  const refusal = useRefusal();
  const options = [...new Set([...used, ...knownPlanes])];
  const take = (text: string) => {
    const typed = text.trim().slice(0, MOST_NAME);
    const plane = options.find((p) => planeText(p) === typed) ?? typed;
    if (plane && plane !== value) refusal.attempt(() => onPick(plane));
  };
  return (
    <div className={styles.plane}>
      <Autocomplete
        freeSolo
        disableClearable
        size="small"
        options={options}
        value={value}
        getOptionLabel={planeText}
        onChange={(_, picked) => take(planeText(picked))}
        onBlur={(e) => take((e.target as HTMLInputElement).value)}
        renderInput={(params) => <TextField {...params} label={label} variant="standard" />}
      />
      {refusal.note}
    </div>
  );
}
