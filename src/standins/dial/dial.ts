import { type BytePort, bytesOf, lineReader, readWords, sealed } from '@/core/link';
import { type Dice, normalOf } from '../seeds';

/** What an indicator is; SI. */
export interface DialMakeup {
  readonly id: string;
  readonly unit: 'um' | 'tenths';
  /** Step that it shows. */
  readonly digit: number;
  readonly range: number;
  /** So far its plunger must turn before it follows. */
  readonly hysteresis: number;
  /** Scatter of one reading. */
  readonly noise: number;
  /** Sticks: follows only beyond this; nought for a sound one. */
  readonly sticks: number;
}

/** A usual one: 10 mm, a hundredth, two micrometres of hysteresis; memory. */
export const usualDial: DialMakeup = {
  id: 'd1',
  unit: 'um',
  digit: 1e-5,
  range: 0.01,
  hysteresis: 2e-6,
  noise: 3e-6,
  sticks: 0,
};

export interface DialStandIn {
  readonly port: BytePort;
  /** Goes on by so many milliseconds while its plunger is pushed in so far, m. */
  readonly run: (ms: number, pushed: number) => void;
}

/** It is still where it has moved less than this in a tenth of a second, m. */
const STILL = 2e-6;
const STILL_OVER = 100;

const PER_METRE = { um: 1e6, tenths: 1 / 2.54e-6 } as const;

/** An indicator that speaks dial/1: a reading when it is asked, or every so often. */
export function dialStandIn(made: DialMakeup, dice: Dice): DialStandIn {
  const listeners = new Set<(bytes: Uint8Array) => void>();
  const read = lineReader();
  let [time, n, every, since] = [0, 0, 0, 0];
  let [follows, nought, sign] = [0, 0, 1];
  const past: number[] = [];

  const follow = (pushed: number) => {
    const gap = Math.max(made.hysteresis / 2, made.sticks);
    if (pushed > follows + gap) follows = pushed - made.hysteresis / 2;
    else if (pushed < follows - gap) follows = pushed + made.hysteresis / 2;
  };
  const state = () => {
    if (follows > made.range) return 'over';
    if (follows < 0) return 'under';
    return Math.max(...past) - Math.min(...past) > STILL ? 'moving' : 'still';
  };
  const send = () => {
    n += 1;
    const seen = sign * (follows + made.noise * normalOf(dice) - nought);
    const shown = Math.round(Math.round(seen / made.digit) * made.digit * PER_METRE[made.unit]);
    const line = sealed(
      `@${made.id} ${n} ${Math.round(time)} ${shown === 0 ? 0 : shown} ${made.unit} ${state()}`,
    );
    for (const tell of listeners) tell(bytesOf(line));
  };
  const acts: Readonly<Record<string, (ms: number) => void>> = {
    take: send,
    every: (ms) => {
      [every, since] = [ms, 0];
    },
    zero: () => {
      nought = follows;
    },
    flip: () => {
      sign = -sign;
    },
  };
  const hear = (text: string) => {
    const asked = readWords(text);
    if (!asked.ok || !Object.hasOwn(acts, asked.words.verb)) return;
    const ms = Number(asked.words.keys.get('ms') ?? 0);
    if (asked.words.verb === 'every' && !(ms >= 0 && ms <= 60_000)) return;
    acts[asked.words.verb]!(ms);
  };
  return {
    run: (ms, pushed) => {
      for (let i = 0; i < ms; i++) {
        time += 1;
        follow(pushed);
        past.push(follows);
        if (past.length > STILL_OVER) past.shift();
        since += 1;
        if (every > 0 && since >= every) {
          since = 0;
          send();
        }
      }
    },
    port: {
      send: (bytes) => {
        for (const heard of read(bytes)) if (heard.is === 'line') hear(heard.text);
      },
      listen: (onBytes) => {
        listeners.add(onBytes);
        return () => listeners.delete(onBytes);
      },
      onClosed: () => () => undefined,
      close: () => listeners.clear(),
    },
  };
}
