import type { Read } from './readings';
import type { SheetResult } from './result';
import type { SheetKind, SheetPlan } from './sheet';
import { workBelt, workChain, workMesh, workRunout, workScrew } from './work-drives';
import { workDroop, workLean, workTram } from './work-head';
import { workCorners, workEnds, workFlat, workSquare } from './work-places';
import { workStep, workUpright } from './work-posts';
import { workParallel, workStraight } from './work-rails';

type Work = (plan: SheetPlan, read: Read, method: string) => SheetResult;

const works: Readonly<Record<SheetKind, Work>> = {
  straight: workStraight,
  parallel: workParallel,
  upright: workUpright,
  'in-step': workStep,
  corners: workCorners,
  square: workSquare,
  ends: workEnds,
  lean: workLean,
  droop: workDroop,
  tram: workTram,
  flat: workFlat,
  screw: workScrew,
  mesh: workMesh,
  belt: workBelt,
  chain: workChain,
  runout: workRunout,
};

/**
 * What the readings of a sheet come to.
 * @throws RangeError where they make no figure: six lengths that do not close.
 */
export const workSheet: Work = (plan, read, method) => works[plan.kind](plan, read, method);
