'use client';

import { bestMove, endOf, type SheetState, type Truing, worstFigure } from '@/core/prove';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { colourOf, VerdictMark } from '@/ui/verdict-mark';
import {
  goodFromWords,
  happeningWords,
  moveTexts,
  sheetTitle,
  trueFigureName,
  trueText,
  workTime,
} from '@/words';
import page from '../prove.module.css';
import styles from './truing.module.css';
import type { SheetActs } from './use-sheet';

interface SideProps {
  readonly truing: Truing;
  readonly state: SheetState;
  readonly acts: SheetActs;
}

const saying = {
  holds: 'Holds',
  'gives-out': 'Out of limit',
  'not-known': 'Cannot say yet',
} as const;

/** Figures beside what is good enough, with their doubt. */
function Figures({ state }: Pick<SideProps, 'state'>) {
  const { system } = useMachine();
  const figures = state.last?.result.figures ?? [];
  const { good } = state.plan;
  if (!figures.length)
    return (
      <p>
        {state.last ? 'Not enough is read to say anything.' : 'Nothing is read yet.'} Good enough is{' '}
        {good.value === null ? goodFromWords.unknown : <GoodText state={state} />}.
      </p>
    );
  return figures.map((f) => {
    const { verdict, want } = f.decision;
    const say = (v: number) => trueText(f.of, v, system);
    return (
      <div key={f.id} className={styles.figure}>
        <h3>
          {f.good !== null && <VerdictMark verdict={verdict} guessed={state.guessed} />}
          {f.good === null ? trueFigureName(f.id) : `${saying[verdict]}: ${trueFigureName(f.id)}`}
        </h3>
        <b style={{ color: f.good === null ? undefined : colourOf(verdict, state.guessed) }}>
          {say(f.value)} ± {say(f.expanded)}
        </b>
        {f.good !== null && (
          <p>
            Good enough is {say(f.good)}: {goodFromWords[good.from]}.
            {want === 'more-readings' && ' Scatter leads: read each place once more.'}
            {want === 'better-instrument' && ' The instrument leads: a finer one would decide.'}
            {state.guessed &&
              ' It is guessed until you say how far your own instrument errs, and how exact the work is.'}
            {f.coarse && verdict === 'holds' && ' The instrument is coarse for this limit.'}
          </p>
        )}
      </div>
    );
  });
}

function GoodText({ state }: Pick<SideProps, 'state'>) {
  const { system } = useMachine();
  const { value, from } = state.plan.good;
  const slope = ['square', 'lean', 'tram'].includes(state.plan.kind);
  const of = state.plan.kind === 'belt' ? 'force' : slope ? 'slope' : 'length';
  return (
    <>
      {trueText(of, value!, system)}: {goodFromWords[from]}
    </>
  );
}

/** So many moves are told one by one; the drawing shows the rest. */
const MOST_MOVES = 6;

/** What to move next, what that brings, how long it takes and what it spoils. */
function Best({ truing, state, acts }: SideProps) {
  const { system } = useMachine();
  const best = bestMove(truing, state);
  const end = endOf(state, best);
  const moves = state.last?.result.moves ?? [];
  const texts = moveTexts(moves, system);
  if (!state.last || state.stale || !moves.length) return null;
  if (end === 'all-hold') return <p>It is good enough: go on to the next sheet.</p>;
  const figure = worstFigure(state);
  const axisOf = (key: string) => truing.sheets.find((s) => s.plan.key === key)?.axisName ?? '';
  return (
    <section className={styles.best} aria-label="Best next adjustment">
      <h3>Best next adjustment</h3>
      {end === 'below-doubt' && (
        <p>It would bring no more than the doubt of the reading: read finer first.</p>
      )}
      {end === 'no-progress' && <p>Two rounds brought nothing: look for what moves before you go on.</p>}
      <ul>
        {texts.slice(0, MOST_MOVES).map((t) => (
          <li key={t}>{t}</li>
        ))}
        {texts.length > MOST_MOVES && <li>and {texts.length - MOST_MOVES} more, as drawn</li>}
      </ul>
      {state.last.result.coupled !== null && state.last.result.coupled > 0.5 && (
        <p>Both bolts at once: one after the other each round would leave more than half.</p>
      )}
      {best && figure && (
        <dl>
          <dt>brings</dt>
          <dd>
            {trueText(figure.of, best.from, system)} → {trueText(figure.of, best.to, system)} ±{' '}
            {trueText(figure.of, figure.expanded, system)}
          </dd>
          <dt>takes</dt>
          <dd>{workTime(best.minutes)} with all that is read again (memory)</dd>
          <dt>spoils</dt>
          <dd>
            {best.spoils.length
              ? best.spoils.map((k) => sheetTitle(k, axisOf(k))).join(', ')
              : 'nothing read after it'}
          </dd>
        </dl>
      )}
      <Action variant="outlined" onAct={acts.moved}>
        Moved: read again
      </Action>
    </section>
  );
}

/** Why what was read no longer holds. */
function StaleNote({ truing, state }: Pick<SideProps, 'truing' | 'state'>) {
  const { stale } = state;
  if (!stale) return null;
  const { happening, why } = stale;
  const owner = truing.sheets.find((s) => s.plan.key === happening?.node);
  const what = happening
    ? `${sheetTitle(happening.node, owner?.axisName ?? '')} was ${happeningWords[happening.what]} ` +
      `${new Date(happening.at).toLocaleString()}${happening.note ? ` (${happening.note})` : ''}.`
    : 'The shop is more than 5 K warmer or colder than when it was read.';
  return (
    <div className={styles.stale} role="status">
      <h3>
        <VerdictMark verdict="thin" /> {why === 'own' ? 'Read again' : 'Stale'}
      </h3>
      <p>{what} What was read before counts for nothing now.</p>
    </div>
  );
}

/** The verdict of a sheet, and what to do about it. */
export function Side(props: SideProps) {
  const { acts } = props;
  return (
    <>
      <h2 className={page.heading}>{acts.title}</h2>
      <StaleNote {...props} />
      <Figures {...props} />
      <Best {...props} />
    </>
  );
}
