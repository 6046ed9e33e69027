'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useMemo } from 'react';
import { type Family, type Part, partFault, swapEdits } from '@/core/catalogue';
import { amongAxes, type AxisReport, axisReport } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, getAt, isMeasure, type OwnPart } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { VerdictMark } from '@/ui/verdict-mark';
import { labelOf, refusalText, verdictText, wantedWords } from '@/words';
import { useAxis } from '../axis-context';
import styles from './exchange.module.css';
import { useOwnParts } from './use-own-parts';

/** A part with what the axis becomes with it; without a report where a rule refuses it. */
export interface TriedPart {
  readonly part: Part;
  readonly report: AxisReport | null;
  readonly refused: string | null;
}

function tryPart(
  axis: Axis,
  axes: readonly Axis[],
  family: Family,
  part: Part,
  system: UnitSystem,
): TriedPart {
  const refuse = (refused: string): TriedPart => ({ part, report: null, refused });
  // The builder's own parts come out of a file as texts: one that does not read is refused here, not thrown.
  const fault = partFault(family, { name: part.name, values: part.values, price: '', onHand: '0' });
  if (fault)
    return refuse(`${labelOf(fault.field)}: read “${fault.read}”; wanted ${wantedWords(fault.wanted)}.`);
  const changed = applyEdits(axis, swapEdits(axis, family, part));
  const [issue] = axisIssues(changed);
  if (issue) return refuse(refusalText({ ...issue, path: ['axes', 0, ...issue.path] }, system));
  return { part, report: axisReport(changed, { remedies: false }, amongAxes(changed, axes)), refused: null };
}

/** Puts every part of a family through the model. A third of a millisecond each. */
export const tryParts = (
  axis: Axis,
  axes: readonly Axis[],
  family: Family,
  parts: readonly Part[],
  system: UnitSystem,
): TriedPart[] => parts.map((part) => tryPart(axis, axes, family, part, system));

/** Whether the axis still has what the part states: fields may have been typed over since it was taken. */
const isFitted = (axis: Axis, part: Part) =>
  Object.entries(part.values).every(([path, typed]) => {
    const now = getAt(axis, path);
    return isMeasure(now) ? now.typed === typed : String(now) === typed;
  });

const has = ({ name, values }: Part, words: readonly string[]) => {
  const text = `${name} ${Object.values(values).join(' ')}`.toLowerCase();
  return words.every((w) => text.includes(w));
};

interface PartListProps {
  readonly family: Family;
  readonly tried: readonly TriedPart[];
  readonly filter: string;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** The parts of a family as a list, each with what the axis would be good for. */
export function PartList({ family, tried, filter, picked, onPick }: PartListProps) {
  const { own } = useOwnParts();
  const shown = useMemo(() => {
    const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
    return tried.filter(({ part }) => has(part, words));
  }, [tried, filter]);
  if (!shown.length)
    return <p className={styles.empty}>No part of this family has “{filter}” in its name or figures.</p>;
  return (
    <Table className={styles.parts ?? ''} stickyHeader>
      <TableHead>
        <TableRow>
          <TableCell scope="col">Part</TableCell>
          {family.columns.map((c) => (
            <TableCell key={c.path} scope="col">
              {c.title}
            </TableCell>
          ))}
          <TableCell scope="col">Axis good for</TableCell>
          <TableCell scope="col">Price, example</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {shown.map((one) => (
          <PartRow
            key={one.part.id}
            family={family}
            tried={one}
            mine={own.find((o) => o.id === one.part.id)}
            picked={one.part.id === picked}
            onPick={onPick}
          />
        ))}
      </TableBody>
    </Table>
  );
}

interface PartRowProps {
  readonly family: Family;
  readonly tried: TriedPart;
  readonly mine: OwnPart | undefined;
  readonly picked: boolean;
  readonly onPick: (id: string) => void;
}

function PartRow({ family, tried, mine, picked, onPick }: PartRowProps) {
  const { axis } = useAxis();
  const { part } = tried;
  const fitted = part.id === axis.parts[family.id] && isFitted(axis, part);
  return (
    <TableRow data-picked={picked || undefined} onClick={() => onPick(part.id)}>
      <TableCell component="th" scope="row">
        <Action pressed={picked} onAct={() => onPick(part.id)}>
          {part.name}
        </Action>
        {fitted && <small> fitted now</small>}
        {mine && <small> own{mine.onHand ? `, ${mine.onHand} on hand` : ''}</small>}
      </TableCell>
      {family.columns.map((c) => (
        <TableCell key={c.path} data-title={c.title}>
          {part.values[c.path] ?? ''}
        </TableCell>
      ))}
      <TableCell className={styles.good ?? ''} data-title="Axis good for">
        <GoodFor {...tried} />
      </TableCell>
      <TableCell data-title="Price, example">
        {part.price === null ? '–' : `≈ ${Math.round(part.price)} €`}
      </TableCell>
    </TableRow>
  );
}

function GoodFor({ report, refused }: TriedPart) {
  const { system } = useMachine();
  if (!report) return <span title={refused ?? ''}>does not fit</span>;
  return (
    <span>
      <VerdictMark verdict={report.verdict} guessed={report.ours.length > 0} size={15} />{' '}
      {formatQuantity('speed', report.speed, system, 2).text}
      <span className={styles.hidden}> {verdictText(report.verdict, report.ours.length > 0)}</span>
    </span>
  );
}
