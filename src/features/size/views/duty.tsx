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

/** Changes the list of steps; each change is a step of its own in the history. */
type Put = (steps: Axis['duty'], label: string) => string | undefined;

/** RMS torque over the cycle, and how warm that makes the motor. */
function Answer({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  const { duty } = useAxis().report;
  const torque = formatQuantity('torque', duty.rms, system, 3).text;
  const heat = duty.rated ? (duty.rms / duty.rated) ** 2 : null;
  return (
    <p className={styles.dutyAnswer}>
      RMS torque <Action onAct={() => onWorking(duty.line)}>{torque}</Action> over{' '}
      {formatNumber(duty.time, 3)} s
      {heat !== null ? (
        <>, {formatNumber(100 * heat, 2)} % of the rated heat.</>
      ) : (
        <>
          . A stepper’s driver heats it at its full current whatever the load:{' '}
          <Action onAct={() => onWorking('motor.heat')}>working</Action>.
        </>
      )}
    </p>
  );
}

/** One step of the cycle: what it does, how far, how often. */
function DutyStep({ step, at, put }: { step: Step; at: number; put: Put }) {
  const { system } = useMachine();
  const { axis, editor } = useAxis();
  const fields =
    step.does === 'rest' ? (['rest', 'times'] as const) : (['distance', 'rest', 'times'] as const);
  const others = axis.duty.filter((s) => s.id !== step.id);
  const become = (next: Step['does']) =>
    put(
      axis.duty.map((s) => (s.id === step.id ? { ...s, does: next } : s)),
      'What a step does',
    );
  return (
    <li>
      <div className={styles.dutyHead}>
        <b>{at + 1}</b>
        <Choice bare label={`Step ${at + 1} does`} value={step.does} options={does} onPick={become} />
        <IconAction
          label={`Remove step ${at + 1}`}
          onAct={() => put(others, 'Removed a step of the duty cycle')}
        >
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </div>
      {fields.map((name) => (
        <QuantityField
          key={name}
          label={dutyText[name]!}
          kind={kinds[name]}
          value={step[name]}
          system={system}
          onText={(text, visit) => editor.type(`duty.${at}.${name}`, text, visit)}
          onBasis={(basis) => editor.setBasis(`duty.${at}.${name}`, basis)}
        />
      ))}
    </li>
  );
}

/** A step to begin with: out and back over the whole travel. */
const newStep = (axis: Axis): Step => ({
  id: freshId(),
  does: 'rapid',
  distance: { ...axis.demands.travel, basis: 'estimate' },
  rest: guess('time', '1 s'),
  times: guess('count', '1'),
});

/** What the motor does over and over, and how warm that makes it. */
export function Duty({ onWorking }: { onWorking: (line: string) => void }) {
  const { index, axis, editor } = useAxis();
  const put: Put = (steps, label) => editor.apply([putInAxis('duty', steps)], label, 'duty');
  const most = capsAt(`axes.${index}.duty`)!.max;
  return (
    <div className={styles.duty}>
      <Answer onWorking={onWorking} />
      {axis.duty.length === 0 && (
        <p className={styles.note}>
          No cycle is given. The axis is taken to do without a rest what heats it most: a cut without an end,
          cutting to and fro over its travel, or to and fro at rapid.
        </p>
      )}
      <ol>
        {axis.duty.map((step, i) => (
          <DutyStep key={step.id} step={step} at={i} put={put} />
        ))}
      </ol>
      <Action
        disabled={axis.duty.length >= most}
        icon={<AddIcon fontSize="inherit" />}
        onAct={() => put([...axis.duty, newStep(axis)], 'Added a step of the duty cycle')}
      >
        Add a step
      </Action>
    </div>
  );
}
