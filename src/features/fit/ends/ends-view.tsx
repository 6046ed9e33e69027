'use client';

import { useMemo } from 'react';
import type { EndsReport } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity, type Kind } from '@/core/units';
import { endsDrawing, endsInWords } from '@/drawings';
import { useMachine } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { useNarrow } from '@/ui/use-narrow';
import { endNotes } from '@/words';
import { Answer } from '../answer';
import styles from '../fit.module.css';
import type { FitPage } from '../page';
import { EndFields } from './end-fields';
import { EndsTable } from './ends-table';
import { ToldTable } from './told-table';

const WIDTH = { sheet: 340, phone: 190 } as const;

/** How an axis stops at its ends, with power and without, and how it finds its zero. */
export function EndsView({ axis, index, report, onWorking, views }: FitPage) {
  const { system } = useMachine();
  const { ends } = report;
  const width = useNarrow() ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(() => ({ ends, system, width }), [ends, system, width]);
  const drawing = useMemo(() => endsDrawing(shown), [shown]);
  const words = endsInWords(shown);
  return (
    <>
      <div className={styles.left}>
        <h2 className={styles.heading}>Switches and stops</h2>
        <EndFields axis={axis} index={index} />
      </div>
      <section aria-labelledby="ends-title" className={styles.middle}>
        {views}
        <h2 className={styles.heading} id="ends-title">
          Both ends <small>from the hard contact inwards</small>
        </h2>
        {drawing && (
          <div className={styles.paper}>
            <DrawingView drawing={drawing} label={words} className={styles.drawing} />
            <SaveDrawing drawing={drawing} name={`${axis.name} ends`} title={words} />
          </div>
        )}
        <EndsTable ends={ends} />
        {ends.begun && <ToldTable told={ends.told} />}
        {endNotes.map(({ title, text }) => (
          <Fold key={title} className={styles.part} summary={title}>
            <p>{text}</p>
          </Fold>
        ))}
      </section>
      <Answer
        view="ends"
        title="What does not stop"
        calm="It stops where it should."
        unknown={ends.begun ? undefined : 'How this axis stops is not said yet.'}
        {...{ report, onWorking }}
      >
        <EndsBlock axis={axis} ends={ends} />
      </Answer>
    </>
  );
}

function EndsBlock({ axis, ends }: { axis: Axis; ends: EndsReport }) {
  const { system } = useMachine();
  const say = (kind: Kind, si: number) => formatQuantity(kind, si, system, 3).text;
  const run = ends.coast === null ? 'never stops' : say('length', ends.coast);
  return (
    <TitleBlock
      cells={[
        { label: 'Sheet', value: axis.name },
        { label: 'Rapid', value: say('speed', axis.demands.rapid.si) },
        { label: 'Feels like', value: say('mass', ends.felt) },
        { label: ends.coastRead ? 'Ran, as read' : 'Runs unpowered', value: run },
        { label: 'Motor leans', value: say('force', ends.lean) },
        { label: 'Wakes skew', value: ends.skew === null ? '–' : say('length', ends.skew) },
      ]}
    />
  );
}
