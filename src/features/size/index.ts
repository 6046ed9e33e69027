export { SizeStation } from './size-station';
export { sizeTabs } from './tabs';
