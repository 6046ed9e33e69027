export type {
  DriveConcern,
  DriveStiffness,
  PlayLink,
  ResolvedDrive,
  SpeedLimit,
  StiffnessLink,
  Swing,
  SwingLoad,
  ThrustLimit,
  ThrustCode,
} from './resolved';
export { resolveDrive } from './resolve';
export { planRack, type RackPlan } from './rack';
export { pitchLeft } from './pitch';
export * as screw from './screw';
export * as rack from './rack';
export * as belt from './belt';
export * as chain from './chain';
export * as crank from './crank';
export * as line from './line';
export * as spindle from './spindle';
