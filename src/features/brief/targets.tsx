'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { type ProposedTarget, proposedTargets } from '@/core/machine';
import { type Axis, getAt, type Measure } from '@/core/model';
import { machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { inputLabel, targetReason } from '@/words';
import styles from './brief.module.css';

const titles = ['Cutting feed', 'Rapid', 'Acceleration', 'Lost motion'] as const;

const nowOf = (axis: Axis, { path }: ProposedTarget) => getAt(axis, path) as Measure | null;

/** Targets of every axis beside what the work proposes. */
export function Targets() {
  const { project } = useMachine();
  const [axis] = project.axes;
  const first = axis && proposedTargets(project, axis)[0];
  return (
    <section aria-labelledby="targets-title">
      <h2 id="targets-title">The axes and their targets</h2>
      <Table size="small" className={styles.targets ?? ''}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Axis</TableCell>
            <TableCell scope="col">Travel</TableCell>
            <TableCell scope="col">Rides on</TableCell>
            {titles.map((title) => (
              <TableCell key={title} scope="col">
                {title}
              </TableCell>
            ))}
            <TableCell component="td" />
          </TableRow>
        </TableHead>
        <TableBody>
          {project.axes.map((one, i) => (
            <TargetRow key={one.id} index={i} axis={one} />
          ))}
        </TableBody>
      </Table>
      <p className={styles.hint}>
        They come with the arrangement, and their travels from the work area, until you say otherwise. Targets
        are proposed from the kind of work ({inputLabel('brief.accuracy').toLowerCase()} counts too):{' '}
        {first ? targetReason(first.reason) : ''}. Common practice; your own figures stand until you take
        them.
      </p>
    </section>
  );
}

function TargetRow({ index, axis }: { index: number; axis: Axis }) {
  const { project, editor } = useMachine();
  const list = proposedTargets(project, axis);
  const carrier = project.axes.find((a) => a.id === axis.carriedBy);
  const other = list.filter((t) => {
    const now = nowOf(axis, t);
    return !now || Math.abs(now.si - t.value.si) > 1e-9;
  });
  const take = () =>
    editor.apply(
      other.map((t) => ({ path: `axes.${index}.${t.path}`, value: { ...t.value, basis: 'estimate' } })),
      `Targets of the ${axis.name.toLowerCase()}`,
    );
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {axis.letter} {axis.name}
      </TableCell>
      <TableCell data-title="Travel">
        <b>{axis.demands.travel.typed}</b>
        {axis.demands.travel.basis === 'ours' && <small>ours</small>}
      </TableCell>
      <TableCell data-title="Rides on">
        <Link href={machineHref('brief', project.id, 'masses')}>
          {carrier?.name.toLowerCase() ?? 'the stand'}
        </Link>
      </TableCell>
      {list.map((t, i) => (
        <TableCell key={t.path} data-title={titles[i]}>
          <b>{nowOf(axis, t)?.typed ?? 'not given'}</b>
          <small title={targetReason(t.reason)}>
            {nowOf(axis, t)?.basis === 'ours' ? 'ours' : other.includes(t) && `proposed ${t.value.typed}`}
          </small>
        </TableCell>
      ))}
      <TableCell>
        {other.length > 0 && (
          <Action
            label={`Take the proposal for the ${axis.name}`}
            title={list[0] && targetReason(list[0].reason)}
            onAct={take}
          >
            take
          </Action>
        )}
      </TableCell>
    </TableRow>
  );
}
