export {
  type Belief,
  beliefs,
  bitsOf,
  type Evidence,
  isAsked,
  minutesOf,
  type NextTest,
  nextTests,
  NO_EVIDENCE,
  type Question,
} from './posterior';
export { type SignRead, signsRead } from './from-readings';
export { rowsFor } from './rows-for';
export { said, saidEdits } from './said';
export { type Cause, causeRows, type CauseRow, causes } from './signs';
