'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import type { ComparedRow, Comparison } from '@/core/choose';
import type { RungId } from '@/core/machine';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { Action } from '@/ui/action';
import { ChangeMark } from '@/ui/change-mark';
import { VerdictMark } from '@/ui/verdict-mark';
import { accelerationName, checkNameOf, figureName, micro, rungName, showFigure, verdictText } from '@/words';
import styles from './compare-table.module.css';

const answerName: Record<string, string> = {
  speed: 'Good for',
  feed: 'Under cut',
  mass: 'Moves',
  'lost-motion': 'Lost motion, known links',
};
/** What an answer is called. */
export function comparedName({ group, id }: ComparedRow): string {
  if (group === 'answer') return answerName[id] ?? id;
  if (group === 'speed') return rungName[id as RungId] ?? id;
  if (group === 'acceleration')
    return `${accelerationName[id as keyof typeof accelerationName] ?? id}, acceleration`;
  return figureName[id] ?? figureName[`${id}-at-most`] ?? id;
}

/** An answer in words. */
export function comparedValue(row: ComparedRow, value: number | null, system: UnitSystem): string {
  if (value === null) return '–';
  if (!Number.isFinite(value)) return 'no limit';
  if (row.group === 'figure') return showFigure(row.id, row.kind, value, system);
  if (row.id === 'lost-motion') return micro(value, system);
  return formatQuantity(row.kind, value, system, 3).text;
}

interface CompareProps {
  readonly comparison: Comparison;
  readonly names: readonly [before: string, after: string];
  readonly system: UnitSystem;
}

/** Two variants side by side, row by row. What does not change is folded away until asked for. */
export function CompareTable({ comparison, names, system }: CompareProps) {
  const [all, setAll] = useState(false);
  const { verdict, guessed, governing, rows, gone, come } = comparison;
  const shown = rows.filter((r) => all || r.group === 'answer' || r.change !== 'same');
  const hidden = rows.length - shown.length;
  const list = (items: Comparison['gone']) => items.map((f) => checkNameOf(f.code)).join(', ');
  return (
    <div className={styles.compare}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Answer</TableCell>
            <TableCell scope="col">{names[0]}</TableCell>
            <TableCell scope="col">{names[1]}</TableCell>
            <TableCell scope="col">
              <span className="unseen">Change</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          <TableRow>
            <TableCell component="th" scope="row">
              Verdict
            </TableCell>
            <TableCell>
              <VerdictMark verdict={verdict.before} guessed={guessed.before} />{' '}
              {verdictText(verdict.before, guessed.before)}
            </TableCell>
            <TableCell>
              <VerdictMark verdict={verdict.after} guessed={guessed.after} />{' '}
              {verdictText(verdict.after, guessed.after)}
            </TableCell>
            <TableCell>
              <ChangeMark change={verdict.change} />
            </TableCell>
          </TableRow>
          <TableRow>
            <TableCell component="th" scope="row">
              Limited by
            </TableCell>
            <TableCell>{rungName[governing.before as RungId]}</TableCell>
            <TableCell>{rungName[governing.after as RungId]}</TableCell>
            <TableCell />
          </TableRow>
          {shown.map((row) => (
            <TableRow key={`${row.group}-${row.id}`} data-change={row.change}>
              <TableCell component="th" scope="row">
                {comparedName(row)}
              </TableCell>
              <TableCell>{comparedValue(row, row.before, system)}</TableCell>
              <TableCell>{comparedValue(row, row.after, system)}</TableCell>
              <TableCell>
                <ChangeMark change={row.change} />
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {(gone.length > 0 || come.length > 0) && (
        <ul className={styles.turns}>
          {gone.length > 0 && (
            <li>
              <ChangeMark change="better" /> No finding any more, or a lighter one: {list(gone)}
            </li>
          )}
          {come.length > 0 && (
            <li>
              <ChangeMark change="worse" /> New finding, or a heavier one: {list(come)}
            </li>
          )}
        </ul>
      )}
      {(hidden > 0 || all) && (
        <Action onAct={() => setAll(!all)}>
          {all ? 'Only what changes' : `${hidden} more that stay the same`}
        </Action>
      )}
    </div>
  );
}
