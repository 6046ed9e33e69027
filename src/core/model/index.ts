export { fromBase64, toBase64 } from './base64';
export * from './axes';
export * from './brief';
export * from './build';
export * from './prove';
export * from './log';
export * from './structure';
export * from './fit';
export type { OwnPart } from './parts';
export {
  contentsSchema,
  type FileEntry,
  filesWithout,
  MOST_FILE_BYTES,
  MOST_FILES,
  photoUses,
  PROGRAM_TYPE,
} from './files';
export {
  type Body,
  type MaterialId,
  materialIds,
  type Section,
  type SectionKind,
  sectionKinds,
  type Shape,
  startingBody,
  startingSection,
  startingShape,
  tubeMakings,
} from './bodies';
export {
  axisFields,
  type AxisFieldPath,
  capsAt,
  fieldRuleAt,
  FORMAT,
  type Project,
  projectFields,
  projectJsonSchema,
  VERSION,
} from './document';
export { projectIssues } from './document-rules';
export type { Edit, MeasurePath, Plain, ValueAt } from './edit';
export { change, type Changed, issuesBroughtIn } from './gate';
export { type ArrangedAxis, arrangedAxes, ridesAsPortal } from './arrangement-axes';
export { estimate, guess } from './guess';
export { oursIn } from './ours';
export type { IssueParams } from './params';
export type { RuleCode } from './rule-codes';
export { type Caps, MOST_NAME } from './input';
export { type FormatCode, type Issue, type IssueCode, keysOf, shorten } from './issue';
export {
  type Basis,
  bases,
  brokenRule,
  defaultSpread,
  type FieldRule,
  halfWidth,
  isMeasure,
  type Measure,
  MOST_TYPED,
  type RangeFault,
} from './measure';
export { mendOf } from './mend';
export { migrate } from './migrate';
export { issueOfZod, openProject, type Opened } from './open';
export { applyEdits, getAt, put, putInAxis, setAt } from './path';
export type { Doc, SliceSteps } from './slice';
export { type MachineNames, startingProject } from './starting';
