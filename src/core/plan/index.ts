export { type Asked, filled, type Filled, type NamedBody, namedBodies, type PlanNames } from './asked';
export { type TooSoft, tooSoftFor } from './cannot';
export { type Conflict, type GivesWay, type WayOut, type WishCode, wishCodes } from './conflict';
export { type PlanFigures } from './figures';
export { type GivenUp, givenUp, type ToldFigure, toldFigures } from './gives-up';
export { type JobProfile, jobOf, jobProfiles, USUAL_CUT } from './jobs';
export { type PlanMoney } from './money';
export { type Failed, type Plan, type PlanKind, planKinds, type PlanStep } from './planner';
export {
  differs,
  joinedPlans,
  partsAfter,
  type PlanAnswer,
  type PlanPart,
  planPart,
  plansFor,
} from './plans';
export { planReply, type PlanReply } from './reply';
export { type Refusal, refusals } from './rules';
export { sectionOf } from './stock';
