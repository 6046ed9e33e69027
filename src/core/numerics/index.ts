export { bisect, type Root } from './root';
export { simpson } from './quadrature';
export {
  addTo,
  type Banded,
  banded,
  entryOf,
  type Factored,
  factorBanded,
  inverseInBand,
  solveBanded,
} from './banded';
export { normalCdf, normalQuantile } from './normal';
export { type Chance, chanceFrom, normalsFrom } from './chance';
