'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { type MachineReport, ridersOf } from '@/core/machine';
import { type Project, type Role, roles, startingAxis } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref } from '@/features/frame';
import { freshId, type Session } from '@/session';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import styles from './overview.module.css';

/** Axes that a machine can have; the schema says the same. */
const MOST_AXES = 8;

/** The axes with verdict and letter; they can be added and removed (and that taken back). */
export function AxesTable({
  session,
  project,
  report,
}: {
  session: Session;
  project: Project;
  report: MachineReport;
}) {
  const setAxes = (axes: Project['axes'], label: string) =>
    session.edit([{ path: 'axes', value: axes }], { label });
  /** A new axis rides where one of its kind does: across on the long axis, upright on the one across. */
  const ridesOn = (role: Role) =>
    project.axes.find((a) =>
      role === 'gantry' ? a.role === 'bed' : role === 'plunge' ? a.role === 'gantry' : false,
    )?.id ?? null;
  const add = (role: Role) =>
    setAxes(
      [...project.axes, { ...startingAxis(role, freshId()), carriedBy: ridesOn(role) }],
      `Added: ${roles[role].name}`,
    );
  // What rode on it rides on what carried it.
  const remove = (axis: Project['axes'][number]) =>
    setAxes(
      project.axes
        .filter((a) => a.id !== axis.id)
        .map((a) => (a.carriedBy === axis.id ? { ...a, carriedBy: axis.carriedBy } : a)),
      `Removed: ${axis.name}`,
    );
  const bare = (axis: Project['axes'][number]) =>
    project.axes.some(
      (a) =>
        a.id !== axis.id && !a.loads.masses.length && ridersOf(project, a.id).every((r) => r.id === axis.id),
    );
  return (
    <section aria-labelledby="axes-title">
      <h2 id="axes-title">Axes</h2>
      <table className={styles.axes}>
        <thead>
          <tr>
            <th scope="col">Letter</th>
            <th scope="col">Axis</th>
            <th scope="col">Verdict</th>
            <th scope="col">Travel</th>
            <th scope="col">Moves</th>
            <th scope="col">Asked</th>
            <th scope="col">Good for</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {project.axes.map((axis, i) => {
            const r = report.axes[i]!;
            return (
              <tr key={axis.id}>
                <td>
                  <input
                    className={styles.letter}
                    aria-label={`Letter of the ${axis.name}`}
                    value={axis.letter}
                    maxLength={2}
                    onChange={(e) => {
                      const letter = e.target.value.slice(-1).toUpperCase();
                      if (/^[A-Z]$/.test(letter))
                        session.edit([{ path: `axes.${i}.letter`, value: letter }], { label: 'Letter' });
                    }}
                  />
                </td>
                <th scope="row">
                  <Link href={machineHref('size', project.id, axis.id)}>{axis.name}</Link>
                </th>
                <td>
                  <VerdictMark verdict={r.verdict} /> {verdictWords[r.verdict]}
                </td>
                <td>{axis.demands.travel.typed}</td>
                <td>{formatQuantity('mass', r.mass, project.units, 3).text}</td>
                <td>{axis.demands.rapid.typed}</td>
                <td>
                  <b>{formatQuantity('speed', r.speed, project.units, 3).text}</b>
                </td>
                <td>
                  <IconButton
                    size="small"
                    aria-label={`Remove the ${axis.name}`}
                    disabled={project.axes.length === 1 || bare(axis)}
                    onClick={() => remove(axis)}
                  >
                    <DeleteIcon fontSize="inherit" />
                  </IconButton>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={styles.add}>
        {project.axes.length < MOST_AXES && (
          <>
            Add:{' '}
            {(Object.keys(roles) as Role[]).map((role) => (
              <button type="button" key={role} onClick={() => add(role)}>
                {roles[role].name}
              </button>
            ))}
          </>
        )}
      </p>
    </section>
  );
}
