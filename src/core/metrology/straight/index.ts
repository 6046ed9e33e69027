export * as straightFormulas from './formulas';
export { between, heightAt, leastSquaresLine, type Line, rangeAbout } from './line';
export { type Move, type Shims, shimsFor, sidewaysFor } from './shims';
export { heightsByLevel } from './walk';
export { hullOf, minimumZone, type Zone } from './zone';
export { type ZoneDoubt, zoneDoubt } from './zone-doubt';
