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
  beltPitchError,
  spanFrequency,
  stageTension,
  teethInMesh,
} from './formulas';
export { resolveBelt } from './resolve';
