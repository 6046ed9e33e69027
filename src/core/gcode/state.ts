import type { PathMode } from './motion';
import type { Taking } from './taking';

export const MM = 1e-3;
export const INCH = 0.0254;

/** A work offset, a place, a way: along X, Y, Z in metres, and may be written. */
export type Spot = [number, number, number];

/** What stays behind of a drill cycle for the lines that follow it. */
export interface Sticky {
  /** Code in tenths that it belongs to. */
  code: number;
  z: number;
  r: number;
  p: number;
  q: number;
  /** Z of the program before the series of cycles began, m. */
  before: number;
}

/** All that lines leave behind. Codes in tenths. */
export interface State {
  /** Where the tool stands, in coordinates of the machine, m. */
  place: Spot;
  motion: number;
  plane: number;
  absolute: boolean;
  centresAbsolute: boolean;
  feedMode: number;
  /** Metres in one unit of the file. */
  unit: number;
  /** As it stands in the file; NaN: none yet. */
  feed: number;
  /** Unit in which it was said: F keeps its number or its speed over a change of units. */
  feedUnit: number;
  returns: number;
  /** Offsets of the nine coordinate systems, and which of them anybody has said. */
  offsets: Spot[];
  known: boolean[];
  system: number;
  shift: Spot;
  /** Of G52: beside the offset of whatever system is on, m. */
  local: Spot;
  /** What G92.2 has put aside for G92.3. */
  kept: Spot;
  /** Tool length that is counted in, m. */
  toolLength: number;
  path: PathMode;
  /** rad/s that S asks; the spindle turns while it is on. */
  spindle: number;
  on: boolean;
  tool: number;
  sticky: Sticky;
}

export const SYSTEMS = 9;

/** Where a machine stands and how it is set before the first line. */
export interface Begin {
  readonly taking: Taking;
  /** Where the tool is, and nought of the work, in coordinates of the machine, m. */
  readonly place: readonly [number, number, number];
  readonly nought: readonly [number, number, number];
  /** Where the machine itself counts from, and where G28 goes, m. */
  readonly zero: readonly [number, number, number];
}

export function stateOf({ taking, place, nought }: Begin): State {
  const unit = taking.units === 'inch' ? INCH : MM;
  return {
    place: [...place],
    motion: taking.motion === null ? -1 : taking.motion * 10,
    plane: 170,
    absolute: taking.distance === 'absolute',
    centresAbsolute: taking.centres === 'nought',
    feedMode: 940,
    unit,
    feed: NaN,
    feedUnit: unit,
    returns: 980,
    offsets: Array.from({ length: SYSTEMS }, () => [...nought] as Spot),
    known: Array.from({ length: SYSTEMS }, (_, i) => i === 0),
    system: 0,
    shift: [0, 0, 0],
    local: [0, 0, 0],
    kept: [0, 0, 0],
    toolLength: 0,
    path: { kind: 'set' },
    spindle: 0,
    on: false,
    tool: 0,
    sticky: { code: -1, z: NaN, r: NaN, p: NaN, q: NaN, before: 0 },
  };
}

/** What is added to a figure of the program along an axis for its place on the machine, m. */
export function offsetOf(state: State, axis: 0 | 1 | 2): number {
  const { offsets, system, shift, local, toolLength } = state;
  return offsets[system]![axis] + shift[axis] + local[axis] + (axis === 2 ? toolLength : 0);
}

/** After M2 and M30 (NISTIR 6556, 3.6.1). */
export function ended(state: State): void {
  state.system = 0;
  state.plane = 170;
  state.absolute = true;
  state.feedMode = 940;
  state.shift = [0, 0, 0];
  state.local = [0, 0, 0];
  state.on = false;
  state.motion = 10;
}
