'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { type Refused, useRefusal } from './refusal';

/** Yes or no, with the reason below it where a rule forbids it. */
export function CheckBox({
  label,
  checked,
  bare = false,
  onCheck,
}: {
  label: string;
  checked: boolean;
  /** Only the box, its label unseen. */
  bare?: boolean;
  onCheck: (checked: boolean) => Refused | void;
}) {
  const refusal = useRefusal();
  return (
    <>
      <FormControlLabel
        label={bare ? '' : label}
        control={
          <Checkbox
            size="small"
            slotProps={bare ? { input: { 'aria-label': label } } : {}}
            checked={checked}
            onChange={(e) => refusal.attempt(() => onCheck(e.target.checked))}
          />
        }
      />
      {refusal.note}
    </>
  );
}
