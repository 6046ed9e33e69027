export * as planeFormulas from './formulas';
export { JACK_DAMP, type JackInput, jackMoves, type JackMoves } from './jacks';
export { leastSquaresPlane, type Plane, type Spot } from './plane';
