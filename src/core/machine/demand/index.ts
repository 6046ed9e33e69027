export {
  type AxisCut,
  cutLoad,
  type CutLoad,
  cutLoads,
  type CutMemory,
  forceOverTurn,
  worstCut,
} from './cuts';
export {
  type AxisMasses,
  beamRidesOn,
  type MassReport,
  massReport,
  ridersOf,
  stripsOf,
  type StructureBodyId,
  weighAlike,
  type WeighedBody,
} from './masses';
export { type ProposedTarget, proposedTargets, type TargetReason } from './targets';
