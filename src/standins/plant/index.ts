export { type DriveMakeup, type DrivePlant, drivePlant, type DriveState, STEP } from './drive';
export {
  type Joint,
  pitchError,
  type PitchErrors,
  type RailLine,
  railStray,
  toolAlong,
  type Warmth,
  warmth,
  yawOf,
} from './errors';
export { type LimitSwitch, limitSwitch, type SwitchMakeup } from './switch';
