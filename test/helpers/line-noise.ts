import { bytesOf, NOW, requestText, sealed } from '@/core/link';
import { controllerStandIn } from '@/standins';
import { type Chance, chance } from './chance';
import { idealMechanism } from './controller';

const pick = <T>(dice: Chance, all: readonly T[]): T => all[Math.floor(dice.next() * all.length)]!;
const between = (dice: Chance, low: number, high: number) => low + (high - low) * dice.next();

const letters = ['x', 'y', 'z'] as const;

/** A request as a client would send it, most of them sound. */
function request(dice: Chance, seq: number): string {
  const at = () => Number(between(dice, -60, 600).toFixed(2));
  const f = () => Number(between(dice, -10, 3000).toFixed(1));
  const all: readonly (() => string)[] = [
    () => requestText(seq, 'hello'),
    () => requestText(seq, 'report'),
    () => requestText(seq, 'settings'),
    () => requestText(seq, 'arm', { key: 'bench' }),
    () => requestText(seq, 'disarm'),
    () => requestText(seq, pick(dice, ['go', 'by']), { [pick(dice, letters)]: at(), f: f() }),
    () => requestText(seq, 'by', { x: 1, f: 300 }),
    () =>
      requestText(seq, 'turn', { plane: 'xy', way: pick(dice, ['cw', 'ccw']), cx: at(), cy: at(), f: f() }),
    () => requestText(seq, 'put', { n: Math.floor(between(dice, 90, 420)), v: at() }),
    () => requestText(seq, 'wait', { ms: Math.abs(at()) }),
    () => requestText(seq, 'home', { axes: pick(dice, ['x', 'xyz', 'zz', '']) }),
    () => requestText(seq, 'zero', { [pick(dice, letters)]: at() }),
    () => requestText(seq, 'touch', { axis: pick(dice, letters), to: at(), f: f() }),
    () => requestText(seq, 'spin', { rpm: f() }),
    () => requestText(seq, 'clear'),
  ];
  return pick(dice, all)();
}

/** Bytes of a request with something done to them: cut, doubled, swapped, foreign. */
function noisy(dice: Chance, bytes: number[]): number[] {
  const at = Math.floor(dice.next() * bytes.length);
  const harm: readonly (() => number[])[] = [
    () => bytes,
    () => bytes.slice(0, at),
    () => [...bytes.slice(0, at), Math.floor(dice.next() * 256), ...bytes.slice(at + 1)],
    () => [...bytes.slice(0, at), ...bytes.slice(at + 1)],
    () => [...bytes.slice(0, at), pick(dice, Object.values(NOW)), ...bytes.slice(at)],
    () => [...bytes.slice(0, at), ...bytes, ...bytes.slice(at)],
    () => Array.from({ length: 260 }, () => 65),
    () => [...bytes].reverse(),
  ];
  return pick(dice, harm)();
}

const MOTIONS = ['go', 'by', 'turn', 'home', 'touch'];

/** Knows by the answers alone what was armed and what was commanded. */
function watcher() {
  let [armed, commanded] = [false, false];
  return {
    commanded: () => commanded,
    heard: (line: string, bytes: readonly number[], answers: readonly string[]) => {
      const verb = line.split(' ')[1]!;
      const taken = answers.some((a) => / taken /.test(a));
      if (bytes.includes(NOW.drop) && verb !== 'arm') armed = false;
      if (!taken) return;
      if (verb === 'arm') armed = true;
      if (verb === 'disarm' || verb === 'clear') armed = false;
      if (armed && MOTIONS.includes(verb)) commanded = true;
    },
    /** What stood still has done what it was told. */
    ran: (moved: number, events: string) => {
      if (events.includes('fault=')) armed = false;
      if (events.includes('done=') || events.includes('fault=')) commanded = commanded && moved > 0;
    },
  };
}

/** What a shaken line did to a controller. */
export interface Shaken {
  readonly lines: number;
  /** Way that was driven though nothing of it was armed or commanded, mm. */
  readonly stray: number;
  /** Answers that a client could not have read. */
  readonly unread: number;
  /** Whether it answers as it should after everything. */
  readonly recovers: boolean;
}

/**
 * Sends mutated lines to a controller and watches its axes: they may move only while it was armed, and only
 * after a motion was taken.
 */
export function shake(seed: number, lines: number): Shaken {
  const dice = chance(seed);
  const ideal = idealMechanism();
  const controller = controllerStandIn(ideal.mechanism);
  const text = new TextDecoder();
  const referee = watcher();
  let heard = '';
  controller.port.listen((bytes) => (heard += text.decode(bytes)));
  let [stray, unread] = [0, 0];
  for (let i = 1; i <= lines; i++) {
    const line = request(dice, (i % 60_000) + 1);
    const bytes = noisy(dice, [...bytesOf(dice.next() < 0.5 ? sealed(line) : line)]);
    heard = '';
    controller.port.send(Uint8Array.from(bytes));
    const answers = heard.split('\n').filter(Boolean);
    unread += answers.filter((a) => !/^(\d+ (taken|has|no) |event |now ).* \^[0-9A-F]{4}$/.test(a)).length;
    referee.heard(line, bytes, answers);
    const before = ideal.state.way;
    heard = '';
    controller.run(3);
    const moved = ideal.state.way - before;
    if (moved > 0 && !referee.commanded()) stray += moved;
    referee.ran(moved, heard);
  }
  controller.port.send(Uint8Array.of(0x0a, ...bytesOf('65535 clear')));
  // What was moving brakes first.
  controller.run(5000);
  heard = '';
  controller.port.send(bytesOf('65534 report'));
  return { lines, stray, unread, recovers: /65534 has mode=unarmed/.test(heard) };
}
