export { MendSheet } from './mend-sheet';
