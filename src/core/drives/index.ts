export type {
  DriveConcern,
  DriveStiffness,
  PlayLink,
  ResolvedDrive,
  SpeedLimit,
  StiffnessLink,
  ThrustCode,
} from './resolved';
export { resolveDrive } from './resolve';
export { planRack, type RackPlan } from './rack';
export { pitchLeft } from './pitch';
export * as screw from './screw';
export * as rack from './rack';
export * as belt from './belt';
export * as chain from './chain';
export * as line from './line';
