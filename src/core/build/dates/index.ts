export { entriesOf, type HandedOut, type PlannedEntry } from './entries';
export { cureFactor, type DatesInput, movedBetween, type WorkPlan, workPlan } from './plan';
export type { Missing } from './step-parts';
export { linesFor } from './step-parts';
export { type Doable, type Tonight, tonightOf } from './tonight';
