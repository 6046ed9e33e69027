import type { AnyCheck } from '@/core/checks';
import type { Checked } from '@/core/findings';
import { chainChecks } from './chain';
import { concernChecks } from './concerns';
import { endChecks } from './ends';
import { homingChecks } from './homing';
import { midBand } from './mid-band';
import { motionChecks } from './motion';
import { motorChecks } from './motor';
import { screwChecks } from './plate-screws';
import { plateChecks } from './plates';
import { rungChecks } from './rungs';
import { stackChecks } from './stacks';
import type { AxisSubject } from './subject';
import { trainChecks } from './train';

export { INERTIA_ENDS } from './motor';
export { type AxisSubject, subjectOf } from './subject';

const all = [
  ...rungChecks,
  ...trainChecks,
  ...motionChecks,
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

/** Every check that an axis is put through, in a fixed order. */
export const axisChecks: readonly AnyCheck<AxisSubject, AxisCode>[] = all;
