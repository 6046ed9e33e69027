'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TablePagination from '@mui/material/TablePagination';
import TableRow from '@mui/material/TableRow';
import TableSortLabel from '@mui/material/TableSortLabel';
import { useDeferredValue, useMemo, useState } from 'react';
import {
  type Family,
  isOrder,
  type Part,
  partFault,
  type PartOrder,
  searchParts,
  sortedParts,
  swapEdits,
} from '@/core/catalogue';
import { amongAxes, type AxisReport, axisReport } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, fieldRuleAt, getAt, isMeasure, type OwnPart } from '@/core/model';
import { formatQuantity, hasOtherSystem, parseQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
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

/** Rows that are shown at once, and put through the model: some tens of milliseconds with drawing them. */
const PAGE = 45;

interface PartListProps {
  readonly family: Family;
  readonly parts: readonly Part[];
  readonly filter: string;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

interface Order {
  readonly by: PartOrder;
  readonly down: boolean;
}

/** The order of the catalogue. */
const AS_LISTED = '';

/** Orders as a list to choose from, where a table has no head: each figure up and down. */
const ordersOf = (
  heads: readonly (readonly [PartOrder, string])[],
): readonly (readonly [string, string])[] => [
  [AS_LISTED, 'the list'],
  ...heads.flatMap(([by, title]) => [
    [by, `${title}, least first`] as const,
    [`-${by}`, `${title}, most first`] as const,
  ]),
];

const orderOf = (value: string): Order | null =>
  value === AS_LISTED ? null : { by: value.replace(/^-/, ''), down: value.startsWith('-') };

/** The head of a column that the list can be sorted by. */
function Head({
  by,
  title,
  order,
  onOrder,
}: {
  by: PartOrder;
  title: string;
  order: Order | null;
  onOrder: (order: Order) => void;
}) {
  const here = order?.by === by ? order : null;
  return (
    <TableCell scope="col" sortDirection={here ? (here.down ? 'desc' : 'asc') : false}>
      <TableSortLabel
        active={here !== null}
        direction={here?.down ? 'desc' : 'asc'}
        onClick={() => onOrder({ by, down: here ? !here.down : false })}
      >
        {title}
      </TableSortLabel>
    </TableCell>
  );
}

/**
 * The parts of a family as a list, each with what the axis would be good for; sorted by any of its figures.
 */
export function PartList({ family, parts, filter: typed, picked, onPick }: PartListProps) {
  // A letter stands in its field at once; the list follows in pieces.
  const filter = useDeferredValue(typed);
  const { project, system } = useMachine();
  const { axis } = useAxis();
  const { own } = useOwnParts();
  const [order, setOrder] = useState<Order | null>(null);
  const here = order && isOrder(family, order.by) ? order : null;
  const found = useMemo(() => {
    const all = searchParts(parts, filter);
    return here ? sortedParts(all, here.by, here.down) : all;
  }, [parts, filter, here]);
  // Another list begins at its beginning.
  const [turned, setTurned] = useState<{ readonly of: unknown; readonly page: number } | null>(null);
  const page = turned?.of === found ? turned.page : 0;
  const tried = useMemo(
    () => tryParts(axis, project.axes, family, found.slice(page * PAGE, (page + 1) * PAGE), system),
    [axis, project.axes, family, found, page, system],
  );
  if (!found.length)
    return <p className={styles.empty}>No part of this family has “{filter}” in its name or figures.</p>;
  const heads: readonly (readonly [PartOrder, string])[] = family.columns.map((c) => [c.path, c.title]);
  const orders = ordersOf([['name', 'name'], ...heads, ['price', 'price']]);
  return (
    <>
      <div className={styles.sort}>
        <Choice
          label="In the order of"
          value={here ? `${here.down ? '-' : ''}${here.by}` : AS_LISTED}
          options={orders}
          onPick={(value) => setOrder(orderOf(value))}
        />
      </div>
      <Table className={styles.parts ?? ''} stickyHeader>
        <TableHead>
          <TableRow>
            <Head by="name" title="Part" order={here} onOrder={setOrder} />
            {heads.map(([by, title]) => (
              <Head key={by} by={by} title={title} order={here} onOrder={setOrder} />
            ))}
            <TableCell scope="col">Axis good for</TableCell>
            <Head by="price" title="Price, example" order={here} onOrder={setOrder} />
          </TableRow>
        </TableHead>
        <TableBody>
          {tried.map((one) => (
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
      {found.length > PAGE && (
        <TablePagination
          component="div"
          count={found.length}
          page={page}
          rowsPerPage={PAGE}
          rowsPerPageOptions={[]}
          onPageChange={(_, next) => setTurned({ of: found, page: next })}
        />
      )}
    </>
  );
}

/**
 * A figure of a part as it is listed. On a sheet in inches what is sold by ounces and pounds there stands so;
 * a size keeps its own, for a screw of 16 mm is one everywhere.
 */
function figureOf({ values }: Part, path: string, system: UnitSystem): string {
  const typed = values[path] ?? '';
  const kind = fieldRuleAt(path)?.kind;
  if (system === 'metric' || !kind || kind === 'length' || kind === 'linearPerTurn') return typed;
  const read = parseQuantity(kind, typed);
  return read.ok && hasOtherSystem(kind) ? formatQuantity(kind, read.si, system, 3).text : typed;
}

interface PartRowProps {
  readonly family: Family;
  readonly tried: TriedPart;
  readonly mine: OwnPart | undefined;
  readonly picked: boolean;
  readonly onPick: (id: string) => void;
}

function PartRow({ family, tried, mine, picked, onPick }: PartRowProps) {
  const { system } = useMachine();
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
          {figureOf(part, c.path, system)}
        </TableCell>
      ))}
      <TableCell className={styles.good ?? ''} data-title="Good for">
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
      <span className="unseen"> {verdictText(report.verdict, report.ours.length > 0)}</span>
    </span>
  );
}
