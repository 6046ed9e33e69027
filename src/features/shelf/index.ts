export { Shelf } from './shelf';
export { Practise } from './practise';
