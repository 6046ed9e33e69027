import type { Issue } from '@/core/findings';
import { formatQuantity } from '@/core/units';
import type { Axis } from './schema';

export const mm = (si: number) => formatQuantity('length', si, 'metric', 6).text;
export const speed = (si: number) => formatQuantity('speed', si, 'metric', 4).text;
/** Rounding of inches typed against millimetres typed must not trip a rule. */
export const SLACK = 1e-6;

/** What is wrong, without its place. */
export type Broken = Pick<Issue, 'read' | 'wanted' | 'why'>;

/** One rule between fields of an axis: which field is at fault, when, and why. */
export interface Rule {
  readonly code: string;
  /** Every path that takes part; the field that was just typed is named if it is one of them. */
  readonly paths: readonly string[];
  readonly check: (axis: Axis) => Broken | undefined;
}
