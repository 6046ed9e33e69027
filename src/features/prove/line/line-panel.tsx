'use client';

import { useState } from 'react';
import type { Disarmed, LineState, MachineLine } from '@/core/link';
import { displayUnit, formatIn, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { canSerial } from '../devices/serial';
import { type LineKind, useLine, useLineState } from './line-context';
import styles from './line.module.css';

const AXES = ['x', 'y', 'z'] as const;
type Letter = (typeof AXES)[number];

const why: Readonly<Record<Disarmed, string>> = {
  never: 'It is not armed: nothing moves.',
  'by-hand': 'It is not armed: nothing moves.',
  hidden: 'This page was hidden: it was held and disarmed.',
  idle: 'Nobody asked for anything for half a minute: it was disarmed.',
  fault: 'The controller reports a fault: it is disarmed. Look at the machine before you clear it.',
  gone: 'The line is gone. Open it anew; nothing is resumed.',
};

const modes: Readonly<Record<NonNullable<LineState['now']>['mode'], string>> = {
  cold: 'just switched on',
  unarmed: 'not armed',
  ready: 'ready',
  moving: 'moving',
  holding: 'held',
  homing: 'homing',
  fault: 'fault',
};

/** Unhomed axes go slow; homed ones may be asked for a little more. mm/min. */
const FEED = { first: 300, homed: 1000 } as const;

/** Steps that may be asked for, m, in the units of the sheet. */
const stepsOf = (system: UnitSystem): readonly number[] =>
  system === 'metric' ? [1e-4, 1e-3, 1e-2] : [2.54e-4, 2.54e-3, 2.54e-2];

const place = (mm: number, system: UnitSystem) => formatIn(displayUnit('length', system), mm / 1000, 6).text;

/** Where it stands. */
function Stands({ state }: { readonly state: LineState }) {
  const { system } = useMachine();
  const { now } = state;
  if (!now) return <p>It has not said yet how it stands.</p>;
  return (
    <p role="status">
      <b>{modes[now.mode]}</b>
      {AXES.map((l) => (
        <span key={l} className={styles.place}>
          {l.toUpperCase()} {place(now.at[l], system)}
          {now.homed.includes(l) ? '' : ' (not homed)'}
        </span>
      ))}
    </p>
  );
}

/** Arming is two presses: the second stands beside what can happen. */
function Arm({ line, kind }: { readonly line: MachineLine; readonly kind: LineKind }) {
  const [asked, setAsked] = useState(false);
  if (!asked)
    return (
      <Action variant="outlined" onAct={() => setAsked(true)}>
        Arm …
      </Action>
    );
  return (
    <div className={styles.arm} role="group" aria-label="Arming">
      <p>
        <b>The machine can move.</b> Hand on the stop button. This page can hang: it is not a stop button.
        Nobody in reach, cutter out, power to the spindle off.
        {kind === 'stand-in' && ' (This is the stand-in: nothing real moves.)'}
      </p>
      <Action
        variant="outlined"
        onAct={() => {
          setAsked(false);
          void line.arm();
        }}
      >
        Arm it
      </Action>
      <Action onAct={() => setAsked(false)}>Leave it</Action>
    </div>
  );
}

/** Moves by a step, home, hold. */
function Moves({ line, state }: { readonly line: MachineLine; readonly state: LineState }) {
  const { system } = useMachine();
  const [axis, setAxis] = useState<Letter>('x');
  const [step, setStep] = useState(1);
  const [note, setNote] = useState('');
  const by = stepsOf(system)[step]!;
  const homed = state.now?.homed.includes(axis) ?? false;
  const ask = (verb: string, keys: Readonly<Record<string, string | number>>) => {
    setNote('');
    void line.move(verb, keys).then((r) => {
      if (!r.ok) setNote(`Refused: ${r.text} (${r.number}).`);
    });
  };
  const go = (sign: 1 | -1) => ask('by', { [axis]: sign * by * 1000, f: homed ? FEED.homed : FEED.first });
  const unit = displayUnit('length', system);
  return (
    <>
      <div className={styles.moves}>
        <Choice
          label="Axis"
          value={axis}
          options={AXES.map((l) => [l, l.toUpperCase()] as const)}
          onPick={(l) => {
            setAxis(l);
            return undefined;
          }}
        />
        <Choice
          label="Step"
          value={step}
          options={stepsOf(system).map((s, i) => [i, formatIn(unit, s, 3).text] as const)}
          onPick={(i) => {
            setStep(Number(i));
            return undefined;
          }}
        />
        <Action variant="outlined" onAct={() => go(-1)} label={`Step to − on ${axis.toUpperCase()}`}>
          −
        </Action>
        <Action variant="outlined" onAct={() => go(1)} label={`Step to + on ${axis.toUpperCase()}`}>
          +
        </Action>
        <Action onAct={() => ask('home', { axes: axis })}>Home {axis.toUpperCase()}</Action>
        {state.now?.mode === 'holding' ? (
          <Action onAct={line.carryOn}>Carry on</Action>
        ) : (
          <Action onAct={line.hold}>Hold</Action>
        )}
        <Action onAct={() => line.disarm('by-hand')}>Disarm</Action>
      </div>
      {note && <p role="alert">{note}</p>}
    </>
  );
}

function Open({ line, kind }: { readonly line: MachineLine; readonly kind: LineKind }) {
  const state = useLineState(line);
  const real = kind === 'real';
  return (
    <div className={real ? styles.real : styles.standIn}>
      <h3>
        {real ? 'Real machine' : 'Stand-in: nothing real moves'} <small> {state.name}</small>
      </h3>
      <Stands state={state} />
      {!state.armed && <p>{why[state.why]}</p>}
      {state.fault !== null && <Action onAct={() => void line.clear()}>Clear the fault {state.fault}</Action>}
      {!state.armed && state.why !== 'gone' && state.fault === null && <Arm {...{ line, kind }} />}
      {state.armed && <Moves {...{ line, state }} />}
    </div>
  );
}

/** A controller on a serial line, or its stand-in. Everything works without: typing is always enough. */
export function LinePanel() {
  const value = useLine();
  if (!value) return null;
  const { opened, note, open, close } = value;
  return (
    <div className={styles.panel}>
      {!opened && (
        <>
          <p>
            A controller that speaks bench/1 over a serial line can be stepped from here. The emergency stop
            is your own switch at the machine, never this page. Typing what you read is always enough.
          </p>
          <div className={styles.moves}>
            {canSerial() && (
              <Action variant="outlined" onAct={() => void open('real')}>
                Open a serial line
              </Action>
            )}
            <Action onAct={() => void open('stand-in')}>Try it on a stand-in</Action>
          </div>
          {!canSerial() && <p>This browser opens no serial lines.</p>}
        </>
      )}
      {opened && (
        <>
          <Open line={opened.line} kind={opened.kind} />
          <Action onAct={close}>Close the line</Action>
        </>
      )}
      {note && <p role="alert">{note}</p>}
    </div>
  );
}
