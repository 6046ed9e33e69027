'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { MachineLine } from '@/core/link';
import { type LineStep, lineSteps, type Program } from '@/core/program';
import { Action } from '@/ui/action';
import { useLine, useLineState } from './line-context';
import styles from './line.module.css';

/** The first run goes in air, at a tenth of every speed. */
const IN_AIR = 0.1;
/** The plan of the controller is full: asked again after so long, ms. */
const FULL = 20;
const AGAIN = 150;

const rest = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** No rapid of a page is faster than this, m/s: somebody must be able to reach the stop. Common practice. */
const MOST_RAPID = 0.05;

/** Rapid of a program, mm/min: as its slowest axis may, and no more than a hand can stop. */
const rapidOf = ({ axes }: Program) => 60_000 * Math.min(MOST_RAPID, ...axes.map((a) => a.speed));

interface RunHooks {
  /** Waits until somebody says go on. */
  readonly onAsk: (text: string) => Promise<void>;
  readonly stopped: () => boolean;
}

/** Sends step by step. @returns why it ended early; null: all was sent. */
async function sent(line: MachineLine, steps: readonly LineStep[], hooks: RunHooks): Promise<string | null> {
  for (const step of steps) {
    if (step.does === 'ask') await hooks.onAsk(step.text);
    if (hooks.stopped()) return 'Stopped.';
    while (step.does === 'request') {
      if (hooks.stopped() || !line.state().armed) return 'Stopped.';
      const reply = await line.move(step.verb, step.keys);
      if (reply.ok) break;
      if (reply.number !== FULL) return `Refused: ${reply.text} (${reply.number}).`;
      await rest(AGAIN);
    }
  }
  // What was sent is not yet run: the controller holds a plan.
  while (!hooks.stopped() && line.state().now?.mode !== 'ready') await rest(AGAIN);
  return hooks.stopped() ? 'Stopped.' : null;
}

/**
 * Stops at the head of a program: the builder sets it up, and it counts from where the axes stand after that.
 */
function headOf({ blocks }: Program): Program['blocks'] {
  const first = blocks.findIndex((b) => b.does !== 'ask' && b.does !== 'say');
  return first < 0 ? blocks : blocks.slice(0, first);
}

interface Asked {
  readonly text: string;
  readonly goOn: () => void;
}

/** A run over the line, and what it waits for. */
function useRun(line: MachineLine | null, program: Program, text: string) {
  const [aired, setAired] = useState('');
  const [asked, setAsked] = useState<Asked | null>(null);
  const [note, setNote] = useState('');
  const [running, setRunning] = useState(false);
  const stop = useRef(false);
  const goOn = useRef<(() => void) | null>(null);
  const { armed } = useLineState(line);
  // Disarmed, or left: the run is over. Armed anew it is begun anew, never carried on.
  useEffect(
    () => () => {
      stop.current = true;
      goOn.current?.();
    },
    [armed],
  );
  const waitFor = (words: string) =>
    new Promise<void>((done) => {
      const next = () => {
        goOn.current = null;
        setAsked(null);
        done();
      };
      goOn.current = next;
      setAsked({ text: words, goOn: next });
    });
  const run = async (share: number) => {
    if (!line) return;
    stop.current = false;
    setNote('');
    setRunning(true);
    const hooks = { stopped: () => stop.current, onAsk: waitFor };
    const head = headOf(program);
    for (const block of head) if (block.does === 'ask' && !stop.current) await waitFor(block.text);
    const body = { ...program, blocks: program.blocks.slice(head.length) };
    const nought = { ...(line.state().now?.at ?? {}) };
    const steps = lineSteps(body, { nought, share, rapid: rapidOf(program) })!;
    const why = await sent(line, steps, hooks);
    setRunning(false);
    setAsked(null);
    setNote(why ?? 'It was run to its end.');
    if (!why) setAired(text);
  };
  const halt = () => {
    stop.current = true;
    line?.hold();
    goOn.current?.();
  };
  return { run, halt, aired, asked, note, running };
}

/**
 * Runs a trial's program over the line: only what was read, first in air at a tenth, and only while it is
 * armed.
 * @param text as it reads, so that a change asks to be read again.
 */
export function RunProgram({ program, text }: { readonly program: Program; readonly text: string }) {
  const value = useLine();
  const opened = value?.opened ?? null;
  const state = useLineState(opened?.line ?? null);
  const [read, setRead] = useState('');
  const { run, halt, aired, asked, note, running } = useRun(opened?.line ?? null, program, text);
  const possible = useMemo(
    () => lineSteps(program, { nought: {}, share: 1, rapid: 1000 }) !== null,
    [program],
  );
  if (!opened || !state.armed) return null;
  if (!possible) return <p>This program is not sent over the line: it asks for what no page may switch.</p>;
  return (
    <div className={opened.kind === 'real' ? styles.real : styles.standIn} role="group" aria-label="Run it">
      <p>It counts from where the axes stand when its set-up is done. Nothing that was not read is sent.</p>
      {read !== text && (
        <pre className={styles.code} tabIndex={0} aria-label="All of the program">
          {text}
        </pre>
      )}
      <div className={styles.moves}>
        {read !== text && <Action onAct={() => setRead(text)}>I have read the program above</Action>}
        {read === text && !running && (
          <>
            <Action variant="outlined" onAct={() => void run(IN_AIR)}>
              Run in air, at a tenth
            </Action>
            <Action disabled={aired !== text} onAct={() => void run(1)}>
              Run at its own speed
            </Action>
          </>
        )}
        {running && <Action onAct={halt}>Hold and stop</Action>}
      </div>
      {asked && (
        <div className={styles.moves}>
          <p>{asked.text}</p>
          <Action variant="outlined" onAct={asked.goOn}>
            Go on
          </Action>
        </div>
      )}
      {note && <p role="status">{note}</p>}
    </div>
  );
}
