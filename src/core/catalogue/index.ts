export { screwSteel } from './materials';
export { leadVariation, type ScrewSize, screwSizes, usualSpeedLimit } from './screws';
