export { analyse, type Analysis, type CaseId, movingMass, type RungId } from './analysis';
export type { AccelerationId } from './accelerations';
export { checkCodes, type CheckCode } from './checks';
export { railReach } from './checks-train';
export type { BandPoint, TorqueBand } from './band';
export type { Figure } from './figures';
export { type MoveCurve, moveCurves, type MovePoint, stiffnessOverTravel } from './move';
export { type AccelerationStep, type AxisReport, axisReport, type Budget, type BudgetLink, type CarriagesReport, type MachineReport, machineReport, type ReportOptions, type Rung } from './report';
