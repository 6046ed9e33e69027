export { axisDoubt, type AxisDoubt, type RungDoubt } from './doubt';
export { type Change, type Comparison, type ComparedRow, compareReports } from './compare';
export { moved, outcomeKey, restsOf } from './rests';
