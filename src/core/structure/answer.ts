import type { MemberProperties } from '@/core/sections';
import type { Vector } from './element';
import type { Six } from './gantry';

/** Directions of a force at the tool: along x, y, z. */
export type Direction = 0 | 1 | 2;
export const DIRECTIONS: readonly Direction[] = [0, 1, 2];

/**
 * What a gantry stands on: carriages and drive (dense, 6 unknowns a foot) and what gives below them at a
 * place along the bed.
 */
export interface Base {
  /** Stiffness of carriages and drives between gantry and rails, N/m and N·m/rad. */
  readonly carriages: readonly (readonly number[])[];
  /** Flexibility of the bed under the feet, m/N and so on, for each place that is asked for. */
  readonly beds: readonly (readonly (readonly number[])[])[];
  /** Of it, what rods that are held only at their ends give, for each place; left out: none. */
  readonly rods?: readonly (readonly (readonly number[])[])[];
  /** A member straight from foot to foot of a portal; left out: none. */
  readonly crossbar?: MemberProperties;
}

/** A part that gives by itself, whatever the tool's place: compliance along x, y, z, m/N. */
export interface Series {
  readonly id: string;
  readonly compliance: Vector;
}

/** What rides on the beam. */
export interface Carried {
  /** kg, and where its weight acts from the middle of the beams: out along x, up. */
  readonly mass: number;
  readonly out: number;
  readonly up: number;
  /** From the middle of the beams to the tip of the tool. */
  readonly reach: number;
  readonly drop: number;
  /** Carriages and drive on the beam. */
  readonly plate: Six;
  /** Rods held only at their ends, as flexibility at the carriage by place: none for rails on a beam. */
  readonly rods?: (place: number) => Six;
}

/** The tool at one place: m/N along x, y, z, and how far it hangs, m (positive: below). */
export interface Station {
  readonly at: number;
  readonly compliance: Vector;
  readonly sag: number;
}

export interface Share {
  readonly id: string;
  readonly value: number;
}

/** A natural frequency, Hz, the direction in which the tool then moves most, and the steps that it took. */
export interface Frequency {
  readonly hertz: number;
  readonly direction: Direction;
  readonly iterations: number;
}

/** Movement of the middle of the beams at a place: m, and their twist. */
export interface Bent {
  readonly y: number;
  readonly x: number;
  readonly z: number;
  readonly twist: number;
}

/** A gantry factored once, ready for any place of the tool and of the gantry on its bed. */
export interface GantryAnswer {
  /** Places along the beam for one place along the bed. */
  readonly along: (bed: number, places: readonly number[]) => Station[];
  /**
   * Compliance of the tool by part along one direction (0 x, 1 y, 2 z), m/N; the parts add up to the whole.
   */
  readonly budget: (bed: number, place: number, direction: Direction) => Share[];
  /**
   * Lowest natural frequency, Hz, with the tool at a place, and the direction in which the tool then moves
   * most.
   */
  readonly frequency: (bed: number, place: number) => Frequency;
  /**
   * Movement of the middle of the beams along their length under own weight and the load at a place,
   * exaggeration is the caller's; x, z in m.
   */
  readonly shape: (bed: number, place: number, load: Vector) => Bent[];
}

export type GantrySolved =
  { readonly ok: true; readonly answer: GantryAnswer } | { readonly ok: false; readonly code: 'loose' };
