'use client';

import { useMemo, useState } from 'react';
import type { UnitSystem } from '@/core/units';
import { type ProveFinding, type SheetPlan, type SheetState, type Truing } from '@/core/prove';
import { type RoundsShown, roundsDrawing, setupDrawing, truingDrawing } from '@/drawings';
import { FindingList } from '@/features/findings';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { Keypad } from '@/ui/keypad';
import { TitleBlock } from '@/ui/title-block';
import { cautionWords, methodHow, methodNames, trueText } from '@/words';
import { LinePanel } from '../line/line-panel';
import { PracticeSheetLine } from '../practice/practice-line';
import page from '../prove.module.css';
import { Asked } from './asked';
import { Cells, useCellName } from './cells';
import { Order } from './order';
import { Happenings, SheetFields } from './sheet-fields';
import { Side } from './side';
import styles from './truing.module.css';
import { type SheetActs, useSheet } from './use-sheet';

/** Of the drawing and of what stands left of its first place, paper units. */
const WIDTH = 640;
const FROM = 62;
const TO = 608;

interface SheetProps {
  readonly state: SheetState;
  readonly acts: SheetActs;
}

/** Readings along a length with the band that holds them. */
function Picture({ state, acts }: SheetProps) {
  const { system } = useMachine();
  const { plan, rounds, last } = state;
  const along =
    plan.kind === 'straight' || plan.kind === 'parallel' || plan.kind === 'mesh' || plan.kind === 'droop';
  const cell = acts.shown[acts.at];
  const next = cell && cell.count === 0 ? cell.cell.x : null;
  const drawing = useMemo(
    () =>
      along && last
        ? truingDrawing({
            result: last.result,
            before: rounds.at(-2)?.result ?? null,
            length: plan.places.at(-1)?.x ?? 1,
            bolts: plan.kind === 'mesh' || plan.kind === 'droop' ? [] : plan.bolts.map((b) => b.x),
            next,
            system,
            width: WIDTH,
            from: FROM,
            to: TO,
          })
        : null,
    [along, last, rounds, plan, next, system],
  );
  if (!drawing || !last?.result.points.length) return null;
  const [figure] = last.result.figures;
  const words = figure ? `, ${trueText(figure.of, figure.value, system)}` : '';
  return (
    <div className={page.paper} role="group" aria-label="Readings" tabIndex={0}>
      <DrawingView
        drawing={drawing}
        className={page.strip}
        label={`${acts.title}: ${last.result.points.length} places read${words}`}
      />
    </div>
  );
}

/** Rounds that were read, as they come down. */
function Rounds({ state }: Pick<SheetProps, 'state'>) {
  const { system } = useMachine();
  const { rounds, last, factor, more } = state;
  const figure = last?.result.figures.find((f) => f.good !== null);
  const drawing = useMemo(() => {
    if (!figure) return null;
    const good = figure.good!;
    const { expected, moves } = last!.result;
    const shown: RoundsShown = {
      worsts: rounds.flatMap((r) => r.worst ?? []),
      expected: expected === null || !moves.length ? null : expected / good,
      say: (w) => trueText(figure.of, w * good, system),
      width: WIDTH,
    };
    return roundsDrawing(shown);
  }, [figure, last, system, rounds]);
  if (!drawing) return null;
  return (
    <>
      <h2 className={page.heading}>
        Rounds{' '}
        <small>
          {factor === null
            ? 'worst figure of each'
            : `each leaves ${Math.round(factor * 100)} % of the one before` +
              (more === null || more === 0 ? '' : `, ${more} more to go`)}
        </small>
      </h2>
      <div className={page.paper} role="group" aria-label="Rounds" tabIndex={0}>
        <DrawingView drawing={drawing} className={page.strip} label={`${rounds.length} rounds`} />
      </div>
    </>
  );
}

/** How it is set up, and which way readings grow. */
function SetUp({ plan, title }: { readonly plan: SheetPlan; readonly title: string }) {
  const drawing = useMemo(() => setupDrawing(plan.kind, plan.key.endsWith('/side')), [plan.kind, plan.key]);
  return (
    <div className={page.paper} role="group" aria-label="Set-up" tabIndex={0}>
      <DrawingView drawing={drawing} className={page.strip} label={`${title}: how it is set up`} />
    </div>
  );
}

/** The keypad on a phone: the reading that is lit, and on to the next. */
function PhonePad({ state, acts }: SheetProps) {
  const name = useCellName(state);
  const [typed, setTyped] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const here = acts.shown[acts.at];
  if (!here) return null;
  const keep = () => {
    const wrong = acts.take(typed ?? '', false);
    setNote(wrong ?? '');
    if (!wrong) setTyped(null);
  };
  return (
    <div className={styles.phone}>
      <Keypad
        title={name(here)}
        how={`place ${acts.at + 1} of ${acts.shown.length}, ${acts.unit.symbol}`}
        shown={typed ?? here.text}
        typed={typed}
        onTyped={(next) => {
          setNote('');
          setTyped(next);
        }}
        onKeep={keep}
        keep="take it"
        note={note}
      />
    </div>
  );
}

const sheetCount = (n: number) => `${n} ${n === 1 ? 'sheet' : 'sheets'}`;

/** Limit and doubt where they have room; slopes are long, and stand above in full. */
function limitCells({ last }: SheetState, { sheets }: Truing, system: UnitSystem) {
  const figure = last?.result.figures[0];
  if (figure?.good != null && figure.of !== 'slope')
    return [
      { label: 'Limit', value: trueText(figure.of, figure.good, system) },
      { label: 'Doubt', value: `± ${trueText(figure.of, figure.expanded, system)}` },
    ];
  const holds = sheets.filter((s) => s.state === 'done' && s.verdict === 'holds').length;
  return [
    { label: 'Hold', value: `${holds} of ${sheets.length}` },
    { label: 'Rounds', value: String(sheets.reduce((sum, s) => sum + s.rounds.length, 0)) },
  ];
}

interface SheetViewProps {
  readonly truing: Truing;
  readonly state: SheetState;
  readonly findings: readonly ProveFinding[];
}

function Sheet({ truing, state, findings }: SheetViewProps) {
  const { system } = useMachine();
  const acts = useSheet(state);
  const { plan, method, last } = state;
  // What is told of this sheet above is not told again.
  const told = (f: ProveFinding) =>
    f.about === plan.key || (f.code === 'true-stale' && state.stale && f.params.count === 1);
  const others = findings.filter((f) => !told(f));
  const read = acts.shown.filter((s) => s.count > 0).length;
  // A wire that is not there whips nobody.
  const cautions = plan.cautions.filter((c) => c !== 'wire' || method.id === 'wire');
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        <h2 className={page.heading}>
          {acts.round ? `Round ${state.rounds.length}` : `Round ${state.rounds.length + 1}, not begun`}{' '}
          <small>
            {methodNames[method.id]} · {acts.unit.symbol}
          </small>
        </h2>
        <p>{methodHow(plan, method.id)}</p>
        {!last?.result.points.length && <SetUp plan={plan} title={acts.title} />}
        {cautions.length > 0 && (
          <p className={styles.caution}>
            <b>Caution.</b> {cautions.map((c) => cautionWords[c]).join(' ')}
          </p>
        )}
        <Picture {...{ state, acts }} />
        <Asked {...{ state, acts }} />
        <PracticeSheetLine {...{ state, acts }} />
        <Cells key={plan.key} {...{ state, acts }} />
        <PhonePad key={`pad ${plan.key}`} {...{ state, acts }} />
        {plan.usualBolts && plan.bolts.length > 0 && (
          <p>Where the screws of this rail are is not known: they are drawn at a usual pitch.</p>
        )}
        <Rounds state={state} />
        <div className={page.files}>
          {acts.round && read === acts.shown.length && (
            <Action onAct={acts.anew}>Another round as it is</Action>
          )}
          <Action
            onAct={() =>
              acts.say({ left: !state.said?.left }, state.said?.left ? 'Done after all' : 'Left out')
            }
          >
            {state.said?.left ? 'Do it after all' : 'Not done on this machine'}
          </Action>
        </div>
        <Fold summary="How it is read, and what is good enough">
          {last && last.result.points.length > 0 && <SetUp plan={plan} title={acts.title} />}
          <SheetFields {...{ state, acts }} />
        </Fold>
        <Fold summary="Move the machine from here" lazy>
          <LinePanel />
        </Fold>
        <Happenings {...{ state, acts }} />
      </div>
      <section aria-label="Verdict" className={page.right}>
        <Side {...{ truing, state, acts }} />
        {others.length > 0 && (
          <>
            <h2 className={page.heading}>Elsewhere</h2>
            <FindingList findings={others} calm="" ours={0} />
          </>
        )}
        <TitleBlock
          cells={[
            { label: 'Sheet', value: acts.title },
            { label: 'Round', value: String(Math.max(1, state.rounds.length)) },
            { label: 'Read', value: `${read} of ${acts.shown.length}` },
            ...limitCells(state, truing, system),
            { label: 'Stale', value: sheetCount(truing.sheets.filter((s) => s.state === 'stale').length) },
          ]}
        />
      </section>
    </>
  );
}

interface ViewProps {
  readonly truing: Truing;
  readonly sheet: string | null;
  readonly findings: readonly ProveFinding[];
}

/** Truing up: sheet by sheet, from readings to moves of bolts. */
export function TruingView({ truing, sheet, findings }: ViewProps) {
  // The sheet whose turn it was stays when its last reading is taken: what it comes to wants to be seen.
  const [turn] = useState(truing.next);
  const state =
    truing.sheets.find((s) => s.plan.key === sheet) ??
    truing.sheets.find((s) => s.plan.key === turn) ??
    truing.sheets[0];
  if (!state) return null;
  return (
    <>
      <Order truing={truing} shown={state.plan.key} />
      <Sheet key={state.plan.key} truing={truing} state={state} findings={findings} />
    </>
  );
}
