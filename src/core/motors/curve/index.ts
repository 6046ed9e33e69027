export { type Envelope, stretchAtSpeed, stretchAtTorque, torqueOn } from './envelope';
export {
  curveScale,
  heatShare,
  pulsesFromCounts,
  servoPeakPower,
  speedOnCurve,
  torqueOnCurve,
} from './formulas';
export { onEnvelope } from './on-envelope';
