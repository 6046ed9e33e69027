export { type Caution, cautionsOf } from './cautions';
export {
  doubtedMachineChecks,
  type MachineChecked,
  machineChecks,
  type MachineCode,
  type MachineRemedyCode,
  machineRemedyCodes,
  PLASMA_LEAST,
} from './checks';
export {
  changedContext,
  contextOf,
  type FrameKnown,
  type JudgedMachine,
  type Known,
  type MachineContext,
} from './context';
export {
  axisCost,
  costOfChange,
  costReport,
  type CostReport,
  type CostRow,
  partsLeft,
  type PickedPart,
  pickedPart,
} from './cost';
export { type Effect, effectIds, type EffectId, type EffectSources, effectsOf } from './effects';
export { priceDoubt, priceDoubtBetween } from './price-doubt';
export { suppliesOf, type SupplyGroup } from './supplies';
export {
  type AnyFinding,
  gathered,
  machineFindings,
  machineOutcomes,
  noNumberOfWhole,
  verdictOfWhole,
} from './findings';
export { type ArrangementOutlook, doorWanted, footprint, outlooks } from './layout';
export { passingOf, type PassingReport, type PassLimit } from './passing';
export { nextStep, type NextStep } from './next-step';
export { oursOfCheck, oursOfMachine } from './ours';
export {
  type Extent,
  type Piece,
  pieces,
  type PlannedAt,
  type Scene,
  type SceneBox,
  type Place3,
  sceneOf,
  type Way,
  sweptBy,
} from './scene';
