export {
  type BeltDrive,
  type ChainDrive,
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
export type { GearedMotor, Motor, MotorKind, Reducer, Servo, Stepper } from './motor';
export { axisIssues } from './issues';
export type { AxisRuleCode, CarryRuleCode } from './rules';
export { type Axis, type Guide, type GuideKind, type Pin, type Role, roles } from './schema';
export { type AxisNames, startingAxis } from './starting';
export { startingDrive, startingMotor, startingReducer, startingThread } from './starting-drives';
export { guideOfKind, startingCoupling } from './starting-guide';
