export { cornerSpeed, pullOutTorque, supplyRule, torqueConstant, usableTorque } from './pull-out';
export { pulseSpeed, pulsesPerLength } from './pulses';
export { type ResolvedMotor, resolveStepper, speedAtTorque } from './resolve';
