export { type OwnPart, partsShape } from './schema';
export { partsSteps } from './migrations';
