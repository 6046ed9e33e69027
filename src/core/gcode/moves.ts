import { arcAround, arcOfRadius, type Plane, planes } from './arcs';
import { at, claimsAxes, shown } from './command';
import { type Arc, type Motion, type Place } from './motion';
import { LineFault } from './note';
import type { Run } from './run';
import { INCH, offsetOf, type Spot, type State } from './state';

/** Letters of the axes, X first. */
export const letters = ['X', 'Y', 'Z'] as const;
const places = letters.map(at) as [number, number, number];
const F = at('F');
const R = at('R');
const RPM = Math.PI / 30;
/** No machine is so large, m: what lies farther is a slip of the pen. */
const FAR = 1000;

const has = (value: number) => !Number.isNaN(value);

/** A length behind a letter, m; NaN where it is not there. */
export function lengthOf(run: Run, letter: string): number {
  const { command, state, begin } = run;
  const i = at(letter);
  const value = command.values[i]!;
  if (!has(value)) return NaN;
  if (!command.pointed[i] && value !== 0) {
    if (begin.taking.pointless === 'increments')
      return (value * state.unit) / (state.unit === INCH ? 1e4 : 1e3);
  }
  return value * state.unit;
}

/** Whether a line names an axis. */
export const namesAxis = ({ command }: Run): boolean => places.some((i) => has(command.values[i]!));

/** Where a line leads to, in coordinates of the machine, m. */
export function targetOf(run: Run): Spot {
  const { state, command, begin } = run;
  const own = command.g[0] === 530;
  const to: Spot = [...state.place];
  for (const axis of [0, 1, 2] as const) {
    const value = lengthOf(run, letters[axis]);
    if (!has(value)) continue;
    // G53 is of the machine itself, and absolute whatever stands (NISTIR 6556, 3.5.13).
    if (own) to[axis] = begin.zero[axis] + value;
    else to[axis] = state.absolute ? offsetOf(state, axis) + value : state.place[axis] + value;
    if (Math.abs(to[axis]) > FAR)
      throw new LineFault('move-far', command.columns[at(letters[axis])]!, letters[axis], to[axis], FAR);
  }
  return to;
}

/** Speed along the path, m/s, by F. @param length of the path, m. @param flat of it in the plane. */
export function speedOf(run: Run, length: number, flat: number): number {
  const { state, command, begin } = run;
  if (state.feedMode === 930) {
    const f = command.values[F]!;
    if (!has(f)) throw new LineFault('inverse-missing', 0, 'F');
    if (f === 0) throw new LineFault('feed-none', command.columns[F]!, 'F0', 0);
    return (length * f) / 60;
  }
  if (!has(state.feed)) throw new LineFault('feed-missing', 0, 'F');
  if (state.feed === 0) throw new LineFault('feed-none', command.columns[F]!, 'F0', 0);
  const told = (state.feed * state.feedUnit) / 60;
  const speed = state.feedMode === 950 ? (told * state.spindle) / RPM : told;
  if (!(speed > 0)) throw new LineFault('feed-none', 0, 'S', 0);
  if (flat === length || begin.taking.helix === 'path') return speed;
  if (flat === 0) return speed;
  run.remark('helix-class');
  return (speed * length) / flat;
}

const far = (from: Place, to: Place) => Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);

/** Tells of one move, and stands at its end. */
export function go(
  run: Run,
  to: Spot,
  how: Pick<Motion, 'rapid'> & Partial<Pick<Motion, 'cycle' | 'own'>>,
  arc: Arc | null = null,
): void {
  const { state, line, move } = run;
  const from = state.place;
  const flat = arc ? (Math.abs(arc.sweep) * (arc.radius + arc.last)) / 2 : 0;
  const length = arc ? Math.hypot(flat, to[arc.c] - from[arc.c]) : far(from, to);
  // Without a way there is nothing to be done; F must stand all the same, as on the machine.
  const speed = how.rapid ? Infinity : speedOf(run, length || 1, arc ? flat : length || 1);
  state.place = to;
  if (length === 0) return;
  const { on, spindle, path } = state;
  const { rapid, cycle = false, own = false } = how;
  move({ line, rapid, from, to, arc, length, speed, on, spindle, path, cycle, own });
}

/** The arc that a line says. */
function arcOf(run: Run, plane: Plane, to: Spot, ccw: boolean): Arc {
  const { state, command } = run;
  const { a, b } = plane;
  const [i, j] = plane.letters.map((letter) => lengthOf(run, letter)) as [number, number];
  const strange = ['I', 'J', 'K'].find((l) => !plane.letters.includes(l) && has(command.values[at(l)]!));
  if (strange) throw new LineFault('word-idle', command.columns[at(strange)]!, strange);
  const ends = { from: state.place, to, ccw, column: command.columns[R]! };
  const named = [letters[a], letters[b]].some((l) => has(command.values[at(l)]!));
  if (has(command.values[R]!)) {
    if (has(i) || has(j))
      throw new LineFault('arc-both', command.columns[R]!, shown('R', command.values[R]!));
    if (!named) throw new LineFault('arc-end-missing', command.columns[R]!, shown('R', command.values[R]!));
    return arcOfRadius(ends, plane, lengthOf(run, 'R'));
  }
  if (!has(i) && !has(j)) throw new LineFault('arc-centre-missing', 0, plane.letters.join(', '));
  if (state.centresAbsolute && (!has(i) || !has(j)))
    throw new LineFault('arc-centre-missing', 0, plane.letters.join(', '));
  const from = (axis: 0 | 1 | 2, value: number) =>
    state.centresAbsolute ? offsetOf(state, axis) + value : state.place[axis] + (has(value) ? value : 0);
  const column = command.columns[at(has(i) ? plane.letters[0] : plane.letters[1])]!;
  const { arc, remark } = arcAround(
    { ...ends, column },
    plane,
    [from(a, i), from(b, j)],
    state.unit === INCH,
  );
  if (remark) run.remark(remark, plane.letters[0], arc.last, arc.radius);
  if (!named) run.remark('full-turn');
  return arc;
}

/** G28 and G30: home by way of the place that is named. */
function homed(run: Run, state: State): void {
  const { command, begin } = run;
  const named = places.map((i) => has(command.values[i]!));
  if (named.some(Boolean)) go(run, targetOf(run), { rapid: true });
  const all = begin.taking.home === 'all' || !named.some(Boolean);
  const to: Spot = [...state.place];
  for (const axis of [0, 1, 2] as const) if (all || named[axis]) to[axis] = begin.zero[axis];
  if (named.some(Boolean) && !named.every(Boolean)) run.remark('home-class', 'G');
  go(run, to, { rapid: true, own: true });
}

/** Words of arcs and drill cycles where there is none. */
function idle({ command }: Run): void {
  for (const letter of ['I', 'J', 'K', 'Q']) {
    const value = command.values[at(letter)]!;
    if (has(value)) throw new LineFault('word-idle', command.columns[at(letter)]!, shown(letter, value));
  }
}

/** What a line moves, but for drill cycles. @param motion code in tenths; -1: none. */
export function moved(run: Run, motion: number): void {
  const { command, state } = run;
  const zero = command.g[0]!;
  const claimed = claimsAxes(command);
  if (claimed && command.g[1]! >= 0 && command.g[1] !== 800)
    throw new LineFault('axes-twice', 0, shown('G', zero / 10));
  if (zero === 280 || zero === 300) return homed(run, state);
  if (command.g[1]! >= 0) state.motion = motion;
  if (claimed) return;
  const names = namesAxis(run);
  if (motion === 800) {
    if (names) throw new LineFault('axes-idle', 0, 'G80');
    return;
  }
  const turns = motion === 20 || motion === 30;
  if (turns && (names || ['I', 'J', 'K', 'R'].some((l) => has(command.values[at(l)]!)))) {
    if (zero === 530) throw new LineFault('axes-twice', 0, 'G53');
    const plane = planes[state.plane]!;
    const to = targetOf(run);
    return go(run, to, { rapid: false }, arcOf(run, plane, to, motion === 30));
  }
  idle(run);
  if (!names) {
    if (turns && command.g[1]! >= 0) throw new LineFault('axes-missing', 0, shown('G', motion / 10));
    if (zero === 530) throw new LineFault('axes-missing', 0, 'G53');
    return;
  }
  if (motion < 0) throw new LineFault('no-motion', 0, '');
  go(run, targetOf(run), { rapid: motion === 0, own: zero === 530 });
}
