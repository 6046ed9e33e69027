import type { TrialRead } from './reading';
import type { TrialResult } from './result';
import { trialCells, type TrialKind } from './trial';
import { workLinks, workPositioning, workPull, workSteps } from './work-axis';
import {
  type Work,
  workBothMotors,
  workCurrent,
  workHand,
  workHome,
  workReversal,
  workRunOn,
  workShift,
  workSlow,
  workStop,
} from './work-first';
import { workHoming, workPush, workServo, workTap, workWarmUp } from './work-rest';
import {
  workCircle,
  workDisc,
  workDiscSense,
  workFace,
  workHalfLap,
  workPlasmaSquare,
  workPlySquare,
  workPocket,
  workSpindle,
  workTouchOff,
  workWallBore,
} from './work-shapes';
import { workStairsAcceleration, workStairsSpeed } from './work-stairs';

/** Only looks: nothing is worked out. */
const looked: Work = () => ({});

const works: Readonly<Record<TrialKind, Work>> = {
  hand: workHand,
  switches: looked,
  stop: workStop,
  slow: workSlow,
  reversal: workReversal,
  'slow-travel': looked,
  trip: looked,
  'run-on': workRunOn,
  home: workHome,
  'soft-limits': looked,
  'both-motors': workBothMotors,
  current: workCurrent,
  'plan-speed': workShift,
  pull: workPull,
  steps: workSteps,
  links: workLinks,
  'stairs-speed': workStairsSpeed,
  'stairs-acceleration': workStairsAcceleration,
  positioning: workPositioning,
  push: workPush,
  tap: workTap,
  'warm-up': workWarmUp,
  homing: workHoming,
  servo: workServo,
  circle: workCircle,
  disc: workDisc,
  'first-cuts': looked,
  'ply-square': workPlySquare,
  'half-lap': workHalfLap,
  pocket: workPocket,
  face: workFace,
  'wall-bore': workWallBore,
  'disc-sense': workDiscSense,
  'knife-fan': looked,
  'plasma-square': workPlasmaSquare,
  'touch-off': workTouchOff,
  spindle: workSpindle,
};

/** What a record comes to: figures, looks that were refused, what is still missing. */
export function workTrial(read: TrialRead): TrialResult {
  const cells = trialCells(read.plan);
  let worked: ReturnType<Work> = {};
  try {
    worked = works[read.plan.kind](read);
  } catch (e) {
    // Readings that make no figure: places on one line, six lengths that do not close.
    if (!(e instanceof RangeError)) throw e;
  }
  return {
    figures: worked.figures ?? [],
    refused: cells.filter((c) => c.row.of === 'look' && read.get(c.id) === 0).map((c) => c.id),
    missing: cells.filter((c) => !c.row.optional && read.get(c.id) === undefined).map((c) => c.id),
    notes: worked.notes ?? [],
    series: worked.series ?? [],
  };
}
