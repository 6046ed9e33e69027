export { type Cell, cellsOf } from './cells';
export { happenedEdits, movedEdits, readEdits, sheetEdits, startedRound, unreadEdits } from './edits';
export { exactResult, exactRound } from './exact';
export { type Figure } from './figure';
export { type MoveGroup, moveGroups } from './groups';
export { type BestMove, bestMove, endOf, readingMinutes, worstFigure } from './next';
export { truingPlan } from './plan';
export { type SheetMove, type SheetResult } from './result';
export {
  type Good,
  type GoodFrom,
  methodsOf,
  partOf,
  type ReadingOf,
  type SheetCaution,
  type SheetKind,
  type SheetMethod,
  type SheetPlan,
} from './sheet';
export { spoils } from './spoils';
export {
  isLine,
  newestTemperature,
  type RoundMemory,
  type RoundState,
  type SheetState,
  type Stale,
  type Truing,
  truingOf,
} from './state';
