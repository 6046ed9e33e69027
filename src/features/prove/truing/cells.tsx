'use client';

import { type KeyboardEvent, useRef, useState } from 'react';
import type { SheetState } from '@/core/prove';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { cellName } from '@/words';
import { DialLine, ListenLine } from '../devices/device-line';
import styles from './truing.module.css';
import type { SheetActs, Shown } from './use-sheet';

/** Tones that belts of such machines have, Hz; memory. */
const BELT_TONES = { low: 15, high: 500 } as const;
/** Instruments that there are with a line. */
const DIALS: readonly string[] = ['dial', 'lever-dial'];

interface CellsProps {
  readonly state: SheetState;
  readonly acts: SheetActs;
}

/** What a cell is called: its place along the length, or its name. */
export function useCellName({ plan }: SheetState): (shown: Shown) => string {
  const { system } = useMachine();
  return ({ cell }) => {
    const place = cell.x === null ? '' : formatQuantity('length', cell.x, system, 4).text;
    const name = cell.name === null ? '' : cellName(plan.kind, cell.name);
    return [name, place, cell.turned ? 'turned' : ''].filter(Boolean).join(', ');
  };
}

interface TakenProps {
  readonly shown: Shown;
  readonly name: string;
  readonly lit: boolean;
  readonly onPick: () => void;
}

/** A reading as it stands; a press lights it. */
function Taken({ shown, name, lit, onPick }: TakenProps) {
  return (
    <button
      type="button"
      aria-pressed={lit}
      aria-label={`Reading at ${name}: ${shown.text || 'none'}`}
      onClick={onPick}
    >
      {shown.text || '–'}
      {shown.count > 1 && <sup>{shown.count}</sup>}
    </button>
  );
}

/** What a key does where readings are typed; false: nothing of ours. */
function keyAct(e: KeyboardEvent, empty: boolean, acts: KeyActs): boolean {
  const free: Readonly<Record<string, () => void>> = {
    Enter: () => acts.keep(e.shiftKey),
    Escape: acts.clear,
    ArrowDown: () => acts.go(1),
    ArrowUp: () => acts.go(-1),
  };
  // While something is typed these move and delete within it.
  const whenEmpty: Readonly<Record<string, () => void>> = {
    ArrowRight: () => acts.go(1),
    ArrowLeft: () => acts.go(-1),
    Delete: acts.unread,
  };
  const act = free[e.key] ?? (empty ? whenEmpty[e.key] : undefined);
  act?.();
  return act !== undefined;
}

interface KeyActs {
  readonly keep: (again: boolean) => void;
  readonly clear: () => void;
  readonly go: (by: 1 | -1) => void;
  readonly unread: () => void;
}

/** Microphone and indicator, where this browser can ask them. */
function Devices({ state, acts }: CellsProps) {
  const { system } = useMachine();
  if (state.plan.kind === 'belt')
    return <ListenLine band={BELT_TONES} onTake={acts.takeFigure} system={system} />;
  return DIALS.includes(state.instrument) ? <DialLine onTake={acts.takeFigure} system={system} /> : null;
}

const KEYS = [
  ['Enter', 'next place'],
  ['Shift Enter', 'once more, mean'],
  ['arrows', 'to and fro'],
  ['Delete', 'not read'],
] as const;

/** What the keys do. */
const Keys = () => (
  <p className={styles.keys}>
    {KEYS.map(([key, does], i) => (
      <span key={key}>
        {i > 0 && ' · '}
        <b>{key}</b> {does}
      </span>
    ))}
  </p>
);

/** As it lies, and turned over. */
const runsOf = (shown: readonly Shown[]) => [
  shown.filter((s) => !s.cell.turned),
  shown.filter((s) => s.cell.turned),
];

/** The readings, under or beside one another; what is typed goes into the one that is lit. */
export function Cells({ state, acts }: CellsProps) {
  const { system } = useMachine();
  const name = useCellName(state);
  const { shown, at, take, unit } = acts;
  // Along a length the unit stands once, at the first.
  const label = (s: Shown) =>
    s.cell.x === null || s.cell.name !== null
      ? name(s)
      : formatQuantity('length', s.cell.x, system, 4)[s === shown[0] || s.cell.x === 0 ? 'text' : 'number'];
  const [text, setText] = useState('');
  const [note, setNote] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const here = shown[at];
  const keep = (again: boolean) => {
    if (!text.trim()) return;
    const wrong = take(text, again);
    setNote(wrong ?? '');
    if (!wrong) setText('');
  };
  const go = (to: number) => {
    acts.pick(Math.min(shown.length - 1, Math.max(0, to)));
    setText('');
    input.current?.focus();
  };
  const keys: KeyActs = { keep, clear: () => setText(''), go: (by) => go(at + by), unread: acts.unread };
  const onKey = (e: KeyboardEvent) => {
    if (keyAct(e, text === '', keys)) e.preventDefault();
  };
  const line = shown.every((s) => s.cell.x !== null && s.cell.name === null);
  const runs = runsOf(shown);
  return (
    <div className={styles.cells} data-line={line || undefined}>
      {here && (
        <label className={styles.reading}>
          <span>
            {name(here)}{' '}
            <small>
              reading {at + 1} of {shown.length}
            </small>
          </span>
          <input
            ref={input}
            aria-label={`Reading at ${name(here)}, ${unit.symbol}`}
            aria-invalid={note !== ''}
            autoComplete="off"
            value={text}
            placeholder={here.text}
            onChange={(e) => setText(e.target.value)}
            onKeyDown={onKey}
          />
          <span>{unit.symbol}</span>
        </label>
      )}
      {note && (
        <p role="alert" className={styles.note}>
          {note}
        </p>
      )}
      {runs.map((run, r) => (
        <div key={r} hidden={!run.length}>
          {runs[1]!.length > 0 && <h3>{r ? 'Turned over' : 'As it lies'}</h3>}
          <ol
            aria-label={`Readings${r ? ', turned over' : ''}, ${unit.symbol}`}
            style={line ? { gridTemplateColumns: `repeat(${run.length}, minmax(40px, 1fr))` } : undefined}
          >
            {run.map((s) => (
              <li key={s.cell.index}>
                <span>{label(s)}</span>
                <Taken shown={s} name={name(s)} lit={s === here} onPick={() => go(shown.indexOf(s))} />
              </li>
            ))}
          </ol>
        </div>
      ))}
      <Devices {...{ state, acts }} />
      <Keys />
    </div>
  );
}
