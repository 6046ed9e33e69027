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
export {
  type Cause,
  causeRows,
  type CauseRow,
  causes,
  type HandFind,
  handFinds,
  type Sign,
  signs,
} from './signs';
