export { stepsOf } from './address';
export { turned, withDifferences } from './apply';
export { alike, type Difference, differencesOf, type Value } from './differences';
export { broughtIn, meet, type Meeting, meetSettled, type Side } from './meet';
export { type Conflict, type Merged, merged, settled } from './merge';
export {
  type Carried,
  carryable,
  changesPlan,
  dayRevision,
  keptRevision,
  MOST_DAYS,
  nextVersion,
  type NextVersion,
  packedPlan,
  type Plan,
  planDifferences,
  planIn,
  planOf,
  returnEdits,
  type Stamp,
} from './revision';
