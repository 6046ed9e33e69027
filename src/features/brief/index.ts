export { BriefStation } from './brief-station';
