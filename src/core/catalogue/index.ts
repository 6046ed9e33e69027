export { screwSteel } from './materials';
export { leadVariation, type ScrewSize, screwSizes, usualSpeedLimit } from './screws';
export { type Column, columnsOf, families, familiesOf, type Family, familyById, type Part, type PartFault, partFault, type PartLink, partsIn, partValue, swapEdits } from './parts';
