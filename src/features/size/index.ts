export { SizeStation } from './size-station';
export { findingText } from './wording-findings';
export { remedyText } from './wording-remedies';
