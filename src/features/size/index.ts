export { SizeStation } from './size-station';
