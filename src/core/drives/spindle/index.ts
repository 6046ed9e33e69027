export { bearingSpeed, centreForLength, motorSpeedFor, rimSpeed, spindleSpeed, wrapAngle } from './formulas';
