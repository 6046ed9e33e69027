export { type Job, type JobOptions, jobPool, type JobPool, type JobPlace, type PoolTools } from './pool';
export type { BuildAnswer, JobName, JobResult, Jobs, JobService } from './protocol';
export { type JobCall, JobProvider, useJob, useJobPool, useJobPlace } from './react';
export { localZone } from './local-zone';
export { type StandInMachine, standInMachine, type StandInTravels } from './stand-in';
