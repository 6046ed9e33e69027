export { jobCorners, type JobSaid, jobTakes, MOST_JOBS } from './jobs';
export { startingJob, startingProve, startingSheet, startingTrial } from './starting';
export {
  type HappeningKind,
  happenings,
  type HappeningSaid,
  type InstrumentKind,
  instrumentKinds,
  type MoveKind,
  moveKinds,
  type RoundReading,
  type RoundSaid,
  type SheetSaid,
} from './truing';
export {
  type PracticeFault,
  practiceFaults,
  type PracticeHint,
  practiceHints,
  type PracticeLevel,
  practiceLevels,
  type PracticeNamed,
  type PracticeSaid,
} from './practice';
export { type HandFind, handFinds, type Sign, signs, type SymptomSaid } from './symptoms';
export { type PostingSaid, type TrialEntry, type TrialSaid, type TrialTaken } from './trials';
