export { type Push, pushOf, type PushFound } from './push';
export { plainRatios, type PlainRatio, type Reached, scaleOf, type ScaleFound, WRONG_NUMBER } from './steps';
export { mayTry, type RunOn, type Stopping, stoppingOf, wayAt } from './stops';
export { type Drift, type WarmUp, warmUpOf } from './warm';
