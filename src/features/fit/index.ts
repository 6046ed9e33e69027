export { FitStation } from './fit-station';
