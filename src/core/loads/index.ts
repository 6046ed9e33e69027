export * as loads from './formulas';
export * as bodies from './bodies';
export { engagement, millingForce, type MillingForce, type MillingInputs } from './milling-force';
