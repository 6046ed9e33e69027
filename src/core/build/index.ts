export * from './cutting';
export * from './money';
export * from './needs';
export { daysOn, dayOf, isoOf, weekdayOf } from './days';
export * from './list';
export * from './report';
export * from './sawing';
