export { controllerStandIn, type ControllerStandIn, TICK } from './controller';
export type { Mechanism, Place } from './moves';
export { type AxisLetter, axisLetters, axisSettings } from './settings';
