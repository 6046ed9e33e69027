export type { BalanceKind, BalancePart } from './balance';
export {
  type BeltDrive,
  type ChainDrive,
  type CrankDrive,
  type Drive,
  type DriveKind,
  halfFlankAngle,
  pitchLineDrop,
  holdsBothSides,
  type RackDrive,
  type ScrewDrive,
  shaftDriven,
  sideStiffness,
} from './drive';
export { guideKinds } from './guide';
export {
  type GearedMotor,
  type HandCrank,
  isCranked,
  isPositioned,
  type Motor,
  type MotorKind,
  mostTorqueOf,
  namedTorqueOf,
  type Reducer,
  type Servo,
  type Stepper,
} from './motor';
export { axisIssues } from './issues';
export type { AxisRuleCode, CarryRuleCode } from './rules';
export { type Axis, type Guide, type GuideKind, type Pin, type Role, roles } from './schema';
export { type AxisNames, startingAxis } from './starting';
export { startingDrive, startingMotor, startingReducer, startingThread } from './starting-drives';
export { startingBalance } from './starting-balance';
export { guideOfKind, startingCoupling } from './starting-guide';
