export {
  crankAcceleration,
  crankLever,
  crankMeanSpeed,
  crankPin,
  crankRms,
  crankSideThrust,
  crankStroke,
  crankThrust,
  crankTime,
} from './formulas';
export { resolveCrank } from './resolve';
export { bendAt, type CrankShape, leverAt, longestAt, overTurn, placeAt, thrustAt } from './turn';
