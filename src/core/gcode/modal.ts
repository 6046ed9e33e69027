import { at, shown } from './command';
import { LineFault } from './note';
import type { Run } from './run';
import { INCH, MM, offsetOf, type Spot, SYSTEMS } from './state';

const F = at('F');
const S = at('S');
const T = at('T');
const P = at('P');
const L = at('L');
const H = at('H');
const AXES = [at('X'), at('Y'), at('Z')] as const;
const RPM = Math.PI / 30;

const has = (value: number) => !Number.isNaN(value);

function positive(run: Run, letter: string): number {
  const i = at(letter);
  const value = run.command.values[i]!;
  if (value < 0) throw new LineFault('negative', run.command.columns[i]!, shown(letter, value), value, 0);
  return value;
}

/** A whole number behind a letter, from one bound to another. */
function whole(run: Run, letter: string, least: number, most: number): number {
  const i = at(letter);
  const value = run.command.values[i]!;
  if (!Number.isInteger(value) || value < least || value > most)
    throw new LineFault('whole', run.command.columns[i]!, shown(letter, value), value, least);
  return value;
}

/** Feed mode, feed and speed. */
function feeds(run: Run): void {
  const { state, command } = run;
  const mode = command.g[5]!;
  if (mode >= 0 && mode !== state.feedMode) {
    // What F stood for is another thing now.
    state.feed = NaN;
    state.feedMode = mode;
  }
  if (has(command.values[F]!)) {
    state.feed = positive(run, 'F');
    state.feedUnit = state.unit;
  }
  if (has(command.values[S]!)) {
    state.spindle = positive(run, 'S') * RPM;
    if (state.on) run.act({ does: 'spindle', line: run.line, on: true, speed: state.spindle });
  }
}

/** Tool, spindle; coolant and overrides move nothing. */
function switched(run: Run): void {
  const { state, command, begin, act, line } = run;
  const { taking } = begin;
  let change = false;
  if (has(command.values[T]!)) {
    const tool = whole(run, 'T', 0, 99_999);
    change = taking.tool === 'T' && tool !== state.tool;
    state.tool = tool;
  }
  for (let i = 0; i < command.mCount.value; i++) {
    const m = command.m[i]!;
    if (m === 6) change ||= taking.tool === 'M6';
    if (m === 3 || m === 4 || m === 5) {
      state.on = m !== 5;
      act({ does: 'spindle', line, on: state.on, speed: state.on ? state.spindle : 0 });
    }
  }
  if (change) act({ does: 'tool', line, tool: state.tool, time: taking.change });
}

function dwell(run: Run): void {
  const { command, begin, act, line } = run;
  if (command.g[0] !== 40) return;
  const p = command.values[P]!;
  if (!has(p)) throw new LineFault('dwell-missing', 0, 'G4');
  const time = positive(run, 'P') * (begin.taking.dwell === 'seconds' ? 1 : MM);
  // Half a minute of standing still is more often a P in milliseconds that is taken for seconds.
  if (time > 30) run.remark('dwell-class', 'P', time);
  act({ does: 'dwell', line, time });
}

function lengths(run: Run): void {
  const { state, command, begin } = run;
  if (command.g[2]! >= 0) state.plane = command.g[2]!;
  const units = command.g[6]!;
  if (units >= 0) {
    const unit = units === 200 ? INCH : MM;
    if (unit !== state.unit) {
      const said = has(command.values[F]!);
      if (said) run.remark('units-mixed', 'F');
      else if (has(state.feed)) run.remark('feed-over-units');
      if (begin.taking.feedOverUnits === 'number' || said) state.feedUnit = unit;
      state.unit = unit;
    }
  }
  if (command.g[8] === 490) state.toolLength = 0;
  if (command.g[8] === 430) {
    // The lengths stand in the controller, not in the file: set by touching off, they come to the same.
    if (has(command.values[H]!)) whole(run, 'H', 0, 99_999);
    run.remark('tool-length', 'H');
  }
}

function systems(run: Run): void {
  const { state, command } = run;
  const code = command.g[12]!;
  if (code >= 0) {
    state.system = code <= 590 ? (code - 540) / 10 : code - 590 + 5;
    if (!state.known[state.system]) run.remark('offset-unknown', '', state.system + 1);
  }
  const path = command.g[13]!;
  if (path === 640) {
    const p = command.g[0] === 40 ? NaN : command.values[P]!;
    state.path = { kind: 'blend', by: has(p) ? positive(run, 'P') * state.unit : null };
  } else if (path >= 0) state.path = { kind: 'exact' };
  if (command.g[3]! >= 0) state.absolute = command.g[3] === 900;
  if (command.g[4]! >= 0) state.centresAbsolute = command.g[4] === 901;
  if (command.g[10]! >= 0) state.returns = command.g[10]!;
}

/** G10 L2: nought of a coordinate system, counted from the machine's own. */
function systemSet(run: Run): void {
  const { state, command, begin } = run;
  for (const letter of ['L', 'P'] as const)
    if (!has(command.values[at(letter)]!)) throw new LineFault('place-missing', 0, letter);
  if (command.values[L] !== 2)
    throw new LineFault('not-read', command.columns[L]!, shown('L', command.values[L]!));
  const system = whole(run, 'P', 1, SYSTEMS) - 1;
  const spot = [...state.offsets[system]!] as Spot;
  AXES.forEach((letter, axis) => {
    const value = command.values[letter]!;
    if (has(value)) spot[axis] = begin.zero[axis]! + value * state.unit;
  });
  state.offsets = state.offsets.with(system, spot);
  state.known = state.known.with(system, true);
}

/** G52: nought of all coordinate systems moved by so much; an axis that is not named stays as it was. */
function localSet({ state, command }: Run): void {
  if (!AXES.some((letter) => has(command.values[letter]!))) throw new LineFault('axes-missing', 0, 'G52');
  const [x, y, z] = AXES.map((letter, i) => {
    const value = command.values[letter]!;
    return has(value) ? value * state.unit : state.local[i]!;
  });
  state.local = [x!, y!, z!];
}

/** G92: the place where the tool stands gets these figures. */
function shifted(run: Run): void {
  const { state, command } = run;
  const code = command.g[0]!;
  if (code === 921) state.kept = [0, 0, 0];
  if (code === 922) state.kept = state.shift;
  if (code === 921 || code === 922) state.shift = [0, 0, 0];
  if (code === 923) state.shift = state.kept;
  if (code !== 920) return;
  const shift = [...state.shift] as Spot;
  let named = 0;
  AXES.forEach((letter, i) => {
    const axis = i as 0 | 1 | 2;
    const value = command.values[letter]!;
    if (!has(value)) return;
    named += 1;
    const standing = offsetOf(state, axis) - state.shift[axis];
    shift[axis] = state.place[axis] - standing - value * state.unit;
  });
  if (!named) throw new LineFault('axes-missing', 0, 'G92');
  state.shift = shift;
  state.kept = shift;
}

/** All of a line that comes before its motion, in the order of the report. */
export function modal(run: Run): void {
  feeds(run);
  switched(run);
  dwell(run);
  lengths(run);
  systems(run);
  if (run.command.g[0] === 100) systemSet(run);
  if (run.command.g[0] === 520) localSet(run);
  shifted(run);
}
