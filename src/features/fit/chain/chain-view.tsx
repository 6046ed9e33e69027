'use client';

import { useMemo, useRef, useState } from 'react';
import type { TravelChain } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { chainDrawing, type ChainHandle, chainHandle, chainInWords, type ChainShown } from '@/drawings';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { TitleBlock } from '@/ui/title-block';
import { VerdictMark } from '@/ui/verdict-mark';
import { useNarrow } from '@/ui/use-narrow';
import { chainPartName, labelOf } from '@/words';
import { Answer } from '../answer';
import styles from '../fit.module.css';
import type { FitPage } from '../page';
import { ChainFields } from './chain-fields';
import { ChainTable } from './chain-table';
import { CutLines } from './cut-lines';

/** Paper units of the longest part, and below which width of the page the phone's counts. */
const WIDTH = { sheet: 370, phone: 210 } as const;

/** The chain drawn to scale, what it says, and what it comes to. */
export function ChainView({ axis, index, report, onWorking, views }: FitPage) {
  const { system } = useMachine();
  const { chain } = report;
  const width = useNarrow() ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(() => ({ axis, chain, system, width }), [axis, chain, system, width]);
  const drawing = useMemo(() => chainDrawing(shown), [shown]);
  const words = chainInWords(shown);
  const drag = useDrag(shown, index);
  const open = chain.missing.length > 0;
  return (
    <>
      <div className={styles.left}>
        <ChainFields axis={axis} index={index} />
      </div>
      <section aria-labelledby="chain-title" className={styles.middle}>
        {views}
        <h2 className={styles.heading} id="chain-title">
          Travel chain <small>from the near rail end; drag an end, or type</small>
        </h2>
        {drawing ? (
          <div className={styles.paper}>
            <DrawingView
              drawing={drawing}
              label={words}
              className={`${styles.drawing} ${styles.drag}`}
              onPlace={drag.onPlace}
            />
            <SaveDrawing drawing={drawing} name={`${axis.name} travel chain`} title={words} />
          </div>
        ) : (
          <p>Say how long the rail is and how far the carriages stand apart: then the chain is drawn.</p>
        )}
        {drag.said && (
          <p role="status" className={styles.missing}>
            {drag.said}
          </p>
        )}
        <ChainTable chain={chain} />
        <CutLines axis={axis} chain={chain} />
        <Missing chain={chain} />
      </section>
      <Answer
        view="chain"
        title="What does not close"
        calm="The travel closes."
        unknown={open ? 'Whether the travel closes is not known yet.' : undefined}
        {...{ report, onWorking }}
      >
        <ChainBlock axis={axis} chain={chain} />
      </Answer>
    </>
  );
}

/** To what an end is dragged: whole millimetres, or sixteenths of an inch. */
const GRID = { metric: 1e-3, imperial: 0.0254 / 16 } as const;

/** Ends of parts that are dragged on the drawing: what is dragged is typed, so that both agree. */
function useDrag(shown: ChainShown, index: number) {
  const { system, editor } = useMachine();
  const held = useRef<{ readonly handle: ChainHandle; readonly visit: string } | null>(null);
  const [said, setSaid] = useState('');
  const onPlace = (x: number, y: number, begins: boolean) => {
    if (begins) {
      const handle = chainHandle(shown, x, y);
      held.current = handle && { handle, visit: freshId() };
      setSaid('');
      return;
    }
    if (!held.current) return;
    const { handle, visit } = held.current;
    const grid = GRID[system];
    const value = Math.round(handle.valueAt(x) / grid) * grid;
    const { text } = formatQuantity('length', value, system, 6);
    const taken = editor.type(`axes.${index}.${handle.path}`, text, visit);
    setSaid('error' in taken ? taken.error : `${handle.part}: ${labelOf(handle.path).toLowerCase()} ${text}`);
  };
  return { onPlace, said };
}

/** Inputs without which the chain is a bound. */
function Missing({ chain: { missing } }: { chain: TravelChain }) {
  if (!missing.length) return null;
  return (
    <p className={styles.missing}>
      <VerdictMark verdict="not-known" /> At most so much, for these are not said yet:{' '}
      {missing.map((path) => labelOf(path).toLowerCase()).join(', ')}.
    </p>
  );
}

function ChainBlock({ axis, chain }: { axis: Axis; chain: TravelChain }) {
  const { system } = useMachine();
  const { closed, soft, ends } = chain;
  const say = (m: number, digits = 4) => formatQuantity('length', m, system, digits).text;
  // What is missing makes bounds: no more is left, no less is taken, and nobody knows what could be gained.
  const open = chain.missing.length > 0;
  const [most, least] = open ? ['≤ ', '≥ '] : ['', ''];
  const none = open ? 'not known' : 'nothing';
  const gain = closed?.gain ? say(closed.gain.by, 3) : none;
  const binds = closed && [...new Set([closed.near, closed.far])].map((id) => chainPartName[id]).join(', ');
  return (
    <TitleBlock
      cells={[
        { label: 'Sheet', value: axis.name },
        { label: 'Asked', value: say(axis.demands.travel.si) },
        { label: 'Soft travel', value: soft === null ? 'not known' : most + say(soft) },
        { label: 'Binds', value: binds ?? 'not known' },
        { label: 'Ends take', value: least + say(ends.near.taken + ends.far.taken, 3) },
        { label: 'To gain', value: gain },
      ]}
    />
  );
}
