export { handTorque } from './formulas';
export { resolveHand } from './resolve';
