export { SizeStation } from './size-station';
export { findingText, remedyText } from './wording';
