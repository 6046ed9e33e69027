export { barKey, barNeeds, fromBars } from './bar-needs';
export { barsKey, begunId, openSpoilt, sawingPlan, type SawnByGuess, type SectionPlan } from './plan';
export { sawOf, startingSaw, usualBars } from './saws';
export { type NextCut, nextCuts, offcutEdits, sawnEdits, spoiltPieces, unsawnEdits } from './ticks';
export type { WantedPiece } from './wanted';
