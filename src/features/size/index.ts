export { SizeStation } from './size-station';
export { findingText } from './wording-findings';
export { remedyText } from './wording-remedies';
export { sizeTabs, WHOLE } from './tabs';
export { labelOf } from './labels';
