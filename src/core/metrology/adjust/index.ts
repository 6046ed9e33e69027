export { type BoltPair, groupEffect } from './group';
export { factorSeen, roundFactor, roundsLeft, SOLVE_TOGETHER } from './rounds';
export { type Coupled, solveTogether, type Together } from './together';
export { type Stop, stopOf } from './stop';
