export {
  givenSpeeds,
  heatFigure,
  losses,
  runningInertia,
  runoutFigure,
  shaftConcern,
  shaftFigures,
  thrustLimit,
  unknownsOf,
} from './shared';
export { forceOnStrand, joinLinks, placeOnLine } from './belt-like';
export {
  givenSpeed,
  givenStiffness,
  lineInertia,
  linePlay,
  pullOnShaft,
  sharedStiffness,
  shaftBending,
  shaftTorsion,
  strandForce,
  turningStiffness,
} from './formulas';
