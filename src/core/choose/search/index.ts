export { isKnown, scaled, type Scale, scales } from './fronts';
export { type LineCode, type LineFigures } from './judged';
export { driveCodes, judgedLine, type LineJudged } from './judged';
export { type LikelyLine, linesByMoney } from './ordered';
export { type Killed } from './sides';
export {
  type FoundLine,
  type PresentLine,
  presentLine,
  type SearchAnswer,
  searchLines,
  type SearchStep,
} from './search';
export { joinedAnswers, sharesOf } from './shares';
export {
  driveFamilies,
  everything,
  searchEdits,
  type SearchLimits,
  type Row,
  type SearchLink,
  searchLinks,
} from './space';
export {
  type DemandId,
  demandIds,
  type GivesWay,
  type HeartPart,
  type WhyNot,
  type WhyNotAsked,
  type WhyNotStep,
  whyNotSteps,
} from './why-not';
export { type Reason, reasons, worthReading } from './worth';
