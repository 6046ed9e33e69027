export {
  anewEdits,
  dropEdits,
  leaveEdits,
  newTrial,
  openTrial,
  sayEdits,
  unwriteEdits,
  writeEdits,
} from './edits';
export { type Ground, groundsOf } from './ground';
export { CIRCLE_PLACES, circleRadius, PIECE } from './pieces';
export { trialPlans } from './plan';
export { type Waits } from './program-blocks';
export { trialProgram } from './programs';
export { mostPush } from './proofs';
export { trialRead } from './reading';
export { type TrialFigure, type TrialNote, type TrialResult } from './result';
export {
  type TrialMemory,
  type TrialRecord,
  type Trials,
  trialsOf,
  type TrialStanding,
  type TrialState,
} from './state';
export {
  type AxisProof,
  axisProofs,
  cellId,
  checkedBy,
  type CellOf,
  type FirstKind,
  firstKinds,
  type TrialCaution,
  trialCells,
  type TrialKind,
  trialKinds,
  type TrialPlan,
  type TrialRow,
  type WholeProof,
  wholeProofs,
} from './trial';
export { compensationTable } from './work-axis';
export { KEEP, SLIP_STEPS } from './work-stairs';
export { workTrial } from './work';
