'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import { useRef, useState } from 'react';
import type { EditValue } from '@/core/findings';
import { readCurveCsv } from '@/core/formats';
import { guess, type Stepper } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { QuantityField } from '@/ui/quantity-field';
import styles from './panels.module.css';
import type { AxisEditor } from './use-axis-editor';

type Curve = NonNullable<Stepper['curve']>;

/** Largest file that is taken for a curve. */
const MOST_BYTES = 1_000_000;

/** The points of a torque curve, typed or out of a CSV file. */
export function CurveEditor({
  curve,
  editor,
  system,
}: {
  curve: Curve;
  editor: AxisEditor;
  system: UnitSystem;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [error, setError] = useState<string | undefined>();
  const put = (points: readonly unknown[], label: string) =>
    setError(
      editor.apply([{ path: 'motor.curve.points', value: points as EditValue }], label, 'motor.curve'),
    );
  const last = curve.points[curve.points.length - 1]!;
  const read = async (list: FileList | null) => {
    const [one] = list ?? [];
    if (!one) return;
    if (one.size > MOST_BYTES)
      return setError(`${one.name}: read ${one.size} bytes; wanted a list of up to 60 points.`);
    const result = readCurveCsv(await one.text());
    if (!result.ok)
      return setError(`${one.name}, line ${result.line}: read ${result.read}; wanted ${result.wanted}.`);
    put(result.points, `Torque curve from ${one.name}`);
  };
  return (
    <div className={styles.curve} role="group" aria-label="Points of the torque curve">
      {curve.points.map((_, i) => (
        <div key={i} className={styles.point}>
          {(['speed', 'torque'] as const).map((name) => (
            <QuantityField
              key={name}
              label={name === 'speed' ? 'Speed' : 'Torque'}
              kind={name === 'speed' ? 'angularSpeed' : 'torque'}
              value={curve.points[i]![name]}
              system={system}
              onText={(text, visit) => editor.type(`motor.curve.points.${i}.${name}`, text, visit)}
              onBasis={(basis) => editor.setBasis(`motor.curve.points.${i}.${name}`, basis)}
            />
          ))}
          <IconButton
            size="small"
            aria-label={`Remove point ${i + 1}`}
            disabled={curve.points.length <= 2}
            onClick={() =>
              put(
                curve.points.filter((__, j) => j !== i),
                'Removed a point',
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconButton>
        </div>
      ))}
      <div className={styles.row}>
        <button
          type="button"
          className={styles.add}
          disabled={curve.points.length >= 60}
          onClick={() =>
            put(
              [
                ...curve.points,
                {
                  speed: guess(
                    'angularSpeed',
                    `${Math.round((last.speed.si * 60) / (2 * Math.PI)) + 200} rpm`,
                  ),
                  torque: guess('torque', `${Number((last.torque.si * 0.8).toPrecision(3))} N·m`),
                },
              ],
              'Added a point',
            )
          }
        >
          <AddIcon fontSize="inherit" /> Add a point
        </button>
        <button type="button" className={styles.add} onClick={() => file.current?.click()}>
          Read a CSV…
        </button>
        <input
          ref={file}
          type="file"
          accept=".csv,.txt,text/csv"
          hidden
          aria-label="Torque curve as CSV"
          onChange={(e) => {
            void read(e.target.files);
            e.target.value = '';
          }}
        />
      </div>
      <p className={styles.hint}>Two columns, speed and torque, with units in the heading: rpm, N·m.</p>
      {error && <p role="alert">{error}</p>}
    </div>
  );
}
