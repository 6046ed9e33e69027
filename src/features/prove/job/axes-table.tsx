'use client';

import type { JobAxis, JobReport } from '@/core/job';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import styles from './job.module.css';
import { fineLength, longTime, slipText } from '@/words';

const percent = (share: number) => (Number.isFinite(share) ? `${formatNumber(share * 100, 3)} %` : 'all');

function heatText({ rms, continuous, moves }: JobAxis, system: UnitSystem): string {
  if (rms === null || continuous === null)
    return `by its set current all along; moves ${percent(moves)} of it`;
  const torque = formatQuantity('torque', rms, system, 3).text;
  return `${torque}, ${percent(rms / continuous)} of what it can for ever`;
}

/** What each axis goes through in a job. */
export function AxesTable({ report }: { readonly report: JobReport }) {
  const { system } = useMachine();
  return (
    <CardTable
      titles={['Axis', 'Most torque', 'Lost steps', 'Fastest', 'Pulses', 'Reversals', 'Heats']}
      label="Axes over the job"
    >
      {report.axes.map(
        (axis) =>
          axis && (
            <tr key={axis.axisId}>
              <th scope="row">{axis.name}</th>
              <td data-title="Most torque">{percent(axis.share.value)}</td>
              <td data-title="Lost steps">{slipText(axis.chance)}</td>
              <td data-title="Fastest">{formatQuantity('speed', axis.speed.value, system, 3).text}</td>
              <td data-title="Pulses">{percent(axis.pulses.value)}</td>
              <td data-title="Reversals" className={styles.wraps}>
                {axis.reversals}
                {axis.reversals > 0 && `, ${fineLength(axis.lost, system)} each`}
                {axis.madeUp >= 0.1 && `; making up for it takes ${longTime(axis.madeUp)}`}
              </td>
              <td data-title="Heats" className={styles.wraps}>
                {heatText(axis, system)}
              </td>
            </tr>
          ),
      )}
    </CardTable>
  );
}
