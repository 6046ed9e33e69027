export { type ResolvedMotor, resolveStepper } from './stepper';
export * as stepper from './stepper';
