import type { IssueParams } from './params';
import type { Axis } from './axes/schema';
import type { Project } from './document';

/** Rounding of inches typed against millimetres typed must not trip a rule. */
export const SLACK = 1e-6;

/** One rule between fields of an axis: which fields take part, and what is wrong, as data (SI). */
export interface AxisRule {
  /** Every path that takes part; the field that was just typed is named if it is one of them. */
  readonly paths: readonly string[];
  readonly check: (axis: Axis) => IssueParams | undefined;
}

/** A broken rule of the document: where, and what is wrong. Paths lead from the root. */
export interface Broken<Code extends string> {
  readonly code: Code;
  readonly path: string;
  readonly read?: string;
  readonly params?: IssueParams;
  /** Inputs that take part as well. */
  readonly among?: readonly string[];
}

/**
 * Rules of a slice: all that is wrong with it. @param touched path that was just typed into, for the message.
 */
export type SliceRules<Code extends string> = (project: Project, touched?: string) => Broken<Code>[];
