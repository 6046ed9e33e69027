import { useMemo } from 'react';
import { axisDrawing, axisInWords, type AxisShown, type Paper } from '@/drawings';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { useAfterPaint } from '@/ui/use-after-paint';
import { useNarrow } from '@/ui/use-narrow';
import styles from './sheet.module.css';

/** A short axis is not blown up to fill its box; paper units. */
const LEAST = { sheet: { width: 540, height: 0 }, phone: { width: 300, height: 0 } };

/** The axis drawn along its travel, and the drawing as a file. */
export function AxisDrawing({ axis, report, system }: AxisShown) {
  const paper: Paper = useNarrow() ? 'phone' : 'sheet';
  // A frame behind the verdict: dimensions and labels are placed anew.
  const shown = useAfterPaint(
    useMemo(() => ({ axis, report, system, paper }), [axis, report, system, paper]),
  );
  const drawing = useMemo(() => axisDrawing(shown), [shown]);
  const words = axisInWords(shown);
  return (
    <>
      <DrawingView drawing={drawing} label={words} className={styles.drawing} least={LEAST[shown.paper]} />
      <SaveDrawing drawing={drawing} name={axis.name} title={words} />
    </>
  );
}
