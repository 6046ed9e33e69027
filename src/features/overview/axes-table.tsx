'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import type { MachineReport } from '@/core/machine';
import { type Project, type Role, roles, startingAxis } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref } from '@/features/frame';
import { freshId, type Session } from '@/session';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import styles from './overview.module.css';

/** Axes that a machine can have; the schema says the same. */
const MOST_AXES = 8;

/** The axes with verdict and letter; they can be added and removed (and that taken back). */
export function AxesTable({ session, project, report }: { session: Session; project: Project; report: MachineReport }) {
  const setAxes = (axes: Project['axes'], label: string) => session.edit([{ path: 'axes', value: axes }], { label });
  const add = (role: Role) => setAxes([...project.axes, startingAxis(role, freshId())], `Added: ${roles[role].name}`);
  return (
    <section aria-labelledby="axes-title">
      <h2 id="axes-title">Axes</h2>
      <table className={styles.axes}>
        <thead><tr><th scope="col">Letter</th><th scope="col">Axis</th><th scope="col">Verdict</th><th scope="col">Travel</th><th scope="col">Moves</th><th scope="col">Rapid asked</th><th scope="col">Good for</th><td /></tr></thead>
        <tbody>
          {project.axes.map((axis, i) => {
            const r = report.axes[i]!;
            return (
              <tr key={axis.id}>
                <td>
                  <input className={styles.letter} aria-label={`Letter of the ${axis.name}`} value={axis.letter} maxLength={2} onChange={(e) => { const letter = e.target.value.slice(-1).toUpperCase(); if (/^[A-Z]$/.test(letter)) session.edit([{ path: `axes.${i}.letter`, value: letter }], { label: 'Letter' }); }} />
                </td>
                <th scope="row"><Link href={machineHref('size', project.id, axis.id)}>{axis.name}</Link></th>
                <td><VerdictMark verdict={r.verdict} /> {verdictWords[r.verdict]}</td>
                <td>{axis.demands.travel.typed}</td>
                <td>{formatQuantity('mass', r.mass, project.units, 3).text}</td>
                <td>{axis.demands.rapid.typed}</td>
                <td><b>{formatQuantity('speed', r.speed, project.units, 3).text}</b></td>
                <td><IconButton size="small" aria-label={`Remove the ${axis.name}`} disabled={project.axes.length === 1} onClick={() => setAxes(project.axes.filter((a) => a.id !== axis.id), `Removed: ${axis.name}`)}><DeleteIcon fontSize="inherit" /></IconButton></td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={styles.add}>
        {project.axes.length < MOST_AXES && <>Add: {(Object.keys(roles) as Role[]).map((role) => <button type="button" key={role} onClick={() => add(role)}>{roles[role].name}</button>)}</>}
      </p>
    </section>
  );
}
