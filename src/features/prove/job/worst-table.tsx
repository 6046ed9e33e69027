'use client';

import type { JobReport } from '@/core/job';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { holdsText, worstShortText } from '@/words';
import styles from './job.module.css';

/** Lines that ask for less than this share of the torque are no matter. */
const WORTH = 0.6;

interface WorstProps {
  readonly report: JobReport;
  /** What stands on a line of the program. */
  readonly written: (line: number) => string;
  readonly onLine: (line: number) => void;
}

/** The lines that ask most, as they are written, with the feed at which they hold. */
export function WorstTable({ report, written, onLine }: WorstProps) {
  const { project, system } = useMachine();
  const nameOf = (id: string) => project.axes.find((a) => a.id === id)?.name ?? id;
  const worst = report.worst.filter((w) => w.share > WORTH);
  if (!worst.length)
    return <p>No line asks for more than {WORTH * 100} % of the torque that may be asked.</p>;
  return (
    <CardTable
      titles={['Line', 'As written', 'Axis', 'Torque asked', 'Holds at']}
      label="Lines that ask most"
    >
      {worst.map((w) => (
        <tr key={w.line}>
          <th scope="row">
            <Action onAct={() => onLine(w.line)} label={`Show line ${w.line}`}>
              {w.line}
            </Action>
          </th>
          <td data-title="As written" className={styles.written}>
            <code>{written(w.line)}</code>
          </td>
          <td data-title="Axis">{nameOf(w.axisId)}</td>
          <td data-title="Torque asked">{worstShortText(w)}</td>
          <td data-title="Holds at">{holdsText(w, system) || 'as it is'}</td>
        </tr>
      ))}
    </CardTable>
  );
}
