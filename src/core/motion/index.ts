export { accelerationLimit, axisForce, GRAVITY, gravityForce, inertiaRatio, motorTorque, naturalFrequency, reflectedInertia, signedTorque, turningInertia } from './torque';
export { type Move, type Phase, planMove, rmsTorque } from './moves';
export { backDrivingTorque } from './dropping';
export { motorTravel, reducerPlay, reducerSpeed } from './reducer';
export { moveTime, peakPower, rampTime, resolution, shuttleTorque, topSpeed } from './figures';
