'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { readCurveCsv } from '@/core/formats';
import { capsAt, guess, putInAxis, type Stepper } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Action, IconAction } from '@/ui/action';
import { FilePicker, readText } from '@/ui/file-picker';
import { QuantityField } from '@/ui/quantity-field';
import { type Refused, useRefusal } from '@/ui/refusal';
import { wantedWords } from '@/words';
import { useAxis } from './axis-context';
import styles from './panels.module.css';

type Curve = NonNullable<Stepper['curve']>;

/** Largest file that is taken for a curve, bytes. */
const MOST_BYTES = 1_000_000;

/** A point further along the curve to type over: 200 rpm on, with a fifth less torque. */
function nextPoint({ speed, torque }: Curve['points'][number]): Curve['points'][number] {
  const rpm = Math.round((speed.si * 60) / (2 * Math.PI)) + 200;
  return {
    speed: guess('angularSpeed', `${rpm} rpm`),
    torque: guess('torque', `${Number((torque.si * 0.8).toPrecision(3))} N·m`),
  };
}

/** The points of a torque curve, typed or out of a CSV file. */
export function CurveEditor({ curve }: { curve: Curve }) {
  const { system } = useMachine();
  const { index, editor } = useAxis();
  const refusal = useRefusal();
  const { points } = curve;
  const caps = capsAt(`axes.${index}.motor.curve.points`)!;
  const set = (next: Curve['points'], label: string): Refused =>
    editor.apply([putInAxis('motor.curve.points', next)], label, 'motor.curve');
  const last = points[points.length - 1]!;
  const read = async (files: readonly File[]) => {
    const [one] = files;
    if (!one) return;
    const file = await readText(one, MOST_BYTES);
    refusal.attempt(() => {
      if (!file.ok) return file.reason;
      const result = readCurveCsv(file.text);
      if (!result.ok) {
        const { line, read, wanted } = result;
        return `${one.name}, line ${line}: read “${read}”; wanted ${wantedWords(wanted)}.`;
      }
      return set([...result.points], `Torque curve from ${one.name}`);
    });
  };
  return (
    <div className={styles.curve} role="group" aria-label="Points of the torque curve">
      {points.map((point, i) => (
        <div key={i} className={styles.point}>
          {(['speed', 'torque'] as const).map((name) => (
            <QuantityField
              key={name}
              label={name === 'speed' ? 'Speed' : 'Torque'}
              kind={name === 'speed' ? 'angularSpeed' : 'torque'}
              value={point[name]}
              system={system}
              onText={(text, visit) => editor.type(`motor.curve.points.${i}.${name}`, text, visit)}
              onBasis={(basis) => editor.setBasis(`motor.curve.points.${i}.${name}`, basis)}
            />
          ))}
          <IconAction
            label={`Remove point ${i + 1}`}
            disabled={points.length <= caps.min}
            onAct={() =>
              set(
                points.filter((__, j) => j !== i),
                'Removed a point',
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
        </div>
      ))}
      <div className={styles.row}>
        <Action
          disabled={points.length >= caps.max}
          icon={<AddIcon fontSize="inherit" />}
          onAct={() => set([...points, nextPoint(last)], 'Added a point')}
        >
          Add a point
        </Action>
        <FilePicker
          label="Torque curve as CSV"
          accept={{ 'text/csv': ['.csv', '.txt'] }}
          onFiles={(files) => void read(files)}
        >
          Read a CSV…
        </FilePicker>
      </div>
      <p className={styles.hint}>Two columns, speed and torque, with units in the heading: rpm, N·m.</p>
      {refusal.note}
    </div>
  );
}
