export { bisect, type Root } from './root';
export { simpson } from './quadrature';
