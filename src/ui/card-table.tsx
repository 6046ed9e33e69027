'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { ReactNode } from 'react';
import styles from './card-table.module.css';

interface CardTableProps {
  readonly titles: readonly string[];
  /** Rows of the library's table: a `th` of scope row first, each `td` with its title in `data-title`. */
  readonly children: ReactNode;
  /** Whether a last column without a title follows: what can be done with a row. */
  readonly acts?: boolean;
  readonly label?: string | undefined;
  readonly className?: string | undefined;
}

/** A table that becomes a card for each row on a phone. */
export function CardTable({ titles, children, acts = false, label, className = '' }: CardTableProps) {
  return (
    <Table size="small" aria-label={label} className={`${styles.cards} ${className}`}>
      <TableHead>
        <TableRow>
          {titles.map((title) => (
            <TableCell key={title} scope="col">
              {title}
            </TableCell>
          ))}
          {acts && <TableCell component="td" />}
        </TableRow>
      </TableHead>
      <TableBody>{children}</TableBody>
    </Table>
  );
}
