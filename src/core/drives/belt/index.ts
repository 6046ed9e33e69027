export {
  beltPull,
  beltRate,
  beltTeeth,
  beltTravel,
  centreForTeeth,
  loopLength,
  loopLengthOf,
  loopStiffness,
  openStiffness,
  pulleyDiameter,
  spanFrequency,
  stageTension,
  teethInMesh,
} from './formulas';
export { resolveBelt } from './resolve';
