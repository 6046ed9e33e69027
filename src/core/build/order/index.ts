export { type Conflict, conflictOf, type Reason } from './conflict';
export { type Ordered, orderSteps } from './order';
export { type Demand, type Depth, serviceDepth, type ServicePart } from './service';
export type { Access, OrderStep } from './task';
export { goTwice, type Turn, type Twice } from './twice';
