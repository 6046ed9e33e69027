import { at, claimsAxes, shown } from './command';
import { go, lengthOf, letters, namesAxis, targetOf } from './moves';
import { LineFault } from './note';
import type { Run } from './run';
import { offsetOf, type Spot } from './state';

/** How near to the last depth a deep peck comes down again at rapid (NISTIR 6556, 3.5.16.4), m. */
const CLEAR = 0.254e-3;
const MOST_REPEATS = 10_000;
/** A hole of more pecks than this is a slip of the pen. */
const MOST_PECKS = 10_000;

const has = (value: number) => !Number.isNaN(value);

/** What a cycle drills with. m, s. */
interface Drilling {
  readonly code: number;
  /** Bottom and the plane of retreat, in coordinates of the machine. */
  readonly bottom: number;
  readonly retreat: number;
  readonly dwell: number;
  readonly peck: number;
}

/** A word of a cycle, or what the lines before have left of it. */
function sticky(run: Run, letter: 'Z' | 'R' | 'P' | 'Q', kept: number): number {
  const found = letter === 'P' ? run.command.values[at('P')]! : lengthOf(run, letter);
  return has(found) ? found : kept;
}

function need(value: number, letter: string): number {
  if (!has(value)) throw new LineFault('cycle-word', 0, letter);
  return value;
}

/** Puts the words of a line beside those that are kept. */
function wordsOf(run: Run, code: number) {
  const { state } = run;
  const goesOn = state.sticky.code === code && state.motion === code;
  const before = goesOn ? state.sticky : { z: NaN, r: NaN, p: NaN, q: NaN };
  const drilled = state.motion >= 730 && state.motion !== 800;
  const z = need(sticky(run, 'Z', before.z), 'Z');
  const r = need(sticky(run, 'R', before.r), 'R');
  const p = sticky(run, 'P', before.p);
  const q = sticky(run, 'Q', before.q);
  if (code === 820 || code === 860 || code === 880 || code === 890) need(p, 'P');
  if (code === 730 || code === 830) {
    need(q, 'Q');
    if (q <= 0) throw new LineFault('negative', run.command.columns[at('Q')]!, 'Q', q, 0);
  }
  if (p < 0) throw new LineFault('negative', run.command.columns[at('P')]!, 'P', p, 0);
  return { z, r, p, q, before: drilled ? state.sticky.before : state.place[2] };
}

function repeatsOf({ command }: Run): number {
  const l = command.values[at('L')]!;
  if (!has(l)) return 1;
  if (!Number.isInteger(l) || l < 1 || l > MOST_REPEATS)
    throw new LineFault('whole', command.columns[at('L')]!, shown('L', l), l, 1);
  return l;
}

const upright = ({ state }: Run, z: number): Spot => [state.place[0], state.place[1], z];
const down = (run: Run, z: number) => go(run, upright(run, z), { rapid: false, cycle: true });
const quick = (run: Run, z: number) => go(run, upright(run, z), { rapid: true, cycle: true });

/** Down in pecks, up between them by so much. */
function pecked(run: Run, { bottom, retreat, peck, code }: Drilling): void {
  if ((retreat - bottom) / peck > MOST_PECKS)
    throw new LineFault('pecks-many', run.command.columns[at('Q')]!, 'Q', peck, MOST_PECKS);
  for (let depth = retreat - peck; depth > bottom; depth -= peck) {
    down(run, depth);
    if (code === 730) quick(run, depth + run.begin.taking.peckLift);
    else {
      quick(run, retreat);
      quick(run, Math.min(retreat, depth + CLEAR));
    }
  }
  down(run, bottom);
}

/** Drills one hole, from the plane of retreat to it or to where it began. */
function drilled(run: Run, hole: Drilling, out: number): void {
  const { code, bottom, dwell } = hole;
  const { act, line } = run;
  if (code === 730 || code === 830) pecked(run, hole);
  else down(run, bottom);
  if (dwell > 0) act({ does: 'dwell', line, time: dwell });
  const stops = code === 860 || code === 880;
  if (stops) act({ does: 'spindle', line, on: false, speed: 0 });
  if (code === 880) act({ does: 'stop', line, end: false });
  if (code === 850 || code === 890) down(run, hole.retreat);
  if (run.state.place[2] !== out) quick(run, out);
  if (stops) act({ does: 'spindle', line, on: run.state.on, speed: run.state.spindle });
}

/**
 * A drill cycle (NISTIR 6556, 3.5.16) in the plane of X and Y: to the place at rapid, to the plane of
 * retreat, down as the cycle says, out again.
 * @param code in tenths.
 */
export function cycle(run: Run, code: number): void {
  const { state, command, begin } = run;
  const said = command.g[1]! >= 0;
  if (!said && !namesAxis(run)) return;
  const word = shown('G', code / 10);
  if (command.g[0] === 530 || claimsAxes(command)) throw new LineFault('axes-twice', 0, word);
  if (state.plane !== 170) throw new LineFault('cycle-plane', 0, word);
  if (state.feedMode === 930) throw new LineFault('cycle-inverse', 0, word);
  const repeats = repeatsOf(run);
  const words = wordsOf(run, code);
  const step: Spot = targetOf(run);
  const shift = offsetOf(state, 2);
  const retreat = state.absolute ? shift + words.r : words.before + words.r;
  const bottom = state.absolute ? shift + words.z : retreat + words.z;
  if (retreat < bottom)
    throw new LineFault(
      'cycle-below',
      command.columns[at('R')]!,
      shown('R', command.values[at('R')]!),
      retreat - shift,
      bottom - shift,
    );
  state.sticky = { code, ...words };
  state.motion = code;
  const dwell =
    has(words.p) && code !== 810 && code !== 850 && code !== 830 && code !== 730
      ? words.p * (begin.taking.dwell === 'seconds' ? 1 : 1e-3)
      : 0;
  const hole = { code, bottom, retreat, dwell, peck: words.q };
  const out = state.returns === 980 ? Math.max(words.before, retreat) : retreat;
  const ways = letters.map((_, axis) => step[axis]! - state.place[axis]!);
  for (let i = 0; i < repeats; i++) {
    if (state.place[2] < retreat) quick(run, retreat);
    const over: Spot =
      i === 0 ? [step[0], step[1], state.place[2]] : [state.place[0], state.place[1], state.place[2]];
    if (i > 0 && !state.absolute) {
      over[0] += ways[0]!;
      over[1] += ways[1]!;
    }
    go(run, over, { rapid: true, cycle: true });
    if (state.place[2] !== retreat) quick(run, retreat);
    drilled(run, hole, out);
  }
}
