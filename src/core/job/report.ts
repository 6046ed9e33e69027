import type { Place, ReadTold } from '@/core/gcode';
import type { Preview } from './preview';
import type { Series } from './series';

/** Kinds of time that a job takes. */
export const timeKinds = ['cutting', 'air', 'rapid', 'dwell', 'change'] as const;
export type TimeKind = (typeof timeKinds)[number];

/** Something at its worst, and the line where. */
export interface AtLine {
  readonly value: number;
  readonly line: number;
}

/** One axis over a whole job. */
export interface JobAxis {
  readonly axisId: string;
  readonly name: string;
  /** Most torque asked over what may be asked, and over what pulls out. */
  readonly share: AtLine;
  readonly pull: AtLine;
  /** Way beyond the low and the high soft limit, m; 0: none. */
  readonly below: AtLine;
  readonly above: AtLine;
  /** Fastest it goes, m/s, and pulses a second over what the controller gives. */
  readonly speed: AtLine;
  readonly pulses: AtLine;
  /** Chance that its hardest move asks for more than pulls it out. */
  readonly chance: number;
  readonly reversals: number;
  /** What each of them loses unless the controller makes up for it, m. */
  readonly lost: number;
  /** How long a controller takes that makes up for it at every reversal, s. */
  readonly madeUp: number;
  /** Share of the job's time in which it moves. */
  readonly moves: number;
  /** Root mean square of the torque of one motor over the whole job, N·m; null: its current heats it. */
  readonly rms: number | null;
  readonly continuous: number | null;
}

/** A line that asks more than most. */
export interface WorstLine {
  readonly line: number;
  readonly axisId: string;
  readonly share: number;
  readonly pull: number;
  /** Chance that it asks for more than pulls the motor out, by what is not known of both. */
  readonly chance: number;
  /** N·m that are asked, and the speed of the axis there, m/s. */
  readonly need: number;
  readonly speed: number;
  readonly rapid: boolean;
  /** Along the path: as it is programmed (Infinity: rapid), reached, and at which it holds; m/s. */
  readonly asked: number;
  readonly reached: number;
  /** Null: no feed is slow enough. */
  readonly holds: number | null;
  /** Depth in the stock, m. */
  readonly depth: number;
}

export interface JobReport {
  readonly read: ReadTold;
  /** s by kind, and m of way. */
  readonly times: Readonly<Record<TimeKind, number>>;
  readonly ways: Readonly<Record<TimeKind, number>>;
  /** All of it, without waiting for a press of start; s. */
  readonly time: number;
  readonly moves: number;
  readonly arcs: number;
  /** Waits for somebody to press start, changes of the tool, times that spindle or torch are switched on. */
  readonly stops: number;
  readonly changes: number;
  readonly starts: number;
  /** Numbers of the tools that feed, in their order; 0: what is in before any change. */
  readonly tools: readonly number[];
  /** Of all that moves, in coordinates of the machine, m; null: nothing does. */
  readonly box: { readonly low: Place; readonly high: Place } | null;
  /** X to Z; null: there is none of that letter. */
  readonly axes: readonly (JobAxis | null)[];
  /** Moves that ask for an axis that is not there, by letter. */
  readonly lacking: Readonly<Record<string, number>>;
  /** The worst first. */
  readonly worst: readonly WorstLine[];
  /** Rapids with the tool in the stock: how many, how deep at most, m. */
  readonly buried: { readonly count: number; readonly deepest: AtLine };
  /**
   * Cutting way below four fifths of its feed, m, time lost to what is below it, s, and the slowest line: the
   * share of its feed that it lacks on the mean.
   */
  readonly slow: { readonly way: number; readonly lost: number; readonly least: AtLine };
  /** The same of a torch, whose kerf widens there: way, of how much; what its slowest corner lacks. */
  readonly kerf: { readonly way: number; readonly of: number; readonly corner: AtLine };
  /** Chips of a tooth: thinnest, thickest, m; NaN: none. Way that is thinner than half of what is planned. */
  readonly chips: { readonly least: AtLine; readonly most: AtLine; readonly rubbing: number };
  /** Power at the cutter over what the spindle has; 0: none is known. */
  readonly spindle: AtLine;
  /** The lowest cut below the stock's top, m; and the deepest into what is left, in passes of the brief. */
  readonly deepest: AtLine;
  readonly deep: AtLine;
  /** The lowest cut below the stock's underside, m; 0: none, or nobody has said how thick it is. */
  readonly under: AtLine;
  /** The lowest rapid over the stock's top, m; null: there is none. */
  readonly clear: AtLine | null;
  /** Most moves a second that are asked for at once, over what the controller takes in. */
  readonly pace: AtLine;
  readonly series: Series;
  readonly preview: Preview;
}
