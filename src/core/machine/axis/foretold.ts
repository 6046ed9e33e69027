import { type Axis, isPositioned, setAt } from '@/core/model';
import { CRANK_ARM, crankForce } from '@/core/motion';
import { type Kind, quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { accelerationsOf } from './accelerations';
import { analyse, type Analysis } from './analysis';
import { endsOf } from './stopping';
import { frequencyOf, lostMotionOf, trainStiffness } from './train';

/** Answers of the plan that a test on the machine can check. */
export const foretoldIds = [
  'drag',
  'hand',
  'lost-motion',
  'lead',
  'top-speed',
  'top-acceleration',
  'stiffness',
  'frequency',
  'growth',
  'home',
  'stop',
] as const;
export type ForetoldId = (typeof foretoldIds)[number];

/** What a foretold figure is: the figure itself, or only what it does not pass. */
export type ForetoldSide = 'both' | 'at-most' | 'at-least';

export interface Foretold {
  readonly id: ForetoldId;
  readonly kind: Kind;
  /** SI; null: the plan does not say. */
  readonly value: number | null;
  readonly side: ForetoldSide;
}

/** Torque of a hand at the drive shaft: as the crank feels it, and over the poles of a stepper. */
function handTorque({ axis, drive, motor, gear, share, drag, gravity }: Analysis): number {
  const arm = quantity('length', CRANK_ARM);
  const force = quantity('force', share * (drag + Math.abs(gravity)));
  const crank = crankForce.evaluate({
    force,
    k: drive.k,
    efficiency: drive.efficiency,
    drag: drive.drag,
    arm,
  });
  return crank * CRANK_ARM + (axis.motor.kind === 'stepper' ? motor.detent * gear.ratio : 0);
}

/** With all the torque that there is: where a motor stalls, not where it may still be used. */
const atPullOut = (axis: Axis): Axis => setAt(axis, 'motor.usableShare.si', 1);

/** Fastest at half the acceleration, as the staircase is run: torque, motor and pulses decide. */
function topSpeed(axis: Axis): number {
  const half = setAt(atPullOut(axis), 'demands.acceleration.si', axis.demands.acceleration.si / 2);
  const asked = ['torque-rapid', 'motor-speed', 'pulses'];
  const limits = analyse(half, silentWorksheet).rungs.filter((r) => asked.includes(r.id));
  return Math.min(...limits.map((r) => r.limit));
}

function topAcceleration(axis: Axis): number {
  const analysis = analyse(atPullOut(axis), silentWorksheet);
  const rungs = accelerationsOf(analysis, trainStiffness(analysis, silentWorksheet), silentWorksheet);
  return rungs.find((r) => r.id === 'at-rapid')!.limit;
}

/** What a table of errors, point by point, leaves of the pitch error that steps per unit leave; memory. */
export const MAP_LEAVES = 0.1;

/** Scale error over the travel, as the axis is calibrated. */
function leadLeft({ controller }: Axis, figure: (id: string) => number | null): number | null {
  if (controller.calibration === 'none') return figure('lead-error');
  const even = figure('lead-left');
  return controller.calibration === 'map' && even !== null ? MAP_LEAVES * even : even;
}

/**
 * What the plan foretells of one axis that can be measured on it. Pure.
 * @param axis as the machine loads it.
 */
export function foretoldOf(axis: Axis): readonly Foretold[] {
  const sheet = silentWorksheet;
  const analysis = analyse(axis, sheet);
  const stiffness = trainStiffness(analysis, sheet);
  const lost = lostMotionOf(analysis, stiffness, sheet);
  const ends = endsOf(analysis, sheet);
  const figures = analysis.drive.figures(sheet);
  const figure = (id: string) => figures.find((f) => f.id === id)?.value ?? null;
  const { scatter } = axis.fit;
  // Staircases are run by a controller.
  const driven = isPositioned(axis);
  const soft = stiffness.missing.length ? 'at-most' : 'both';
  const home = scatter || ends.homeSpread !== null ? (scatter?.si ?? 0) + (ends.homeSpread ?? 0) : null;
  return [
    { id: 'drag', kind: 'force', value: analysis.drag, side: 'both' },
    { id: 'hand', kind: 'torque', value: handTorque(analysis), side: 'both' },
    {
      id: 'lost-motion',
      kind: 'length',
      value: lost.value,
      side: lost.missing.length ? 'at-least' : 'both',
    },
    { id: 'lead', kind: 'length', value: leadLeft(axis, figure), side: 'at-most' },
    { id: 'top-speed', kind: 'speed', value: driven ? topSpeed(axis) : null, side: 'both' },
    {
      id: 'top-acceleration',
      kind: 'acceleration',
      value: driven ? topAcceleration(axis) : null,
      side: 'both',
    },
    { id: 'stiffness', kind: 'stiffness', value: stiffness.value, side: soft },
    { id: 'frequency', kind: 'frequency', value: frequencyOf(analysis, stiffness, sheet), side: soft },
    { id: 'growth', kind: 'length', value: figure('heat-growth'), side: 'both' },
    { id: 'home', kind: 'length', value: home, side: 'at-most' },
    {
      id: 'stop',
      kind: 'length',
      value: axis.fit.reaction ? ends.ends.near.place.stop : null,
      side: 'both',
    },
  ];
}
