import { useDeferredValue, useMemo } from 'react';
import { axisDrawing, axisInWords, type AxisShown } from '@/drawings';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import styles from './sheet.module.css';

/** A short axis is not blown up to fill its box; paper units. */
const LEAST = { width: 540, height: 0 };

/** The axis drawn along its travel, and the drawing as a file. */
export function AxisDrawing({ axis, report, system }: AxisShown) {
  // A frame behind the verdict: dimensions and labels are placed anew.
  const shown = useDeferredValue(useMemo(() => ({ axis, report, system }), [axis, report, system]));
  const drawing = useMemo(() => axisDrawing(shown), [shown]);
  const words = axisInWords(shown);
  return (
    <>
      <DrawingView drawing={drawing} label={words} className={styles.drawing} least={LEAST} />
      <SaveDrawing drawing={drawing} name={axis.name} title={words} />
    </>
  );
}
