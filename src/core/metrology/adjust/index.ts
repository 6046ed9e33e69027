export { type BoltPair, groupEffect } from './group';
export { nextMoves, type NextMove, type Stop, stopOf } from './next';
export { factorSeen, roundFactor, roundsLeft, SOLVE_TOGETHER } from './rounds';
export { type Coupled, solveTogether, type Together } from './together';
