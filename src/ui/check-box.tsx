'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { type Refused, useRefusal } from './refusal';

/** Yes or no, with the reason below it where a rule forbids it. */
export function CheckBox({
  label,
  checked,
  onCheck,
}: {
  label: string;
  checked: boolean;
  onCheck: (checked: boolean) => Refused | void;
}) {
  const refusal = useRefusal();
  return (
    <>
      <FormControlLabel
        label={label}
        control={
          <Checkbox
            size="small"
            checked={checked}
            onChange={(e) => refusal.attempt(() => onCheck(e.target.checked))}
          />
        }
      />
      {refusal.note}
    </>
  );
}
