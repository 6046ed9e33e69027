export { bisect, type Root } from './root';
export { simpson } from './quadrature';
export { addTo, type Banded, banded, type Factored, factorBanded, solveBanded, timesBanded } from './banded';
