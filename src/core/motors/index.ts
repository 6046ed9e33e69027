export type { MotorConcern, ResolvedMotor } from './resolved';
export { resolveMotor } from './resolve';
export * as stepper from './stepper';
export * as hand from './hand';
export * as curve from './curve';
