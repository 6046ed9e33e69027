export {
  against,
  type Against,
  type AgainstRow,
  answersOf,
  bestOf,
  doubtOfDifference,
  type DrawnPair,
  mostOf,
  type Sureness,
  type VariantAnswer,
} from './against';
export { type VariantFigures, variantFigures, type VariantFinding } from './figures';
export { type AxisLink, axisLinks, type LinkGroup, linkGroups, withLinks } from './links';
export { type FactId, type SchoolFact } from './school-facts';
export { type SchoolId, schoolIds, type SchoolSide, schoolSides } from './school-ids';
export {
  type NotConcerned,
  type SchoolAnswer,
  type SchoolStep,
  schoolSteps,
  type SideAnswer,
} from './schools';
export {
  adoptedEdits,
  heldEdit,
  keptAlike,
  planOfSide,
  planWithPin,
  putBy,
  replannedEdit,
  roomForPlans,
  variantProject,
} from './variants';
