export { StartView } from './start-view';
