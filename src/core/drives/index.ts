export type { DriveStiffness, ResolvedDrive, SpeedLimit } from './resolved';
export { resolveScrew } from './screw';
export * as screw from './screw';
