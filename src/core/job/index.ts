export { JobCheck } from './check';
export { type JobRun, type JobStep, jobSteps, piecesOf, slowerJob } from './whole';
export { type Rewritten, type SlowerProgram } from './slower';
export { type Cornering, type Limits, type Planning } from './machine';
export { type PathClass, pathClasses, type Preview } from './preview';
export {
  type AtLine,
  type JobAxis,
  type JobReport,
  type TimeKind,
  timeKinds,
  type WorstLine,
} from './report';
export { type Moment, type Series } from './series';
export { type JobSetup, type JobStock } from './setup';
export { jobLetters } from './drives';
export { drivesOf, type JobDrive, type JobDrives } from './drives';
export { jobAt, planningOf, setupOf, takingOf } from './propose';
export { allJobsFound, type JobFound, jobsFound, MOST_UNASKED } from './found';
export { jobCodes, type JobCode, type JobFinding, jobFindings, jobVerdict } from './findings';
