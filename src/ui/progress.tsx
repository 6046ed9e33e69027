'use client';

import LinearProgress from '@mui/material/LinearProgress';
import type { ReactNode } from 'react';
import styles from './progress.module.css';

/** How far something is, and what may be done about it meanwhile. */
export function Progress({
  label,
  done,
  of,
  children,
}: {
  label: string;
  done: number;
  of: number;
  children?: ReactNode;
}) {
  return (
    <div className={styles.progress} role="status">
      <LinearProgress
        variant="determinate"
        value={of > 0 ? Math.round((100 * done) / of) : 0}
        aria-label={label}
      />
      {children}
    </div>
  );
}
