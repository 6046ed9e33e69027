'use client';

import { useEffect, useRef, useState } from 'react';
import type { DialReading } from '@/core/link';
import { bytesOf, lineReader, readDial, requestText } from '@/core/link';
import type { Tone, ToneBand } from '@/core/metrology';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { Action } from '@/ui/action';
import { trialText } from '@/words';
import styles from './devices.module.css';
import { useLine } from '../line/line-context';
import { canListen, listen, type Listening } from './listen';
import { canSerial, serialPort } from './serial';

/** What a press takes: gives the reason where it was refused. */
type Take = (si: number) => string | undefined;

interface ListenProps {
  readonly band: ToneBand;
  readonly onTake: Take;
  readonly system: UnitSystem;
}

/** Listens for a tone; what it hears is taken by a press. */
export function ListenLine({ band, onTake, system }: ListenProps) {
  const [on, setOn] = useState(false);
  const [tone, setTone] = useState<Tone | null>(null);
  const [note, setNote] = useState('');
  const listening = useRef<Listening | null>(null);
  useEffect(() => () => listening.current?.stop(), []);
  if (!canListen()) return null;
  const stop = () => {
    listening.current?.stop();
    listening.current = null;
    setOn(false);
  };
  const start = async () => {
    setNote('');
    setTone(null);
    setOn(true);
    try {
      listening.current = await listen(band, setTone);
    } catch {
      setOn(false);
      setNote('The microphone is not allowed, or there is none. Type the tone instead.');
    }
  };
  return (
    <p className={styles.device}>
      <Action onAct={() => (on ? stop() : void start())} pressed={on}>
        {on ? 'Stop listening' : 'Listen by microphone'}
      </Action>
      {on && !tone && <span>Pluck it …</span>}
      {tone && (
        <>
          <span role="status">
            {trialText('frequency', tone.frequency, system, 4)} ±{' '}
            {trialText('frequency', tone.expanded, system, 2)}
          </span>
          <Action variant="outlined" onAct={() => onTake(Number(tone.frequency.toPrecision(5)))}>
            Take it
          </Action>
        </>
      )}
      {on && tone && tone.frequency < 40 && <span>Many microphones are deaf below 40 Hz (memory).</span>}
      {note && <span role="alert">{note}</span>}
    </p>
  );
}

/** Usual rate of an indicator’s line. */
const BAUD = 115_200;
/** A reading is asked for so often, ms. */
const EVERY = 200;

interface DialProps {
  readonly onTake: Take;
  readonly system: UnitSystem;
}

/** A digital indicator on a serial line: its reading stands here, a press takes it. Typing is enough too. */
export function DialLine({ onTake, system }: DialProps) {
  const [reading, setReading] = useState<DialReading | null>(null);
  const [on, setOn] = useState(false);
  const [note, setNote] = useState('');
  const close = useRef<(() => void) | null>(null);
  useEffect(() => () => close.current?.(), []);
  const standIn = useLine()?.opened?.dial ?? null;
  if (!canSerial() && !standIn) return null;
  const offer = standIn ? 'Read the stand-in’s indicator' : 'Connect an indicator';
  const connect = async () => {
    setNote('');
    try {
      const port = standIn ?? (await serialPort(BAUD));
      const read = lineReader();
      port.listen((bytes) => {
        for (const heard of read(bytes)) {
          const found = heard.is === 'line' ? readDial(heard.text) : null;
          if (found) setReading(found);
        }
      });
      port.onClosed(() => {
        setOn(false);
        setReading(null);
        setNote('The line is gone.');
      });
      port.send(bytesOf(requestText(1, 'every', { ms: EVERY })));
      close.current = port.close;
      setOn(true);
    } catch {
      setNote('No line was opened.');
    }
  };
  const usable = reading !== null && reading.state === 'still';
  return (
    <p className={styles.device}>
      <Action
        onAct={() => {
          if (on) close.current?.();
          else void connect();
        }}
        pressed={on}
        title="A digital indicator that speaks dial/1 over a serial line"
      >
        {on ? 'Let the indicator go' : offer}
      </Action>
      {on && (
        <span role="status">
          {reading
            ? `${formatQuantity('length', reading.value, system, 5).text}, ${reading.state}`
            : 'nothing heard yet'}
        </span>
      )}
      {on && (
        <Action
          variant="outlined"
          disabled={!usable}
          onAct={() => (reading ? onTake(reading.value) : undefined)}
        >
          Take it
        </Action>
      )}
      {note && <span role="alert">{note}</span>}
    </p>
  );
}
