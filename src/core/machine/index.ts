export { analyse, type Analysis, type CaseId, movingMass, type RungId } from './analysis';
export type { AccelerationId } from './accelerations';
export { checkCodes, type CheckCode } from './checks';
export { railReach } from './checks-train';
export type { BandPoint, TorqueBand } from './band';
export type { Figure } from './figures';
export { type MoveCurve, moveCurves, type MovePoint, stiffnessOverTravel } from './move';
export {
  type AccelerationStep,
  type AxisReport,
  axisReport,
  type Budget,
  type BudgetLink,
  type CarriagesReport,
  type ReportOptions,
  type Rung,
} from './report';
export {
  assemble,
  briefWorking,
  type MachineOptions,
  type MachineReport,
  machineReport,
} from './whole/report';
export { type AxisCut, cutLoad, type CutLoad, cutLoads, forceOverTurn, worstCut } from './whole/cuts';
export { effectiveAxes, effectiveAxis, loadsAlike, toStored } from './whole/effective';
export {
  type AxisMasses,
  beamRidesOn,
  type MassReport,
  massReport,
  ridersOf,
  structureBodies,
  type WeighedBody,
} from './whole/masses';
export { type CostReport, costReport } from './whole/cost';
export { type ProposedTarget, proposedTargets } from './whole/targets';
export { type ArrangementOutlook, footprint, outlooks } from './whole/layout';
export {
  contextOf,
  type MachineChecked,
  machineChecks,
  type MachineCode,
  machineCodes,
  PLASMA_LEAST,
} from './whole/checks';
export {
  type MachineFinding,
  machineFindings,
  type MachineRemedy,
  machineVerdict,
  wholeVerdict,
} from './whole/findings';
export { type Caution, cautionsOf } from './whole/cautions';
export type { NextStep } from './whole/next-step';
export { type ErrorBudget, errorBudgets, type ErrorShare } from './flex/errors';
export { type Flex, type FlexReport, flexReport, type ShapePoint, type WayId, ways } from './flex/report';
export { type Improvement, improvements, type ImprovementStep, improvementSteps } from './flex/improve';
export { type Scene, type SceneBox, sceneOf } from './whole/scene';
