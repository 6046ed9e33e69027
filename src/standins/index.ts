export { type BenchAxis, benchStandIn, type BenchStandIn } from './bench';
export * from './controller';
export { type DialMakeup, dialStandIn, type DialStandIn, usualDial } from './dial/dial';
export * from './plant';
export { type Dice, diceOf, normalOf } from './seeds';
export * from './whole';
export * from './practice';
