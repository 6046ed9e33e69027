export { analyse, type Analysis, type CaseId, movingMass, type RungId } from './analysis';
export { checkCodes, type CheckCode } from './checks';
export type { BandPoint, TorqueBand } from './band';
export { type AccelerationStep, type AxisReport, axisReport, type Figure, type MachineReport, machineReport, type ReportOptions, type Rung } from './report';
