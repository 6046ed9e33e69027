export { equalEnd, follow } from './follow';
export { leastCost } from './bound';
export { type CutPlan, planCuts } from './plan';
export { sawnByStop, type StopSetting, stopSettings } from './settings';
export type { Bar, BarForm, CutPiece, Job, Placed, Remnants, SawnBar, Saw } from './stock';
