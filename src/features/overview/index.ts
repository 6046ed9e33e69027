export { Overview } from './overview';
