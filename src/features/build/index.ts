export { BuildStation } from './build-station';
