import { useMemo } from 'react';
import { gantryDrawing, gantryInWords, type GantryShown } from '@/drawings';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import styles from './whole.module.css';

interface GantryDrawingProps extends GantryShown {
  readonly onIndex: (index: number) => void;
}

/** The gantry bent by its weight and a push; the carriage is dragged along the beam. */
export function GantryDrawing({ project, structure, flex, index, way, push, onIndex }: GantryDrawingProps) {
  const shown = useMemo(
    () => ({ project, structure, flex, index, way, push }),
    [project, structure, flex, index, way, push],
  );
  const drawing = useMemo(() => gantryDrawing(shown), [shown]);
  const words = gantryInWords(shown);
  /** The solved place that is nearest to a place along the beam. */
  const nearest = (place: number) => {
    const away = flex.shapes.map((shape) => Math.abs(shape.at - place));
    onIndex(away.indexOf(Math.min(...away)));
  };
  return (
    <div className={styles.drawn}>
      <DrawingView drawing={drawing} label={words} className={styles.drawing} onPlace={nearest} />
      <SaveDrawing drawing={drawing} name={`${project.name} gantry`} title={words} />
    </div>
  );
}
