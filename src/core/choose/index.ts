export { axisDoubt, type AxisDoubt, type RungDoubt } from './doubt';
