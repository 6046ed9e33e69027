export type { AccelerationId } from './accelerations';
export { type CrankPoint, type CrankTurn, crankTurn } from './crank-turn';
export { analyse, type Analysis, type CaseId, movingMass, type RungId } from './analysis';
export type { BandPoint, TorqueBand } from './band';
export {
  type AxisRemedyCode,
  axisRemedyCodes,
  type Candidate as AxisCandidate,
  betterments,
  lessPlay,
  measured,
  rated,
  rewound,
  rodSizes,
  rounded,
  truerWay,
  type Turns,
} from './candidates';
export { type DriveBodies, driveBodies } from './bodies';
export { chainOf, type TravelChain } from './chain';
export type { ChainPart, ChainPartId } from './chain-parts';
export { type EndPlace, type Side, sides, usableStroke } from './end-places';
export { type Mounts, mountsOf, railOf, type PublishedDimension, publishedOf } from './mounts';
export {
  type GapReport,
  type LoopReport,
  type SlotSize,
  type StackRow,
  type StacksReport,
  stacksOf,
} from './stacks';
export {
  type GapSeed,
  type LinkSeed,
  proposedStacks,
  type StackProposal,
  type StackProposalId,
  stackProposals,
} from './stack-proposals';
export { type PatternOff, type PlateGroup, type PlateReport, metByPlates, platesOf } from './plates';
export { partOf as platePartOf, type PlatePart } from './plate-parts';
export { dowelGroup, proposedPlates, type PlateSeed, startingGroup } from './plate-proposals';
export type { Caught } from './cushions';
export { endsBegun, type EndReport, type EndsReport } from './stopping';
export { type Lengths, type OverhangPrice, railClear, railHolesOf, type RailJoint } from './lengths';
export {
  type Foretold,
  type ForetoldId,
  foretoldIds,
  foretoldOf,
  type ForetoldSide,
  MAP_LEAVES,
} from './foretold';
export { reachOf, type ToolReach } from './reach';
export type { ControllerFigures } from './told';
export {
  type AxisChecked,
  axisChecks,
  type AxisCode,
  type AxisSubject,
  doubtedAxisChecks,
  INERTIA_ENDS,
  subjectOf as axisSubject,
} from './checks';
export type { Figure } from './figures';
export { type MoveCurve, moveCurves, type MovePoint, stiffnessOverTravel } from './move';
export { followers, followTravel } from './follow-travel';
export { oursOf } from './ours';
export { type SwiftAxis, swiftAxis } from './swift';
export { signedTrain } from './duty';
export { type LostMotion, lostMotionOf, trainStiffness } from './train';
export {
  type AccelerationStep,
  type AxisPlace,
  type AxisReport,
  axisReport,
  axisSpeed,
  type Budget,
  type BudgetLink,
  type CarriagesReport,
  type ReportOptions,
  type Rung,
} from './report';
export {
  carriagesWeigh,
  driveWeighs,
  motorsRide,
  motorsWeigh,
  motorWeighs,
  railsWeigh,
  reducerWeighs,
} from './weights';
export { powerOf } from './duty';
