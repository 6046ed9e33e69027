export { axisDoubt, type AxisDoubt, type RungDoubt, type Sway, swayed, swaysOf } from './doubt';
export { type Change, type Comparison, type ComparedRow, compareReports } from './compare';
export { moved, outcomeKey, restsOf } from './rests';
export { type Instead, type InsteadGroup, insteadGroups, type InsteadIs, insteadOf } from './instead';
export {
  frameOfInstead,
  type GapChange,
  type HolesChange,
  type Pair,
  type Substitution,
  substitution,
  type Turned,
  withInstead,
} from './substitute';
export {
  driveFamilies,
  everything,
  type FoundLine,
  joinedAnswers,
  judgedLine,
  type Killed,
  isKnown,
  type LikelyLine,
  type LineCode,
  type LineFigures,
  linesByMoney,
  type PresentLine,
  presentLine,
  type Reason,
  reasons,
  type Row,
  scaled,
  type Scale,
  scales,
  type SearchAnswer,
  searchEdits,
  type SearchLimits,
  searchLines,
  type SearchLink,
  searchLinks,
  type SearchStep,
  sharesOf,
  worthReading,
} from './search';
