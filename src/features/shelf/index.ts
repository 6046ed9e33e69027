export { Shelf } from './shelf';
