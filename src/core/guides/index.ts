export { busiest, type Busiest, loadsIn, plateShape } from './busiest';
export { type GuideFigure, resolveGuide, type ResolvedGuide } from './resolve';
export { type GuideCaseId, guideCases } from './cases';
export type { GuideConcern } from './concerns';
export {
  type CarriageLoad,
  carriageLoad,
  carriagePlaces,
  equivalentOf,
  evenSquares,
  type PlateLoad,
  plateSquares,
  type PlateShape,
} from './plate';
export { mountingLimit } from './limits';
export * as guide from './formulas';
