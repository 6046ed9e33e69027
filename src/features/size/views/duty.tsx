'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import type { EditValue } from '@/core/findings';
import type { AxisReport } from '@/core/machine';
import { type Axis, guess } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { freshId } from '@/session';
import { QuantityField } from '@/ui/quantity-field';
import { dutyText } from '../labels';
import styles from '../sheet.module.css';
import type { AxisEditor } from '../use-axis-editor';

type Step = Axis['duty'][number];

const does: Record<Step['does'], string> = {
  rapid: 'rapid out and back',
  cut: 'cut out and back',
  rest: 'rest',
};
const kinds = { distance: 'length', rest: 'time', times: 'count' } as const;

interface DutyProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly editor: AxisEditor;
  readonly system: UnitSystem;
  readonly onWorking: (line: string) => void;
}

/** What the motor does over and over, and how warm that makes it. */
export function Duty({ axis, report, editor, system, onWorking }: DutyProps) {
  const put = (steps: readonly Step[], label: string) =>
    editor.apply([{ path: 'duty', value: steps as unknown as EditValue }], label, 'duty');
  const { duty } = report;
  const heat = duty.rated ? (duty.rms / duty.rated) ** 2 : null;
  const add = () =>
    put(
      [
        ...axis.duty,
        {
          id: freshId(),
          does: 'rapid',
          distance: { ...axis.demands.travel, basis: 'estimate' },
          rest: guess('time', '1 s'),
          times: guess('count', '1'),
        },
      ],
      'Added a step of the duty cycle',
    );
  return (
    <div className={styles.duty}>
      <p className={styles.dutyAnswer}>
        RMS torque{' '}
        <button type="button" onClick={() => onWorking(duty.line)}>
          {formatQuantity('torque', duty.rms, system, 3).text}
        </button>{' '}
        over {formatNumber(duty.time, 3)} s
        {heat !== null ? (
          <>, {formatNumber(100 * heat, 2)} % of the rated heat.</>
        ) : (
          <>
            . A stepper’s driver heats it at its full current whatever the load:{' '}
            <button type="button" onClick={() => onWorking('motor.heat')}>
              working
            </button>
            .
          </>
        )}
      </p>
      {axis.duty.length === 0 && (
        <p className={styles.note}>
          No cycle is given: the axis is taken to shuttle over its whole travel without a rest, which is the
          most it can be asked.
        </p>
      )}
      <ol>
        {axis.duty.map((step, i) => (
          <li key={step.id}>
            <div className={styles.dutyHead}>
              <b>{i + 1}</b>
              <select
                aria-label={`Step ${i + 1} does`}
                value={step.does}
                onChange={(e) =>
                  put(
                    axis.duty.map((s) =>
                      s.id === step.id ? { ...s, does: e.target.value as Step['does'] } : s,
                    ),
                    'What a step does',
                  )
                }
              >
                {Object.entries(does).map(([value, text]) => (
                  <option key={value} value={value}>
                    {text}
                  </option>
                ))}
              </select>
              <IconButton
                size="small"
                aria-label={`Remove step ${i + 1}`}
                onClick={() =>
                  put(
                    axis.duty.filter((s) => s.id !== step.id),
                    'Removed a step of the duty cycle',
                  )
                }
              >
                <DeleteIcon fontSize="inherit" />
              </IconButton>
            </div>
            {(step.does === 'rest'
              ? (['rest', 'times'] as const)
              : (['distance', 'rest', 'times'] as const)
            ).map((name) => (
              <QuantityField
                key={name}
                label={dutyText[name]!}
                kind={kinds[name]}
                value={step[name]}
                system={system}
                onText={(text, visit) => editor.type(`duty.${i}.${name}`, text, visit)}
                onBasis={(basis) => editor.setBasis(`duty.${i}.${name}`, basis)}
              />
            ))}
          </li>
        ))}
      </ol>
      <button type="button" className={styles.dutyAdd} disabled={axis.duty.length >= 100} onClick={add}>
        <AddIcon fontSize="inherit" /> Add a step
      </button>
    </div>
  );
}
