export { type FrameCandidate, type FrameRemedyCode, frameRemedyCodes } from './candidates';
export {
  type DriveStiffness,
  driveStiffnessOf,
  type FrameInputs,
  frameInputs,
  frameKey,
  type Grades,
} from './inputs';
export type { Unbuilt } from './model';
export {
  type Flex,
  type FlexReport,
  flexReport,
  type FrameSummary,
  type ShapePoint,
  summaryOf,
  type WayId,
  ways,
} from './report';
export { type FrameTrial, frameTrials, rankedFor, type TrialStep, trialSteps } from './trials';
