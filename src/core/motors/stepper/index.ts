export {
  copperLoss,
  cornerSpeed,
  crestOf,
  pullOutTorque,
  supplyRule,
  torqueConstant,
  usableTorque,
} from './pull-out';
export { pulseSpeed, pulsesPerLength } from './pulses';
export { crestCurrent, resolveStepper, speedAtTorque } from './resolve';
