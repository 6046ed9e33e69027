'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { type Axis, capsAt, guess, putInAxis } from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { QuantityField } from '@/ui/quantity-field';
import { dutyText } from '@/words';
import { useAxis } from '../axis-context';
import styles from '../sheet.module.css';

type Step = Axis['duty'][number];

const does: readonly (readonly [Step['does'], string])[] = [
  ['rapid', 'rapid out and back'],
  ['cut', 'cut out and back'],
  ['rest', 'rest'],
];
const kinds = { distance: 'length', rest: 'time', times: 'count' } as const;

/** What the motor does over and over, and how warm that makes it. */
export function Duty({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { index, axis, report, editor } = useAxis();
  const put = (steps: Axis['duty'], label: string) => editor.apply([putInAxis('duty', steps)], label, 'duty');
  const most = capsAt(`axes.${index}.duty`)!.max;
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
        <Action onAct={() => onWorking(duty.line)}>
          {formatQuantity('torque', duty.rms, system, 3).text}
        </Action>{' '}
        over {formatNumber(duty.time, 3)} s
        {heat !== null ? (
          <>, {formatNumber(100 * heat, 2)} % of the rated heat.</>
        ) : (
          <>
            . A stepper’s driver heats it at its full current whatever the load:{' '}
            <Action onAct={() => onWorking('motor.heat')}>working</Action>.
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
              <Choice
                bare
                label={`Step ${i + 1} does`}
                value={step.does}
                options={does}
                onPick={(next) =>
                  put(
                    axis.duty.map((s) => (s.id === step.id ? { ...s, does: next } : s)),
                    'What a step does',
                  )
                }
              />
              <IconAction
                label={`Remove step ${i + 1}`}
                onAct={() =>
                  put(
                    axis.duty.filter((s) => s.id !== step.id),
                    'Removed a step of the duty cycle',
                  )
                }
              >
                <DeleteIcon fontSize="inherit" />
              </IconAction>
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
      <Action disabled={axis.duty.length >= most} icon={<AddIcon fontSize="inherit" />} onAct={add}>
        Add a step
      </Action>
    </div>
  );
}
