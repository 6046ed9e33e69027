export { type AxisFit, axisFit } from './schema';
export { startingFit } from './starting';
