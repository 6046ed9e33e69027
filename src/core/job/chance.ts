import { normalCdf } from '@/core/numerics';

/**
 * The chance that more torque is asked than pulls a motor out, where their ratio is off by so much to either
 * side, as a factor (log-normal; JCGM 101, 6.4.7 for quantities that cannot be below nought).
 * @param pull asked over what pulls out, in the middle. @param doubt of it, one standard deviation, relative.
 */
export const slipChance = (pull: number, doubt: number): number =>
  pull <= 0 ? 0 : pull === Infinity ? 1 : normalCdf(Math.log(pull) / doubt);
