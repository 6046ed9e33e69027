'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { type AxisReport, freshAxis, ridersOf } from '@/core/machine';
import { arrangedAxes, type Axis, capsAt, type Project, put, type Role, roles } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref, useMachine } from '@/features/frame';
import { Action, IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { TextLine } from '@/ui/text-line';
import { VerdictMark } from '@/ui/verdict-mark';
import { newNames, verdictText } from '@/words';
import styles from './overview.module.css';

const most = capsAt('axes')!.max;
const titles = ['Letter', 'Axis', 'Verdict', 'Travel', 'Moves', 'Asked', 'Good for'] as const;

/** A new axis rides where one of its kind does in this arrangement. */
function ridesOn({ axes, brief: { arrangement } }: Project, role: Role): string | null {
  const below = arrangedAxes[arrangement].find((a) => a.role === role)?.on;
  return axes.find((a) => a.role === below)?.id ?? null;
}

/** Whether an axis would move nothing at all without this one. */
const baresAnother = (project: Project, axis: Axis) =>
  project.axes.some(
    (a) =>
      a.id !== axis.id && !a.loads.masses.length && ridersOf(project, a.id).every((r) => r.id === axis.id),
  );

/** The axes with verdict and letter; they can be added and removed (and that taken back). */
export function AxesTable({ reports }: { reports: readonly AxisReport[] }) {
  const { project, editor } = useMachine();
  const { axes } = project;
  const called = (role: Role) => newNames.axis(role, project.brief.arrangement);
  const add = (role: Role) => {
    const fresh = { ...freshAxis(axes, role, called), carriedBy: ridesOn(project, role) };
    return editor.apply([put('axes', [...axes, fresh])], `Added: ${called(role).axis}`);
  };
  return (
    <section aria-labelledby="axes-title">
      <h2 id="axes-title">Axes</h2>
      <CardTable titles={titles} acts className={styles.axes}>
        {axes.map((axis, i) => (
          <AxisRow key={axis.id} index={i} axis={axis} report={reports[i]!} />
        ))}
      </CardTable>
      {axes.length < most && (
        <p className={`${styles.add} no-print`}>
          Add:{' '}
          {roles.map((role) => (
            <Action key={role} onAct={() => add(role)}>
              {called(role).axis}
            </Action>
          ))}
        </p>
      )}
    </section>
  );
}

interface RowProps {
  readonly index: number;
  readonly axis: Axis;
  readonly report: AxisReport;
}

function AxisRow({ index, axis, report }: RowProps) {
  const { project, system, editor } = useMachine();
  const { axes } = project;
  const guessed = report.ours.length > 0;
  const letter = (text: string) =>
    editor.apply([put(`axes.${index}.letter`, text.toUpperCase())], 'Letter', `axes.${index}.letter`);
  // What rode on it rides on what carried it.
  const remove = () => {
    const rest = axes
      .filter((a) => a.id !== axis.id)
      .map((a) => (a.carriedBy === axis.id ? { ...a, carriedBy: axis.carriedBy } : a));
    return editor.apply([put('axes', rest)], `Removed: ${axis.name}`);
  };
  return (
    <TableRow>
      <TableCell data-title="Letter">
        <TextLine
          className={styles.letter}
          label={`Letter of the ${axis.name}`}
          value={axis.letter}
          maxLength={2}
          onText={letter}
        />
      </TableCell>
      <TableCell component="th" scope="row">
        <Link href={machineHref('size', project.id, axis.id)}>{axis.name}</Link>
      </TableCell>
      <TableCell data-title="Verdict">
        <span>
          <VerdictMark verdict={report.verdict} guessed={guessed} /> {verdictText(report.verdict, guessed)}
        </span>
      </TableCell>
      <TableCell data-title="Travel">{axis.demands.travel.typed}</TableCell>
      <TableCell data-title="Moves">{formatQuantity('mass', report.mass, system, 3).text}</TableCell>
      <TableCell data-title="Asked">{axis.demands.rapid.typed}</TableCell>
      <TableCell data-title="Good for">
        <b>{formatQuantity('speed', report.speed, system, 3).text}</b>
      </TableCell>
      <TableCell>
        <IconAction
          label={`Remove the ${axis.name}`}
          disabled={axes.length === 1 || baresAnother(project, axis)}
          onAct={remove}
        >
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </TableRow>
  );
}
