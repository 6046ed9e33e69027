import { opened } from './crc';

/** Modes of a controller. */
export const modes = ['cold', 'unarmed', 'ready', 'moving', 'holding', 'homing', 'fault'] as const;
export type Mode = (typeof modes)[number];

/** How a controller stands; mm, mm/min, ms. */
export interface Now {
  readonly mode: Mode;
  readonly at: Readonly<Record<'x' | 'y' | 'z', number>>;
  readonly feed: number;
  readonly scale: number;
  readonly plan: { readonly used: number; readonly size: number };
  /** Letters of axes whose switch reads tripped, and of those that are homed. */
  readonly tripped: string;
  readonly homed: string;
  readonly time: number;
}

/** What comes back over the line. */
export type Answer =
  | { readonly is: 'taken'; readonly seq: number; readonly room: number | null }
  | { readonly is: 'has'; readonly seq: number; readonly keys: ReadonlyMap<string, string> }
  | { readonly is: 'no'; readonly seq: number; readonly number: number; readonly text: string }
  | { readonly is: 'event'; readonly keys: ReadonlyMap<string, string> }
  | { readonly is: 'now'; readonly now: Now };

function keysOf(words: readonly string[]): ReadonlyMap<string, string> | null {
  const keys = new Map<string, string>();
  for (const word of words) {
    const at = word.indexOf('=');
    if (at < 1 || keys.has(word.slice(0, at))) return null;
    keys.set(word.slice(0, at), word.slice(at + 1));
  }
  return keys;
}

function nowOf(keys: ReadonlyMap<string, string>): Now | null {
  const number = (key: string) => Number(keys.get(key) ?? NaN);
  const mode = modes.find((m) => m === keys.get('mode'));
  const [used, size] = (keys.get('plan') ?? '').split('/').map(Number);
  const at = { x: number('x'), y: number('y'), z: number('z') };
  const figures = [at.x, at.y, at.z, number('feed'), number('scale'), number('t'), used, size];
  if (!mode || !figures.every((v) => v !== undefined && Number.isFinite(v))) return null;
  const letters = (key: string) => (keys.get(key) ?? '').replace(/[^xyz]/g, '');
  return {
    mode,
    at,
    feed: number('feed'),
    scale: number('scale'),
    plan: { used: used!, size: size! },
    tripped: letters('in'),
    homed: letters('homed'),
    time: number('t'),
  };
}

const SEQ = /^\d{1,5}$/;

/** Reads a line of a controller; null where its check is missing or wrong, or it is nothing that we know. */
export function readAnswer(text: string): Answer | null {
  const whole = opened(text);
  if (!whole.ok || !whole.checked) return null;
  const [first = '', second = '', ...rest] = whole.line.split(' ');
  if (first === 'event' || first === 'now') {
    const keys = keysOf([second, ...rest]);
    if (!keys) return null;
    if (first === 'event') return { is: 'event', keys };
    const now = nowOf(keys);
    return now && { is: 'now', now };
  }
  if (!SEQ.test(first)) return null;
  const seq = Number(first);
  if (second === 'no') {
    const number = Number(rest[0]);
    return Number.isInteger(number) ? { is: 'no', seq, number, text: rest.slice(1).join(' ') } : null;
  }
  const keys = keysOf(rest);
  if (!keys) return null;
  if (second === 'has') return { is: 'has', seq, keys };
  if (second !== 'taken') return null;
  const room = Number(keys.get('room') ?? NaN);
  return { is: 'taken', seq, room: Number.isInteger(room) ? room : null };
}
