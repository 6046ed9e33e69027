export {
  chainPull,
  chainSag,
  chainShaft,
  chainStiffness,
  chainTravel,
  chainWear,
  pitchDiameter,
  speedRipple,
} from './formulas';
export { resolveChain } from './resolve';
