'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { memo, type ReactNode } from 'react';
import styles from './card-table.module.css';
import { Explained } from './explained';

interface CardTableProps {
  readonly titles: readonly string[];
  /** Rows of the library's table: a `th` of scope row first, each `td` with its title in `data-title`. */
  readonly children: ReactNode;
  /** Whether a last column without a title follows: what can be done with a row. */
  readonly acts?: boolean;
  readonly label?: string | undefined;
  readonly className?: string | undefined;
}

type HeadProps = Pick<CardTableProps, 'titles' | 'acts'>;

const sameTitles = (a: HeadProps, b: HeadProps): boolean =>
  a.acts === b.acts && a.titles.length === b.titles.length && a.titles.every((t, i) => t === b.titles[i]);

/** The head, drawn anew only where a title changes: cells of the library are dear to draw. */
const Head = memo(function Head({ titles, acts }: HeadProps) {
  return (
    <TableHead>
      <TableRow>
        {titles.map((title) => (
          <TableCell key={title} scope="col">
            <Explained>{title}</Explained>
          </TableCell>
        ))}
        {acts && <TableCell component="td" />}
      </TableRow>
    </TableHead>
  );
}, sameTitles);

/** A table that becomes a card for each row on a phone. */
export function CardTable({ titles, children, acts = false, label, className = '' }: CardTableProps) {
  return (
    <Table size="small" aria-label={label} className={`${styles.cards} ${className}`}>
      <Head titles={titles} acts={acts} />
      <TableBody>{children}</TableBody>
    </Table>
  );
}
