export { LogStation } from './log-station';
