export { type AxisCut, cutLoad, cutLoads, type CutMemory, type KnownCuts, worstCut } from './cuts';
export type { CutLoad } from './cut-load';
export { forceOverTurn } from './milling';
export {
  type AxisMasses,
  beamRidesOn,
  columnCount,
  type MassReport,
  massReport,
  ridersOf,
  stripsOf,
  type StructureBodyId,
  weighAlike,
  type WeighedBody,
  TABLE_MASS,
} from './masses';
export { spindleBelt, spindleOutput, type SpindleBeltReport } from './spindle';
export { type ProposedTarget, proposedTargets, type TargetReason } from './targets';
