'use client';

import { useMemo } from 'react';
import {
  begunId,
  nextCuts,
  offcutEdits,
  sawnByStop,
  sawnEdits,
  type SectionPlan,
  spoiltPieces,
  stopSettings,
  unsawnEdits,
} from '@/core/build';
import { formatQuantity } from '@/core/units';
import { barsDrawing, barsInWords } from '@/drawings';
import { useMachine } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { BasisShape } from '@/ui/basis-mark';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { useNarrow } from '@/ui/use-narrow';
import { guessedAtSaw, sectionName } from '@/words';
import page from '../build.module.css';
import { BarFields } from './bar-fields';
import styles from './cutting.module.css';

interface BlockProps {
  readonly plan: SectionPlan;
  readonly pieceName: (id: string) => string;
  /** Whether the plan is of an older state: nothing is ticked by it then. */
  readonly busy: boolean;
}

/** How sure it is that nothing is cheaper, and what the other ends of rails would save. */
function Proof({ plan: { plan, other, saw } }: Pick<BlockProps, 'plan'>) {
  const { system } = useMachine();
  if (!plan?.bars.length) return null;
  const money = (v: number) => (v < 100 ? v.toFixed(1) : v.toFixed(0));
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const cost = plan.unpriced ? `${say(plan.cost)} of stock` : money(plan.cost);
  const least = plan.unpriced ? say(plan.least) : money(plan.least);
  const saves = other && other.impossible.length + other.missing.length === 0 ? plan.cost - other.cost : 0;
  return (
    <p className={page.note}>
      {cost} less what remnants are worth.{' '}
      {plan.proved ? 'Proved: nothing is cheaper. ' : `Good, not proved: nothing is below ${least}. `}
      {saves > 1e-6 &&
        saw.ends === 'equal' &&
        `Ends that may differ would save ${plan.unpriced ? say(saves) : money(saves)}.`}
    </p>
  );
}

/** The order of cuts: settings of the stop from long to short, or marks where holes want another order. */
function Order({ plan: { plan, saw } }: Pick<BlockProps, 'plan'>) {
  const { system } = useMachine();
  if (!plan?.bars.length) return null;
  const square = saw.squared.si > 0 ? 'Square the end first. ' : '';
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const settings = stopSettings(plan).map(({ length, cuts }) => `${say(length)} × ${cuts.length}`);
  return (
    <p>
      {sawnByStop(plan)
        ? `${square}Stop settings, the longest first: ${settings.join(', ')}. `
        : `${square}By the marks, from the blue end: the holes set the order. ${settings.join(', ')}. `}
      Measure the first piece of each length before the rest.
    </p>
  );
}

/** The next piece on each bar: cut, or spoilt; and the last one taken back. */
function Ticks({ plan, pieceName, busy }: BlockProps) {
  const { project, editor, system } = useMachine();
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const tick = (bar: number, state: 'good' | 'spoilt', label: string) =>
    editor.apply(sawnEdits(project, plan, bar, state, freshId()), label);
  const begun = (id: string) => plan.begun.findIndex((b) => begunId(b.id) === id);
  // Of bars that are sawn alike the first one stands for all.
  const likeness = (bar: number) => {
    const { bar: of, pieces } = plan.plan!.bars[bar]!;
    return [of.id, ...pieces.map((p) => `${p.start} ${p.end}`)].join(' ');
  };
  const { form } = plan.section;
  const pitch = form.kind === 'holed' ? form.pitch : null;
  const cuts = nextCuts(plan);
  const first = cuts.filter(({ bar }, i) => cuts.findIndex((c) => likeness(c.bar) === likeness(bar)) === i);
  return (
    <ul className={styles.ticks}>
      {first.map(({ bar, piece }) => {
        const of = plan.plan!.bars[bar]!;
        const at = begun(of.bar.id);
        const name = at >= 0 ? `Begun ${at + 1}` : 'A new bar';
        const { start, end } = of.pieces[0]!;
        const what = `${pieceName(piece)}, ${say(end - start)}`;
        return (
          <li key={`${of.bar.id} ${bar}`}>
            <span>
              <b>{name}</b> next: {what}, saw at {say(end)}
            </span>
            <Action disabled={busy} label={`${what}: cut`} onAct={() => tick(bar, 'good', `Cut: ${what}`)}>
              Cut
            </Action>
            <Action
              disabled={busy}
              label={`${what}: spoilt`}
              onAct={() => tick(bar, 'spoilt', `Spoilt: ${what}`)}
            >
              Spoilt
            </Action>
          </li>
        );
      })}
      {plan.begun.map((b, i) => (
        <li key={b.id}>
          <span>
            <b>Begun {i + 1}</b> {b.cuts.length} {b.cuts.length === 1 ? 'cut' : 'cuts'}
          </span>
          {spoiltPieces(project, b).map((c) => (
            <Action
              key={c.id}
              onAct={() => editor.apply(offcutEdits(project, b, c, pitch), 'A spoilt piece as an offcut')}
            >
              Keep the spoilt {say(c.end - c.start)} as an offcut
            </Action>
          ))}
          <Action onAct={() => editor.apply(unsawnEdits(project, b.id), 'The last cut taken back')}>
            Take the last cut back
          </Action>
        </li>
      ))}
    </ul>
  );
}

/** One section: its bars as they are sawn, what is next, what is set. */
export function SectionBlock({ plan, pieceName, busy }: BlockProps) {
  const { system } = useMachine();
  const narrow = useNarrow();
  const shown = useMemo(
    () => ({ plan, system, pieceName, width: narrow ? 360 : 880 }),
    [plan, system, pieceName, narrow],
  );
  const drawing = useMemo(() => barsDrawing(shown), [shown]);
  const name = sectionName(plan.section.kind, plan.section.params, system);
  const cut = [...plan.cut.values()].filter((s) => s === 'good').length;
  return (
    <section className={styles.section} aria-label={name}>
      <h2 className={page.heading}>
        <span className={styles.asWritten}>{name}</span>{' '}
        <small>
          {cut} of {plan.pieces.length} cut
          {plan.section.hard ? ' · hardened: abrasive wheel, eyes, lungs, grit kept out' : ''}
        </small>
      </h2>
      {drawing ? (
        <div className={styles.paper}>
          <DrawingView
            className={styles.drawing}
            drawing={drawing}
            label={`${name}. ${barsInWords(shown)}`}
          />
          <SaveDrawing drawing={drawing} name={`${name} bars`} title={name} />
        </div>
      ) : (
        <p>
          {plan.pieces.length} pieces are wanted:{' '}
          {[...new Set(plan.pieces.map((p) => formatQuantity('length', p.length, system, 5).text))].join(
            ', ',
          )}
          . Say which bars they can be sawn out of, or buy them cut.
        </p>
      )}
      {plan.plan && plan.ours.length > 0 && (
        <ul className={styles.guessed}>
          {guessedAtSaw(plan, system).map((text) => (
            <li key={text}>
              <BasisShape basis="ours" /> {text}
            </li>
          ))}
        </ul>
      )}
      <Proof plan={plan} />
      <Order plan={plan} />
      <Ticks plan={plan} pieceName={pieceName} busy={busy} />
      <BarFields plan={plan} name={name} />
    </section>
  );
}
