export { CLASS_LIMITS, type ClassLimits } from './classes';
export {
  type Cable,
  type Ports,
  type Signal,
  type SupplySheet,
  type Wire,
  wiringSheet,
  type WiringSheet,
} from './sheet';
export { AWG, voltageDrop, wireFor, type WireAdvice, WIRES } from './wire';
