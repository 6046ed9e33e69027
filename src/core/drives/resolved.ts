import type { Checked } from '@/core/findings';
import type { Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** A speed at which something in the drive gives out. */
export interface SpeedLimit {
  readonly id: 'whip' | 'dn' | 'nut-rubbing' | 'line-speed';
  readonly limit: Quantity<'speed'>;
  /** Key of the worksheet line. */
  readonly line: string;
  /** Free length that decides it, where one does. */
  readonly over?: Quantity<'length'>;
}

/** One link of a chain of stiffness, with the line or input that it comes from (`#key` or a path). */
export interface StiffnessLink {
  readonly id: string;
  readonly value: Quantity<'stiffness'>;
  readonly source: string;
}

/**
 * Stiffness of a drive in line with the axis, of the links whose value is known, at the softest place of its
 * travel.
 */
export interface DriveStiffness {
  readonly value: Quantity<'stiffness'>;
  readonly line: string;
  /** Inputs that are missing: while there are any, `value` is an upper bound. */
  readonly missing: readonly string[];
  readonly links: readonly StiffnessLink[];
}

/** What a link loses at every reversal; `null` where it is not known. */
export interface PlayLink {
  readonly id: string;
  readonly value: Quantity<'length'> | null;
  /** `#key` of the line or the path of the input. */
  readonly source: string;
}

/** A figure by name, with the line that shows its working. */
export interface DriveFigure {
  readonly id: string;
  readonly value: number;
  readonly line: string;
}

export type ThrustCode = 'column' | 'tooth' | 'belt-pull' | 'chain-pull' | 'pin-load';
export type DriveConcern =
  | 'undercut'
  | 'sprung-pinion'
  | 'mesh-tight'
  | 'joint-at-park'
  | 'belt-tension'
  | 'belt-teeth'
  | 'chain-sag'
  | 'chain-ripple'
  | 'shaft-load'
  | 'crank-stroke'
  | 'link-short'
  | 'nut-spring'
  | 'nut-load'
  | 'nut-heat'
  | 'nut-static'
  | 'nut-life'
  | 'bearing-static'
  | 'bearing-life';

export interface ThrustLimit {
  readonly code: ThrustCode;
  readonly limit: Quantity<'force'>;
  readonly line: string;
  readonly path: string;
}

/** What holds a crank back along the axis, the mass that swings, and the fastest of its stroke. */
export interface SwingLoad {
  readonly steady: Quantity<'force'>;
  readonly mass: Quantity<'mass'>;
  readonly speed: Quantity<'speed'>;
}

/** A drive whose lever changes over its turn: it turns evenly, and its speed makes its acceleration. */
export interface Swing {
  /** Thrust that at the longest lever asks the torque of the worst angle, as a line. */
  readonly thrust: (load: SwingLoad, key: string, sheet: Worksheet) => Quantity<'force'>;
  /** The same for what heats a motor. */
  readonly rms: (load: SwingLoad, key: string, sheet: Worksheet) => Quantity<'force'>;
  /** Of one stroke. */
  readonly time: (speed: Quantity<'speed'>, sheet: Worksheet) => Quantity<'time'>;
}

/**
 * What every kind of drive tells the rest of the machine about one of its sets. All in SI; inertia and drag
 * are at the drive shaft (behind a reducer, where there is one).
 */
export interface ResolvedDrive {
  readonly k: Quantity<'travelPerRadian'>;
  readonly efficiency: Quantity<'ratio'>;
  /** Where the efficiency comes from: a typed input or a line. */
  readonly efficiencySource: string;
  /** Negative: self-locking. */
  readonly backEfficiency: Quantity<'ratio'>;
  /**
   * How far from driving back a self-locking drive is: lead angle over friction angle; undefined where that
   * has no meaning.
   */
  readonly lockingRatio?: number;
  readonly drag: Quantity<'torque'>;
  readonly dragSource: string;
  readonly inertia: Quantity<'inertia'>;
  /** Where the inertia comes from: a typed input or a line. */
  readonly inertiaSource: string;
  readonly speedLimits: readonly SpeedLimit[];
  /** Thrust at which the drive buckles or breaks, allowance included; null where nobody has said it. */
  readonly thrustLimit: ThrustLimit | null;
  readonly stiffness: DriveStiffness;
  /** Stiffness with the carriage at a place, m from the motor's end of travel. */
  readonly stiffnessAt: (place: number) => number;
  /** Compression by heat, where the drive cannot grow. */
  readonly heatCompression: Quantity<'force'>;
  /** What the drive itself loses at a reversal; computed on demand. */
  readonly play: (sheet: Worksheet) => readonly PlayLink[];
  /** Checks that only this kind of drive knows. */
  readonly concerns: (sheet: Worksheet) => readonly Checked<DriveConcern>[];
  /** Further figures worth showing; computed on demand, for a search never asks. */
  readonly figures: (sheet: Worksheet) => readonly DriveFigure[];
  /** Inputs left empty, and what therefore stays unknown. */
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
  /** Only of a crank. */
  readonly swing?: Swing;
}
