import type { AnyCheck } from '@/core/checks';
import type { Checked } from '@/core/findings';
import { balanceChecks } from './balance';
import { chainChecks } from './chain';
import { concernChecks } from './concerns';
import { endChecks } from './ends';
import { homingChecks } from './homing';
import { midBand } from './mid-band';
import { moveChecks, railShort, rampChecks } from './motion';
import { motorChecks, motorLimitChecks } from './motor';
import { screwChecks } from './plate-screws';
import { plateChecks } from './plates';
import { rungChecks } from './rungs';
import { stackChecks } from './stacks';
import { type AxisSubject } from './subject';
import { trainChecks } from './train';

export { INERTIA_ENDS } from './motor';
export { type AxisSubject, subjectOf } from './subject';

const all = [
  ...rungChecks,
  ...trainChecks,
  ...balanceChecks,
  railShort,
  ...moveChecks,
  ...motorChecks,
  midBand,
  ...chainChecks,
  ...stackChecks,
  ...endChecks,
  ...homingChecks,
  ...screwChecks,
  ...plateChecks,
  ...concernChecks,
] as const;

export type AxisCode = (typeof all)[number]['code'];
export type AxisChecked = Checked<AxisCode>;

/**
 * Checks of an axis that doubt about figures can turn: drive, motor, guides, stopping. What Fit judges by
 * lengths carries its own tolerances; what only says why a motor is short of torque is told by its torque.
 */
export const doubtedAxisChecks: readonly AnyCheck<AxisSubject, AxisCode>[] = [
  ...rungChecks,
  ...trainChecks,
  ...balanceChecks,
  ...rampChecks,
  ...motorLimitChecks,
  midBand,
  ...endChecks,
  ...concernChecks,
];

/** Every check that an axis is put through, in a fixed order. */
export const axisChecks: readonly AnyCheck<AxisSubject, AxisCode>[] = all;
