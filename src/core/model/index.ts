export { type Basis, bases, brokenRule, defaultSpread, type FieldRule, halfWidth, isMeasure, type Measure } from './measure';
export { axisFields, type AxisFieldPath, bodyMassRule, fieldRuleAt } from './fields';
export {
  type Axis, FORMAT, type Project, projectJsonSchema, type Reducer, type ScrewDrive, type Stepper, VERSION,
} from './schema';
export { type Role, roles, startingAxis, startingProject, startingReducer } from './starting';
export { applyEdits, getAt, setAt } from './path';
export { axisIssues, projectIssues } from './rules';
export { migrate, type Migration, migrations } from './migrate';
export { explainIssue, openProject, type Opened, rangeInWords } from './open';
