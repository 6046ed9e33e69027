import { between } from '@/core/metrology';
import type { SheetPlan } from '@/core/prove';
import { railStray } from '../plant';

/** A rail as it lies: what it strays by itself, and what was done at its bolts; m. */
export interface RailState {
  readonly length: number;
  readonly stray: readonly number[];
  readonly bolts: readonly number[];
  readonly by: readonly number[];
}

/** Where a rail is at a place: its own line, and straight from bolt to bolt what is under it. */
export function railAt({ length, stray, bolts, by }: RailState, x: number): number {
  const own = railStray({ length, stray }, x);
  return (
    own +
    (bolts.length
      ? between(
          bolts.map((b, i) => ({ x: b, h: by[i]! })),
          x,
        )
      : 0)
  );
}

/** Something that leans, rad: to the right as one stands before its plate, and back to the plate. */
export interface LeanState {
  readonly right: number;
  readonly back: number;
}

export interface ScrewState {
  /** Near, middle, far; m. */
  readonly up: readonly number[];
  readonly side: readonly number[];
}

export interface MeshState {
  readonly play: number;
  readonly slope: number;
  readonly wave: number;
  readonly phase: number;
  readonly turn: number;
  /** Jump of the play at a joint of the rack, and where. */
  readonly joint: number;
  readonly at: number;
}

/** A machine as it stands in truth: what its builder would read with instruments that never err. SI. */
export interface WholeState {
  /** Heights of the frame's corners, in the order of the ring. */
  readonly corners: readonly number[];
  /** By the key of their sheet: `rail-a/height`. */
  readonly rails: Readonly<Record<string, RailState>>;
  /** Ends of the gantry, left and right. */
  readonly ends: readonly number[];
  /** How much less than a right angle the bed and the cross axis make, rad. */
  readonly out: number;
  readonly plunge: LeanState;
  readonly spindle: LeanState;
  /** Table over its grid, over what the frame does; null once it was skimmed: then it is as the tool goes. */
  readonly table: readonly number[] | null;
  /** As it was cut. */
  readonly skimmed: readonly number[];
  readonly arm: { readonly height: number; readonly tilt: number; readonly sag: number };
  /** Lean of each post, along the bed and across it. */
  readonly posts: readonly { readonly along: number; readonly across: number }[];
  /** Ends of what is lifted: out of step, and what each gains over the lift. */
  readonly step: readonly number[];
  readonly gains: readonly number[];
  /** By axis. */
  readonly screws: Readonly<Record<string, ScrewState>>;
  readonly meshes: Readonly<Record<string, MeshState>>;
  readonly belts: Readonly<Record<string, readonly number[]>>;
  readonly chains: Readonly<Record<string, readonly number[]>>;
  readonly runouts: Readonly<Record<string, readonly number[]>>;
  /** Bow of the straight edge, m, and how much less than a right angle the square has, rad. */
  readonly edge: number;
  readonly blade: number;
}

/** Height of the frame over a place of the bed, straight between its corners. */
export function frameAt({ corners }: WholeState, u: number, v: number): number {
  const [a, b, c, d] = corners as [number, number, number, number];
  return a * (1 - u) * (1 - v) + b * u * (1 - v) + c * u * v + d * (1 - u) * v;
}

const heightOf = ({ rails }: WholeState, key: string, u: number): number => {
  const rail = rails[key];
  return rail ? railAt(rail, u * rail.length) : 0;
};

/** Height of the gantry's end, or of any place of it, over an even frame. @param v 0 left, 1 right. */
export function gantryAt(state: WholeState, u: number, v: number): number {
  const left = heightOf(state, 'rail-a/height', u) + state.ends[0]!;
  const second = state.rails['rail-b/height'] ? 'rail-b/height' : 'rail-a/height';
  const right = heightOf(state, second, u) + state.ends[1]!;
  return left + (right - left) * v;
}

/** Height of the table over an even frame: its own grid, three by three. */
export function tableAt(state: WholeState, u: number, v: number): number {
  const grid = state.table ?? state.skimmed;
  const at = (i: number, j: number) => grid[3 * i + j]!;
  const [i, j] = [Math.min(1, Math.floor(2 * u)), Math.min(1, Math.floor(2 * v))];
  const [s, t] = [2 * u - i, 2 * v - j];
  const near = at(i, j) * (1 - t) + at(i, j + 1) * t;
  const far = at(i + 1, j) * (1 - t) + at(i + 1, j + 1) * t;
  return near * (1 - s) + far * s;
}

/** How the head leans to the table: the gantry's own roll counts, and the table's slope. */
export function headLean(state: WholeState, width: number): LeanState {
  const roll = (gantryAt(state, 0.5, 1) - gantryAt(state, 0.5, 0)) / width;
  const slope = (tableAt(state, 0.5, 1) - tableAt(state, 0.5, 0)) / width;
  // The right end up leans the top to the left.
  return { right: state.plunge.right - (roll - slope), back: state.plunge.back };
}

/** Sheets of a machine by their key. */
export type Sheets = ReadonlyMap<string, SheetPlan>;
