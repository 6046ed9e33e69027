import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { type ReactNode, useState } from 'react';
import type { ComparedRow, Comparison } from '@/core/choose';
import type { AxisReport, RungId } from '@/core/machine';
import type { Axis } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { comparedName, comparedValue } from '@/features/findings';
import { Action } from '@/ui/action';
import { ChangeMark } from '@/ui/change-mark';
import { VerdictMark } from '@/ui/verdict-mark';
import { checkNameOf, rungName, verdictText } from '@/words';
import { driveLink } from '../train-drive';
import styles from './exchange.module.css';

/** One way to make an axis: as it is now, or one that was put by. */
export interface PinColumn {
  readonly id: string;
  readonly name: string;
  readonly head: ReactNode;
  readonly axis: Axis;
  readonly report: AxisReport;
  /** What its parts cost as far as they are picked, and how many links have none. */
  readonly cost: number;
  readonly unpicked: number;
  /** Held against the present axis; null: it is that. */
  readonly comparison: Comparison | null;
  readonly acts: ReactNode;
}

/** Lost motion of the links that are known; what is not known is no nought. */
function lostText(
  { lostMotion: { missing } }: AxisReport,
  row: ComparedRow,
  value: number | null,
  system: UnitSystem,
) {
  if (!missing.length) return comparedValue(row, value, system);
  const links = missing.length === 1 ? '1 link' : `${missing.length} links`;
  return value ? `≥ ${comparedValue(row, value, system)}, ${links} not known` : `not known: ${links}`;
}

interface RowProps {
  readonly title: string;
  readonly columns: readonly PinColumn[];
  readonly of: (column: PinColumn) => ReactNode;
}

function Row({ title, columns, of }: RowProps) {
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {title}
      </TableCell>
      {columns.map((column) => (
        <TableCell key={column.id} data-title={column.name}>
          {of(column)}
        </TableCell>
      ))}
    </TableRow>
  );
}

const keyOf = ({ group, id }: ComparedRow) => `${group} ${id}`;

interface AnswerProps {
  readonly row: ComparedRow;
  readonly column: PinColumn;
  readonly system: UnitSystem;
}

/** One answer of one way, and whether it is better than now. */
function Answer({ row, column: { comparison, report }, system }: AnswerProps) {
  const own = comparison?.rows.find((r) => keyOf(r) === keyOf(row));
  const value = comparison ? (own?.after ?? null) : row.before;
  const lost = row.id === 'lost-motion';
  const text = lost ? lostText(report, row, value, system) : comparedValue(row, value, system);
  // Where a link is not known nobody can say which is the better one.
  const told = lost && report.lostMotion.missing.length > 0;
  return (
    <>
      {text} {own && !told && <ChangeMark change={own.change} />}
    </>
  );
}

/**
 * All ways to make an axis beside one another; what is alike in all of them is folded away until asked for.
 */
export function PinColumns({
  columns,
  system,
}: {
  readonly columns: readonly PinColumn[];
  readonly system: UnitSystem;
}) {
  const [all, setAll] = useState(false);
  const held = columns.flatMap((c) => c.comparison ?? []);
  const rows = [...new Map(held.flatMap((c) => c.rows.map((r) => [keyOf(r), r] as const))).values()];
  const same = (row: ComparedRow) =>
    held.every((c) => (c.rows.find((r) => keyOf(r) === keyOf(row))?.change ?? 'same') === 'same');
  const shown = rows.filter((row) => all || row.group === 'answer' || !same(row));
  const found = ({ report }: PinColumn) =>
    report.findings.map((f) => checkNameOf(f.code)).join(', ') || 'nothing';
  return (
    <>
      <Table className={styles.beside ?? ''} stickyHeader>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Answer</TableCell>
            {columns.map(({ id, head }) => (
              <TableCell key={id} scope="col">
                {head}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          <Row
            title="Drive"
            columns={columns}
            of={({ axis }) => `${driveLink.title(axis)}, ${driveLink.summary(axis, system)}`}
          />
          <Row
            title="Verdict"
            columns={columns}
            of={({ report: { verdict, ours } }) => (
              <>
                <VerdictMark verdict={verdict} guessed={ours.length > 0} />{' '}
                {verdictText(verdict, ours.length > 0)}
              </>
            )}
          />
          <Row
            title="Parts, example prices"
            columns={columns}
            of={({ cost, unpicked }) =>
              unpicked && !cost ? 'not known' : `${unpicked ? '≥ ' : ''}${cost.toFixed(0)}`
            }
          />
          <Row
            title="Limited by"
            columns={columns}
            of={({ report }) => rungName[report.governing as RungId]}
          />
          {shown.map((row) => (
            <Row
              key={keyOf(row)}
              title={comparedName(row)}
              columns={columns}
              of={(column) => <Answer {...{ row, column, system }} />}
            />
          ))}
          <Row title="Found" columns={columns} of={found} />
          <Row title="" columns={columns} of={({ acts }) => acts} />
        </TableBody>
      </Table>
      {(all || shown.length < rows.length) && (
        <Action onAct={() => setAll(!all)}>
          {all ? 'Only what differs' : `${rows.length - shown.length} more that are the same`}
        </Action>
      )}
    </>
  );
}
