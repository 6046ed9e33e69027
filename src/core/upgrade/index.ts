export { type ComparedEffect, comparedEffects } from './compared';
export { isReached, timesBetter } from './effects';
export { type UpgradeVerdict, upgradeVerdict } from './held';
export { type Another, type Limit, limitOf, type LimitVerdict } from './limit';
export {
  type Change,
  type EffectChange,
  type Proposal,
  proposalSteps,
  type ProposalStep,
  proposalsOf,
  rankedBy,
  readableFor,
  type Readable,
  upgradeContext,
} from './proposals';
export { touchedParts } from './touched';
export { type Turned, turned, type TurnedVerdict } from './turned';
