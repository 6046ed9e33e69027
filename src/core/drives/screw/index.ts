export { resolveScrew } from './resolve';
export { boundingPieces, thrustEnds } from './whip';
export {
  criticalSpeed,
  diameterSpeedLimit,
  endCase,
  warmFactor,
  WHIP_ALLOWANCE,
  whipSpeed,
} from './critical-speed';
export { columnLimit, eulerLoad } from './column-load';
export { screwSag } from './own-sag';
export {
  ballPreloadDrag,
  driveDrag,
  frictionAngle,
  rollingBackEfficiency,
  slidingBackEfficiency,
  slidingEfficiency,
  slidingPreloadDrag,
} from './efficiency';
export { leadAngle, pitchDiameter, travelPerRadian, turns } from './lead';
export { circleArea, meanArea, rootSecondMoment, screwInertia } from './section';
export { axialStiffness, inSeries, nutStiffness, sideBySide, windUpStiffness } from './stiffness';
export { heatCompression, heatGrowth, leadError, slidingLeadError } from './heat';
export { ballScrewLife } from './life';
export { nutArea, nutHeatLoad, nutLoad, rubbingLimit } from './nut';
export { bearingLife, staticThrust } from './ratings';
