'use client';

import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { memo, useState } from 'react';
import { Hint } from './hint';
import styles from './basis-mark.module.css';

export type BasisName = 'measured' | 'datasheet' | 'standard' | 'estimate' | 'ours';
/** What somebody may say of a number: that it is ours nobody says. */
const order: readonly BasisName[] = ['measured', 'datasheet', 'standard', 'estimate'];
const meaning: Record<BasisName, string> = {
  measured: 'measured, ± 1 %',
  datasheet: 'datasheet, ± 5 %',
  standard: 'standard, ± 2 %',
  estimate: 'estimate, ± 25 %',
  ours: 'ours, until you say so: ± 25 %',
};

/** Where a number comes from: measured filled, datasheet half, standard square, estimate hollow. */
export function BasisShape({ basis }: { basis: BasisName }) {
  return (
    <svg
      width="11"
      height="11"
      viewBox="0 0 12 12"
      aria-hidden="true"
      style={{ flex: 'none' }}
      stroke="currentColor"
      fill="none"
      strokeWidth="1.4"
    >
      {basis === 'measured' && <circle cx="6" cy="6" r="4.6" fill="currentColor" />}
      {basis === 'estimate' && <circle cx="6" cy="6" r="4.6" />}
      {basis === 'ours' && <circle cx="6" cy="6" r="4.6" strokeDasharray="1.4 2.2" strokeWidth="1.8" />}
      {basis === 'datasheet' && (
        <>
          <circle cx="6" cy="6" r="4.6" />
          <path d="M6 1.4a4.6 4.6 0 0 0 0 9.2z" fill="currentColor" stroke="none" />
        </>
      )}
      {basis === 'standard' && <rect x="2" y="2" width="8" height="8" fill="currentColor" />}
    </svg>
  );
}

interface MarkProps {
  readonly basis: BasisName;
  readonly of: string;
  readonly onChange: (basis: BasisName) => void;
}

/** The mark as a button that lets the basis be changed. */
export const BasisMark = memo(function BasisMark({ basis, of, onChange }: MarkProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Hint text={anchor ? '' : `Basis, where it comes from: ${meaning[basis]}`} beside="itself">
        <IconButton
          size="small"
          className={styles.mark ?? ''}
          aria-haspopup="menu"
          aria-label={`Basis of ${of}: ${basis}`}
          onClick={(e) => setAnchor(e.currentTarget)}
        >
          <BasisShape basis={basis} />
        </IconButton>
      </Hint>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {order.map((b) => (
          <MenuItem
            key={b}
            selected={b === basis}
            dense
            sx={{ gap: 1 }}
            onClick={() => {
              onChange(b);
              setAnchor(null);
            }}
          >
            <BasisShape basis={b} /> {meaning[b]}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
});
