import type { Axis } from '@/core/model';
import { type Cause, causeRows, type CauseRow } from './signs';

type Applies = (axis: Axis) => boolean;

const onScrew: Applies = ({ drive }) => drive.kind === 'screw';
const onRack: Applies = ({ drive }) => drive.kind === 'rack';
/** A belt or chain drives it, or stands before its reducer. */
const onBelt: Applies = ({ drive, reducer }) =>
  drive.kind === 'belt' || drive.kind === 'chain' || reducer?.kind === 'belt';
const byStepper: Applies = ({ motor }) => motor.kind === 'stepper';
const byLoop: Applies = ({ motor }) => motor.kind !== 'stepper' || motor.loop === 'closed';

/** Causes that want a part which not every axis has; all others can be anywhere. */
const WANTS: Readonly<Partial<Record<Cause, Applies>>> = {
  'nut-play': onScrew,
  'nut-bracket': onScrew,
  'thrust-bearing': onScrew,
  'screw-runout': onScrew,
  'mesh-open': onRack,
  'eccentric-pinion': (axis) => onRack(axis) || onBelt(axis),
  'rack-joint': onRack,
  'belt-slack': onBelt,
  'tooth-jump': onBelt,
  'coupling-spider': ({ coupling }) => coupling !== null,
  'microstep-error': byStepper,
  'mid-band': byStepper,
  'following-lag': byLoop,
  'ends-out-of-step': ({ drive }) => drive.sets === 2,
};

/** Causes that an axis can have: a rack has no nut. */
export const rowsFor = (axis: Axis): readonly CauseRow[] =>
  causeRows.filter(({ cause }) => WANTS[cause]?.(axis) ?? true);
