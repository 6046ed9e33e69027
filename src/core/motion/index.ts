export {
  accelerationLimit,
  axisForce,
  gravityForce,
  inertiaRatio,
  motorTorque,
  naturalFrequency,
  reflectedInertia,
  signedTorque,
  turningInertia,
} from './torque';
export { type Move, type Phase, planMove, rmsTorque } from './moves';
export {
  balancedMass,
  balanceSum,
  counterweightFelt,
  counterweightPull,
  dragBeside,
  gasSpringPush,
} from './balance';
export { backDrivingTorque, creditedForce, creditedTorque } from './dropping';
export {
  inertiaBehind,
  motorTravel,
  reducerPlay,
  reducerSpeed,
  torqueBehind,
  travelPerTurn,
} from './reducer';
export { moveTime, peakPower, rampTime, resolution, shuttleTorque, topSpeed } from './figures';
export {
  brakingEnergy,
  heatShareOfRated,
  joinedTorque,
  pumpedVoltage,
  shaftTorque,
  supplyPower,
} from './duty';
export {
  couplingPlay,
  elasticLoss,
  lostMotion,
  motorSpeed,
  rampAcceleration,
  thrustAcceleration,
  totalDrag,
} from './play';
export { trainTorque } from './torque';
export { CRANK_ARM, crankForce, dragAtMotor, trainBackEfficiency, trainEfficiency } from './train';
