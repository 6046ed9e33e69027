export * from './mounting';
export { nutMaterials, screwSteel } from './materials';
export type { Wanted } from './wanted';
export {
  type ExtrusionSize,
  extrusionSizes,
  type Material,
  materials,
  type TubeSize,
  tubeSizes,
  type WoodSize,
  woodSizes,
} from './structural';
export { type JointKind, jointKinds, middleOf, type UsualJoint, usualJoints } from './tables/joints';
export { extrusionSection, sectionInMm, tubeSection } from './members';
export { leadVariation, type ScrewSize, screwSizes, usualSpeedLimit } from './screws';
export {
  type Column,
  choicesAt,
  columnsOf,
  families,
  familiesOf,
  type Family,
  familyById,
  isOrder,
  motorKindsOf,
  type Part,
  type PartFault,
  type TypedPart,
  partFault,
  partFaults,
  type PartLink,
  type PartOrder,
  partOfOwn,
  partsIn,
  partValue,
  presentFamily,
  searchParts,
  sortedParts,
  swapEdits,
  withThread,
} from './parts';
