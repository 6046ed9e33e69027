export {
  type Basis,
  bases,
  brokenRule,
  defaultSpread,
  type FieldRule,
  halfWidth,
  isMeasure,
  type Measure,
} from './measure';
export { axisFields, type AxisFieldPath, fieldRuleAt } from './fields';
export {
  type Axis,
  type BeltDrive,
  type ChainDrive,
  type Drive,
  type DriveKind,
  FORMAT,
  type GearedMotor,
  type Guide,
  type GuideKind,
  guideKinds,
  type Motor,
  type MotorKind,
  type OwnPart,
  type Pin,
  type Project,
  projectJsonSchema,
  type RackDrive,
  type Reducer,
  type ScrewDrive,
  type Servo,
  type Stepper,
  VERSION,
} from './schema';
export { type Role, roles, startingAxis, startingProject } from './starting';
export {
  guess,
  guideOfKind,
  startingCoupling,
  startingDrive,
  startingMotor,
  startingReducer,
} from './starting-drives';
export { applyEdits, getAt, setAt } from './path';
export { axisIssues, projectIssues } from './rules';
export { machineIssues } from './rules-machine';
export { migrate, type Migration, migrations } from './migrate';
export { explainIssue, openProject, type Opened, rangeInWords } from './open';
export {
  fieldOf,
  type MaterialId,
  materialIds,
  maybeOf,
  type Section,
  type SectionKind,
  sectionKinds,
  sectionRules,
  tubeMakings,
} from './section-schema';
export {
  type Arrangement,
  arrangements,
  type Body,
  bodyRules,
  type Brief,
  type Cut,
  machineRules,
  type MillCut,
  type Shape,
  type StockKind,
  stocks,
  type Structure,
  type Work,
  works,
} from './machine-schema';
export {
  startingBody,
  startingBrief,
  startingCut,
  startingSection,
  startingShape,
  startingStructure,
  stockForces,
  stockInputs,
} from './starting-machine';
