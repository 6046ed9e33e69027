export {
  axialForce,
  leastTeeth,
  lewisForce,
  meshPlay,
  meshStiffness,
  rackError,
  rackPitch,
  rackTravel,
  separatingForce,
  shaftResultant,
  springAtMesh,
  springNeeded,
} from './formulas';
export { lewisFactor } from './lewis';
export { resolveRack } from './resolve';
export { planRack, type RackPlan } from './segments';
