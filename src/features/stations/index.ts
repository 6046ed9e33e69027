export { Coming } from './coming';
