import { opened } from './crc';

/** Refusals by their number. */
export const REFUSALS = {
  syntax: 10,
  verb: 11,
  value: 12,
  check: 13,
  long: 14,
  full: 20,
  soft: 30,
  unarmed: 31,
  unhomed: 32,
  arc: 33,
  fault: 40,
} as const;
export type Refusal = keyof typeof REFUSALS;

/** Faults by their number; latched until they are cleared. */
export const FAULTS = {
  switch: 1,
  stop: 2,
  'not-found': 3,
  stuck: 4,
  following: 5,
  supply: 6,
  link: 7,
} as const;
export type Fault = keyof typeof FAULTS;

export const MOST_SEQ = 65_535;

/** A line taken apart: its number, its verb, its keys with what stands behind them. */
export interface Words {
  readonly seq: number;
  readonly verb: string;
  readonly keys: ReadonlyMap<string, string>;
  /** The whole line without its check. */
  readonly text: string;
}

export type WordsRead =
  | { readonly ok: true; readonly words: Words }
  | { readonly ok: false; readonly no: Refusal; readonly seq: number };

const SEQ = /^[1-9]\d{0,4}$/;
const VERB = /^[a-z]+$/;
const PAIR = /^([a-z0-9-]+)=([^= ]+)$/;

/** Takes a request apart. Single blanks only; a key stands once. */
export function readWords(line: string): WordsRead {
  const whole = opened(line);
  const [first = '', verb = '', ...rest] = (whole.ok ? whole.line : line).split(' ');
  const seq = SEQ.test(first) && Number(first) <= MOST_SEQ ? Number(first) : 0;
  if (!whole.ok) return { ok: false, no: 'check', seq: 0 };
  if (!seq) return { ok: false, no: 'syntax', seq: 0 };
  if (!VERB.test(verb)) return { ok: false, no: 'syntax', seq };
  const keys = new Map<string, string>();
  for (const word of rest) {
    const pair = PAIR.exec(word);
    if (!pair) return { ok: false, no: 'syntax', seq };
    if (keys.has(pair[1]!)) return { ok: false, no: 'value', seq };
    keys.set(pair[1]!, pair[2]!);
  }
  return { ok: true, words: { seq, verb, keys, text: whole.line } };
}

const PLAIN = /^-?\d{1,9}(\.\d{1,6})?$/;

/** A plain decimal: no exponent, no sign but minus; undefined where it is none. */
export const plainNumber = (text: string | undefined): number | undefined =>
  text !== undefined && PLAIN.test(text) ? Number(text) : undefined;

/** A figure as it goes over the line: three digits behind the point, no more than it wants. */
export function figureText(value: number): string {
  const text = value.toFixed(3).replace(/\.?0+$/, '');
  return text === '-0' ? '0' : text;
}

const pairs = (keys: Readonly<Record<string, string | number>>) =>
  Object.entries(keys)
    .map(([k, v]) => ` ${k}=${typeof v === 'number' ? figureText(v) : v}`)
    .join('');

/** A request without its check. */
export const requestText = (
  seq: number,
  verb: string,
  keys: Readonly<Record<string, string | number>> = {},
): string => `${seq} ${verb}${pairs(keys)}`;
