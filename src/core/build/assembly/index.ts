export type { JointReach, ScrewReach } from './access';
export { type Assembly, assemblyOf, type Geometry, geometryOf } from './assembly';
export { type FreeKind, type FreeWay, waysToFree } from './free';
export { type Ordering, SO_FAR } from './ordering';
export { type Joint, type JointState, type Part, type PartKind } from './part';
export { partOfPiece } from './parts';
export { type Apart, comeApart } from './apart';
export { type Service, WANTED_DEPTH } from './service';
export {
  type LocateWay,
  locateWays,
  type ReadingKind,
  type StepCaution,
  type StepKind,
  stepKinds,
} from './step';
export { coverEdits, doneEdits, dropStepEdits, readingEdits, stepEdits } from './said';
export { OWN_STEP, type WorkStep } from './work';
