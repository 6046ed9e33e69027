import { figureText, plainNumber, type Refusal, type Words } from '@/core/link';
import { arc, boxOf, type Path, type Place, planes, straight } from './moves';
import { type AxisLetter, axisLetters, type Settings } from './settings';

/** What a verb may look at and do. */
export interface Desk {
  readonly settings: Settings;
  readonly key: string;
  readonly armed: () => boolean;
  readonly faulted: () => boolean;
  readonly resting: () => boolean;
  readonly homed: (axis: AxisLetter) => boolean;
  /** Where the plan ends. */
  readonly end: () => Place;
  readonly room: () => number;
  readonly arm: (on: boolean) => void;
  readonly go: (path: Path, touch: boolean) => void;
  readonly wait: (ms: number) => void;
  readonly home: (axes: readonly AxisLetter[]) => void;
  readonly name: (at: Partial<Place>) => void;
  readonly spin: (rpm: number) => void;
  readonly clear: () => void;
  readonly report: () => string;
}

/** What a verb answers: lines without their number, or a refusal. */
export type Said = readonly string[] | Refusal;

type Verb = (words: Words, desk: Desk) => Said;

/** Keys that a verb takes; one more is refused. */
const only = ({ keys }: Words, ...allowed: readonly string[]) =>
  [...keys.keys()].every((k) => allowed.includes(k));

/** Places that were said; null where one is no number. */
function placed({ keys }: Words): Partial<Record<AxisLetter, number>> | null {
  const at: Partial<Record<AxisLetter, number>> = {};
  for (const letter of axisLetters) {
    if (!keys.has(letter)) continue;
    const value = plainNumber(keys.get(letter));
    if (value === undefined) return null;
    at[letter] = value;
  }
  return at;
}

const taken = (desk: Desk): Said => [`taken room=${desk.room()}`];

/** What an axis that is not homed may be asked for at once: mm, mm/min. */
const BLIND = { way: 50, feed: 1000 } as const;

/** Why nothing may move now. */
const held = (desk: Desk): Refusal | null => {
  if (desk.faulted()) return 'fault';
  if (!desk.armed()) return 'unarmed';
  return desk.room() > 0 ? null : 'full';
};

const moved = (path: Path, from: Place): readonly AxisLetter[] => {
  const box = boxOf(path);
  return axisLetters.filter((l) => box[l][0] !== from[l] || box[l][1] !== from[l]);
};

/** Why a way may not be run. */
function refused(path: Path, desk: Desk): Refusal | null {
  const from = desk.end();
  const box = boxOf(path);
  const axes = moved(path, from);
  for (const l of axes) {
    if (!desk.homed(l)) {
      const far = Math.max(Math.abs(box[l][0] - from[l]), Math.abs(box[l][1] - from[l]));
      if (far > BLIND.way || path.feed > BLIND.feed) return 'unhomed';
      continue;
    }
    if (desk.settings.of(l, 'soft') !== 1) continue;
    if (box[l][0] < -1e-6 || box[l][1] > desk.settings.of(l, 'travel') + 1e-6) return 'soft';
  }
  return null;
}

/** No axis is driven faster than it may. */
function bounded(path: Path, desk: Desk): Path {
  const axes = moved(path, desk.end());
  const feed = Math.min(path.feed, ...axes.map((l) => desk.settings.of(l, 'vmax')));
  const acceleration = Math.min(...axes.map((l) => desk.settings.of(l, 'amax')), 1e6);
  return { ...path, feed, acceleration };
}

/** The least of what axes may, for a way of which nothing is known yet. */
const anyAcceleration = ({ settings }: Desk) => Math.min(...axisLetters.map((l) => settings.of(l, 'amax')));

function start(path: Path | null, desk: Desk, touch = false): Said {
  if (!path) return 'arc';
  const no = held(desk) ?? refused(path, desk);
  if (no) return no;
  desk.go(bounded(path, desk), touch);
  return taken(desk);
}

const straightTo =
  (relative: boolean): Verb =>
  (words, desk) => {
    const at = placed(words);
    const feed = plainNumber(words.keys.get('f'));
    if (!only(words, 'x', 'y', 'z', 'f') || !at || !Object.keys(at).length || !feed || feed < 0)
      return 'value';
    const from = desk.end();
    const to = relative
      ? { x: from.x + (at.x ?? 0), y: from.y + (at.y ?? 0), z: from.z + (at.z ?? 0) }
      : { ...from, ...at };
    return start(straight(from, to, feed, anyAcceleration(desk)), desk);
  };

const turn: Verb = (words, desk) => {
  const { keys } = words;
  const plane = keys.get('plane') as keyof typeof planes;
  const way = keys.get('way');
  const at = placed(words);
  const feed = plainNumber(keys.get('f'));
  const allowed = ['plane', 'way', 'f', 'x', 'y', 'z', 'cx', 'cy', 'cz'];
  if (!only(words, ...allowed) || !Object.hasOwn(planes, plane ?? '') || !at || !feed || feed < 0)
    return 'value';
  if (way !== 'cw' && way !== 'ccw') return 'value';
  const [a, b] = planes[plane];
  const [ca, cb] = [plainNumber(keys.get(`c${a}`)), plainNumber(keys.get(`c${b}`))];
  if (ca === undefined || cb === undefined) return 'value';
  const from = desk.end();
  const end = { ...from, ...at };
  const whole = at[a] === undefined && at[b] === undefined;
  const path = arc(
    from,
    { plane, centre: { [a]: ca, [b]: cb }, end, whole, way },
    feed,
    anyAcceleration(desk),
  );
  return start(path, desk);
};

const touch: Verb = (words, desk) => {
  const axis = axisLetters.find((l) => l === words.keys.get('axis'));
  const to = plainNumber(words.keys.get('to'));
  const feed = plainNumber(words.keys.get('f'));
  if (!only(words, 'axis', 'to', 'f') || !axis || to === undefined || !feed || feed < 0) return 'value';
  return start(straight(desk.end(), { ...desk.end(), [axis]: to }, feed, anyAcceleration(desk)), desk, true);
};

const home: Verb = (words, desk) => {
  const axes = [...(words.keys.get('axes') ?? '')];
  const known = axisLetters.filter((l) => axes.includes(l));
  if (!only(words, 'axes') || !axes.length || known.length !== axes.length) return 'value';
  const no = held(desk);
  if (no) return no;
  if (!desk.resting()) return 'full';
  desk.home(axes as AxisLetter[]);
  return taken(desk);
};

/** Verbs by their name. */
export const verbs: Readonly<Record<string, Verb>> = {
  hello: (words, desk) => (only(words) ? [`has name=bench-1 key=${desk.key}`] : 'value'),
  report: (words, desk) => (only(words) ? [`has ${desk.report()}`] : 'value'),
  settings: (words, desk) =>
    only(words)
      ? [
          ...desk.settings.all().map(([n, v]) => `has n=${n} v=${figureText(v)}`),
          ...(taken(desk) as string[]),
        ]
      : 'value',
  put: (words, desk) => {
    const [n, v] = [plainNumber(words.keys.get('n')), plainNumber(words.keys.get('v'))];
    if (!only(words, 'n', 'v') || n === undefined || v === undefined || !desk.resting()) return 'value';
    return desk.settings.put(n, v) ? taken(desk) : 'value';
  },
  arm: (words, desk) => {
    if (!only(words, 'key') || words.keys.get('key') !== desk.key) return 'value';
    if (desk.faulted()) return 'fault';
    desk.arm(true);
    return taken(desk);
  },
  disarm: (words, desk) => {
    if (!only(words)) return 'value';
    desk.arm(false);
    return taken(desk);
  },
  go: straightTo(false),
  by: straightTo(true),
  turn,
  wait: (words, desk) => {
    const ms = plainNumber(words.keys.get('ms'));
    if (!only(words, 'ms') || ms === undefined || ms < 0 || ms > 3_600_000) return 'value';
    const no = held(desk);
    if (no) return no;
    desk.wait(ms);
    return taken(desk);
  },
  home,
  zero: (words, desk) => {
    const at = placed(words);
    if (!only(words, 'x', 'y', 'z') || !at || !Object.keys(at).length || !desk.resting()) return 'value';
    desk.name(at);
    return taken(desk);
  },
  touch,
  spin: (words, desk) => {
    const rpm = plainNumber(words.keys.get('rpm'));
    if (!only(words, 'rpm') || rpm === undefined || rpm < 0 || rpm > desk.settings.whole('spin'))
      return 'value';
    if (desk.faulted()) return 'fault';
    if (!desk.armed()) return 'unarmed';
    desk.spin(rpm);
    return taken(desk);
  },
  clear: (words, desk) => {
    if (!only(words)) return 'value';
    desk.clear();
    return taken(desk);
  },
};
