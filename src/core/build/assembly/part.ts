import type { Way } from '@/core/machine';
import type { Fastener } from '../reach';

/** What a part of the assembly is. */
export const partKinds = [
  'bed',
  'table',
  'columns',
  'beam',
  'crossbar',
  'rail-a',
  'rail-b',
  'carriages',
  'plate',
  'block-fixed',
  'screw',
  'nut',
  'block-float',
  'motor',
  'coupling',
  'rack',
  'pinion',
  'wheels',
  'belt',
  'crank',
  'ends',
  'cable',
  'bellows',
  'spindle',
  'own',
] as const;
export type PartKind = (typeof partKinds)[number];

/** A part as it is put on and taken off: a piece, or pieces that go together. */
export interface Part {
  /** `gantry/nut`; parts of the whole machine by their kind alone: `beam`. */
  readonly id: string;
  readonly kind: PartKind;
  /** Id of the axis; empty: the machine. */
  readonly owner: string;
  /** Parts that it stands on or goes around: they are on before it, and it is off before them. */
  readonly on: readonly string[];
  /** Ways by which it can leave; what sits on a screw leaves only along it. */
  readonly ways: readonly Way[];
  /** kg; 0: not known. */
  readonly mass: number;
  /** Whether the picture of the machine shows it. */
  readonly drawn: boolean;
}

/** Where a joint is planned: a group of holes of a plate. */
export interface PlannedGroup {
  readonly axisId: string;
  readonly plate: string;
  readonly group: string;
}

/** How tight a joint is. */
export const jointStates = ['loose', 'aligned', 'snug', 'run', 'tight'] as const;
export type JointState = (typeof jointStates)[number];

/** What holds a part to the one it stands on. */
export interface Joint {
  /** Id of the part that it holds. */
  readonly id: string;
  readonly on: string;
  /** Empty: not known. */
  readonly thread: string;
  readonly count: number;
  /** m; null: not known. */
  readonly length: number | null;
  /** Torques by class of screw, N·m; null: not known what the screws bear. */
  readonly torque: { readonly class88: number; readonly class129: number } | null;
  /** Where its screws are; none: the model does not know. */
  readonly fasteners: readonly Fastener[];
  /** Their places are those that such parts usually have: nobody planned them. */
  readonly usual: boolean;
  readonly planned: PlannedGroup | null;
}
