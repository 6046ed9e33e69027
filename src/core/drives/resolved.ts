import type { Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** A speed at which something in the drive gives out. */
export interface SpeedLimit {
  readonly id: 'whip' | 'dn';
  readonly limit: Quantity<'speed'>;
  /** Key of the worksheet line. */
  readonly line: string;
  /** Free length that decides it, where one does. */
  readonly over?: Quantity<'length'>;
}

/** Stiffness of a drive in line with the axis, of the links whose value is known. */
export interface DriveStiffness {
  readonly value: Quantity<'stiffness'>;
  readonly line: string;
  /** Inputs that are missing: while there are any, `value` is an upper bound. */
  readonly missing: readonly string[];
}

/** A figure by name, with the line that shows its working. */
export interface DriveFigure {
  readonly id: string;
  readonly value: number;
  readonly line: string;
}

/**
 * What every kind of drive tells the rest of the machine about one of its sets. All in SI; inertia and drag
 * are at the drive shaft (behind a reducer, where there is one).
 */
export interface ResolvedDrive {
  readonly k: Quantity<'travelPerRadian'>;
  readonly efficiency: Quantity<'ratio'>;
  /** Negative: self-locking. */
  readonly backEfficiency: Quantity<'ratio'>;
  /** How far from driving back a self-locking drive is: lead angle over friction angle; undefined where that has no meaning. */
  readonly lockingRatio?: number;
  readonly drag: Quantity<'torque'>;
  readonly inertia: Quantity<'inertia'>;
  /** Where the inertia comes from: a typed input or a line. */
  readonly inertiaSource: string;
  readonly speedLimits: readonly SpeedLimit[];
  /** Thrust at which the drive buckles or breaks, allowance included. */
  readonly thrustLimit: { readonly limit: Quantity<'force'>; readonly line: string };
  readonly stiffness: DriveStiffness;
  /** Compression by heat, where the drive cannot grow. */
  readonly heatCompression: Quantity<'force'>;
  /** Further figures worth showing; computed on demand, for a search never asks. */
  readonly figures: (sheet: Worksheet) => readonly DriveFigure[];
}
