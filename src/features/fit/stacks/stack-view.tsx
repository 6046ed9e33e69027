'use client';

import AddIcon from '@mui/icons-material/Add';
import { useMemo, useState } from 'react';
import { drawGap } from '@/core/fit';
import type { GapReport, StacksReport } from '@/core/machine';
import { chanceFrom } from '@/core/numerics';
import { gapDrawing, stackDrawing, stackInWords, stackLetter } from '@/drawings';
import { useMachine } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { Action } from '@/ui/action';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { useNarrow } from '@/ui/use-narrow';
import { fineLength, stackProposalText, windowText } from '@/words';
import { Answer } from '../answer';
import styles from '../fit.module.css';
import type { FitPage } from '../page';
import { Advice } from './advice';
import { GapFields } from './gap-fields';
import { LinkFold } from './link-fold';
import { MountChoices } from './mount-choices';
import { Shims } from './shims';
import own from './stacks.module.css';
import { type StackEdits, useStack } from './use-stack';

/** Paper units of the whole height, laid flat. */
const WIDTH = { sheet: 500, phone: 260 } as const;

/** Heights and spacings of an axis: what every gap comes to, and what is done about it. */
export function StackView(page: FitPage) {
  const { axis, index, report, onWorking, views } = page;
  const { stacks } = report;
  const edits = useStack(axis, index);
  const [wanted, setWanted] = useState('');
  const gap = stacks.gaps.find((g) => g.input.id === wanted) ?? stacks.gaps[0];
  return (
    <>
      <div className={styles.left}>
        <h2 className={styles.heading}>Stack-ups</h2>
        <div className={own.list} role="group" aria-label="Stack-ups of this axis">
          {stacks.gaps.map((g) => (
            <Action key={g.input.id} pressed={g === gap} onAct={() => setWanted(g.input.id)}>
              {g.input.name}
            </Action>
          ))}
          {edits.proposals.map((p) => (
            <Action key={p.id} icon={<AddIcon fontSize="inherit" />} onAct={() => edits.take(p)}>
              {stackProposalText[p.id].title}
            </Action>
          ))}
          <Action icon={<AddIcon fontSize="inherit" />} onAct={edits.addGap}>
            One of your own
          </Action>
        </div>
        <Fold open className={styles.part} summary="Which parts stand here">
          <MountChoices axis={axis} index={index} />
        </Fold>
        {gap && <GapFold key={gap.input.id} gap={gap} {...{ stacks, index, edits }} />}
        <Fold lazy className={styles.part} summary="Shims in the drawer">
          <Shims />
        </Fold>
      </div>
      <section aria-labelledby="stack-title" className={styles.middle}>
        {views}
        {gap ? (
          <Chain key={gap.input.id} {...{ gap, stacks, index, edits }} />
        ) : (
          <p>
            Take up one of the stack-ups that the parts ask for, or begin one of your own: blocks to scale
            from face to face, the gap that they leave, and the shim, recess or slot that it wants.
          </p>
        )}
      </section>
      <Answer
        view="stacks"
        title="What does not meet"
        calm="All that is said here meets."
        unknown={stacks.gaps.length ? undefined : 'Nothing is stacked up yet.'}
        {...{ report, onWorking }}
      >
        {gap && <StackBlock gap={gap} count={stacks.gaps.length} />}
      </Answer>
    </>
  );
}

interface ChainProps {
  readonly gap: GapReport;
  readonly stacks: StacksReport;
  readonly index: number;
  readonly edits: StackEdits;
}

const planesOf = ({ rows, gaps }: StacksReport) => [
  ...new Set([...rows.map((r) => r.input), ...gaps.map((g) => g.input)].flatMap((x) => [x.from, x.to])),
];

function GapFold({ gap, stacks, index, edits }: ChainProps) {
  const at = stacks.gaps.indexOf(gap);
  return (
    <Fold open className={styles.part} summary="The gap">
      <GapFields
        gap={gap.input}
        at={`axes.${index}.fit.stack.gaps.${at}`}
        used={planesOf(stacks)}
        edits={edits}
      />
    </Fold>
  );
}

/** One stack-up: its blocks, its gap on a scale of its own, and its links in figures. */
function Chain({ gap, stacks, index, edits }: ChainProps) {
  const { system } = useMachine();
  const [picked, setPicked] = useState<string>();
  const width = useNarrow() ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(
    () => ({ gap, rows: stacks.rows, system, width, picked }),
    [gap, stacks.rows, system, width, picked],
  );
  const drawing = useMemo(() => stackDrawing(shown), [shown]);
  const scale = useMemo(() => gapDrawing({ ...shown, width: width * 0.8 }), [shown, width]);
  const words = stackInWords(shown);
  const steps = gap.steps ?? [];
  const inChain = new Set(steps.map((s) => s.link.id));
  const fold = (id: string, letter: string) => {
    const row = stacks.rows.find((r) => r.link.id === id)!;
    return (
      <LinkFold
        key={`${id} ${picked === id}`}
        row={row}
        letter={letter}
        step={steps.find((s) => s.link.id === id) ?? null}
        share={gap.closed?.shares.find((s) => s.id === id)?.share ?? 0}
        at={`axes.${index}.fit.stack.links.${stacks.rows.indexOf(row)}`}
        open={picked === id}
        used={planesOf(stacks)}
        edits={edits}
      />
    );
  };
  return (
    <>
      <h2 className={styles.heading} id="stack-title">
        {gap.input.name} <small>blocks to scale, laid flat</small>
      </h2>
      {drawing && (
        <div className={styles.paper}>
          <DrawingView
            drawing={drawing}
            label={words}
            className={styles.drawing}
            onPick={(layer) => layer.startsWith('link ') && setPicked(layer.slice(5))}
          />
          <SaveDrawing drawing={drawing} name={gap.input.name} title={words} />
        </div>
      )}
      {scale && (
        <div className={styles.paper}>
          <DrawingView drawing={scale} label={`${words}, on its own scale`} className={styles.drawing} />
        </div>
      )}
      <Advice gap={gap} rows={stacks.rows} />
      <Doubts gap={gap} />
      <div className={own.links} role="group" aria-label="Links of the chain">
        <p className={own.titles} aria-hidden>
          <span />
          <span className={own.name}>Link</span>
          <span>Published</span>
          <span>Drawn</span>
          <span>Measured</span>
          <span>±</span>
          <span>Doubt</span>
        </p>
        {steps.map(({ link }, i) => fold(link.id, stackLetter(i)))}
        {stacks.rows.filter((r) => !inChain.has(r.link.id)).map((r) => fold(r.link.id, ''))}
      </div>
      <Action icon={<AddIcon fontSize="inherit" />} onAct={() => edits.addLink(gap.input.from)}>
        Add a link
      </Action>
    </>
  );
}

const DRAWS = 20_000;

/** How far the gap may be off, by three ways of adding up. */
function Doubts({ gap: { closed, steps } }: { gap: GapReport }) {
  const { system } = useMachine();
  const drawn = useMemo(
    () => (steps && closed && !closed.untold.length ? drawGap(steps, chanceFrom(1), DRAWS) : null),
    [steps, closed],
  );
  if (!closed || !drawn) return null;
  const say = (m: number) => fineLength(m, system);
  return (
    <p className={own.doubts}>
      <span>Worst case ± {say(closed.worst)}</span>
      <span>95 % by squares ± {say(closed.half)}</span>
      <span>
        by {DRAWS.toLocaleString('en')} draws {say(drawn.low)} to {say(drawn.high)}
      </span>
    </p>
  );
}

function StackBlock({ gap, count }: { gap: GapReport; count: number }) {
  const { system } = useMachine();
  const { closed, window } = gap;
  const say = (m: number) => fineLength(m, system);
  const known = closed && !closed.unknown.length;
  return (
    <TitleBlock
      cells={[
        { label: 'Gap', value: known ? say(closed.gap) : 'not known' },
        { label: 'Doubt', value: known && !closed.untold.length ? `± ${say(closed.half)}` : 'not known' },
        { label: 'Wanted', value: window ? windowText(window.least, window.most, system) : 'not said' },
        { label: 'Do', value: gap.action?.does ?? 'not known' },
        { label: 'Links', value: String(gap.steps?.length ?? 0) },
        { label: 'Of this axis', value: count === 1 ? '1 stack-up' : `${count} stack-ups` },
      ]}
    />
  );
}
