'use client';

import { type KeyboardEvent, useRef, useState } from 'react';
import { cellId, type TrialRow, type TrialState } from '@/core/prove';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { trialColumnName, trialRowName } from '@/words';
import { DialLine, ListenLine } from '../devices/device-line';
import styles from './trials.module.css';
import { cellUnit, type TrialActs } from './use-trial';

interface CellProps {
  readonly cell: string;
  readonly label: string;
  readonly acts: TrialActs;
  readonly onNote: (note: string) => void;
  /** Steps to the next cell, or the one before. */
  readonly go: (from: string, by: 1 | -1) => void;
}

/** One reading: typed and kept when it is left; a pasted column fills the cells after it. */
function CellInput({ cell, label, acts, onNote, go }: CellProps) {
  const [text, setText] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const keep = (typed: string | null): boolean => {
    if (typed === null || typed === acts.shown(cell)) {
      setText(null);
      return true;
    }
    const note = acts.write(cell, typed);
    setWrong(note !== undefined);
    onNote(note ?? '');
    if (note === undefined) setText(null);
    return note === undefined;
  };
  const onKey = (e: KeyboardEvent) => {
    const by = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }[e.key] as 1 | -1 | undefined;
    if (e.key === 'Escape') {
      setText(null);
      setWrong(false);
      onNote('');
    }
    if (by === undefined) return;
    e.preventDefault();
    if (keep(text)) go(cell, by);
  };
  return (
    <input
      data-cell={cell}
      aria-label={label}
      aria-invalid={wrong}
      autoComplete="off"
      inputMode="text"
      value={text ?? acts.shown(cell)}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => keep(text)}
      onKeyDown={onKey}
      onPaste={(e) => {
        const pasted = e.clipboardData.getData('text');
        if (!/[\n\r\t;]/.test(pasted.trim())) return;
        e.preventDefault();
        keep(pasted);
      }}
    />
  );
}

interface LookProps {
  readonly row: TrialRow;
  readonly name: string;
  readonly acts: TrialActs;
}

/** One look: yes, no, or not looked. */
function Look({ row, name, acts }: LookProps) {
  const now = acts.looked(row.id);
  return (
    <span role="group" aria-label={name} className={styles.looks}>
      {([true, false] as const).map((answer) => (
        <Action
          key={String(answer)}
          pressed={now === answer}
          label={`${name}: ${answer ? 'yes' : 'no'}`}
          onAct={() => acts.look(row.id, now === answer ? null : answer)}
        >
          {answer ? 'yes' : 'no'}
        </Action>
      ))}
    </span>
  );
}

/** Rings of machines, Hz; memory. */
const RINGS = { low: 15, high: 500 } as const;
/** Instruments that there are with a line. */
const DIALS: readonly string[] = ['dial', 'lever-dial'];

interface TableProps {
  readonly state: TrialState;
  readonly acts: TrialActs;
}

/** Microphone and indicator, where this browser can ask them; they fill the first empty cell. */
function Devices({ state: { plan }, acts }: TableProps) {
  const { system } = useMachine();
  if (plan.kind === 'tap')
    return <ListenLine band={RINGS} onTake={(hz) => acts.write('ring', String(hz))} system={system} />;
  const next = acts.cells.find((c) => c.row.of === 'length' && acts.shown(c.id) === '');
  const read = acts.record?.instrument || plan.instrument;
  if (!next || !read || !DIALS.includes(read)) return null;
  return <DialLine onTake={(si) => acts.writeFigure(next.id, si)} system={system} />;
}

/** What is written down: single figures and looks, then the table of readings. */
export function TrialTable({ state, acts }: TableProps) {
  const { system } = useMachine();
  const { plan } = state;
  const [note, setNote] = useState('');
  const place = useRef<HTMLDivElement>(null);
  const typed = acts.cells.filter((c) => c.row.of !== 'look');
  const go = (from: string, by: 1 | -1) => {
    const to = typed[typed.findIndex((c) => c.id === from) + by];
    const input = to && place.current?.querySelector<HTMLInputElement>(`[data-cell="${to.id}"]`);
    input?.focus();
    input?.select();
  };
  const name = (row: TrialRow) => trialRowName(plan, row, system);
  const unitOf = (row: TrialRow) => cellUnit(plan.kind, row, system)?.symbol ?? '';
  const cell = (id: string, label: string) => (
    <CellInput key={id} cell={id} label={label} acts={acts} onNote={setNote} go={go} />
  );
  return (
    <div ref={place} className={styles.written}>
      {plan.fields.length > 0 && (
        <ul className={styles.fields} aria-label="To write down">
          {plan.fields.map((f) => (
            <li key={f.id}>
              <span>
                {name(f)}
                {f.optional && <small> where you can</small>}
              </span>
              {f.of === 'look' ? (
                <Look row={f} name={name(f)} acts={acts} />
              ) : (
                <span className={styles.figure}>
                  {cell(f.id, `${name(f)}, ${unitOf(f)}`)}
                  <span>{unitOf(f)}</span>
                </span>
              )}
            </li>
          ))}
        </ul>
      )}
      {note && (
        <p role="alert" className={styles.note}>
          {note}
        </p>
      )}
      {plan.rows.length > 0 && (
        <table className={styles.table} data-wide={plan.columns.length > 4 || undefined}>
          <caption>Readings, {unitOf(plan.rows[0]!)}</caption>
          <thead>
            <tr>
              <td />
              {plan.columns.map((c) => (
                <th key={c} scope="col">
                  {trialColumnName(c)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plan.rows.map((r) => (
              <tr key={r.id}>
                <th scope="row">{name(r)}</th>
                {plan.columns.map((c) => (
                  <td key={c} data-title={trialColumnName(c)}>
                    {cell(cellId(r.id, c), `${name(r)}, ${trialColumnName(c)}, ${unitOf(r)}`)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Devices {...{ state, acts }} />
      {typed.length > 1 && (
        <p className={styles.keys}>
          <b>Enter</b> next · <b>arrows</b> to and fro · a pasted column fills the cells from there on
        </p>
      )}
    </div>
  );
}
