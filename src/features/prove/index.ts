export { ProveStation } from './prove-station';
