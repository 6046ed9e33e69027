import { bisect, simpson } from '@/core/numerics';

/** Beyond so many degrees of freedom the normal distribution is meant. */
const MANY = 1e5;
/** Upper 2.5 % point of the normal distribution. */
const NORMAL = 1.959963984540054;
const STEPS = 200;

/** Integral of cos(a)^power from 0 to `end`. */
const area = (power: number, end: number) => simpson((a) => Math.cos(a) ** power, 0, end, STEPS);

/**
 * Integral of cos(a)^power over a quarter turn. Four powers up, where the end is smooth, and back by the
 * recurrence of Wallis; what lies beyond twelve deviations is nothing.
 */
function whole(power: number): number {
  const end = Math.min(Math.PI / 2, 12 / Math.sqrt(power + 4));
  return ((power + 2) / (power + 1)) * ((power + 4) / (power + 3)) * area(power + 4, end);
}

/**
 * Two-sided 95 % point of Student's distribution, t(0.975): with t = sqrt(nu) tan(a) the density is a power
 * of the cosine.
 * @param freedom degrees of freedom, 1 or more; need not be whole.
 * @throws RangeError below 1 or for NaN.
 */
export function student95(freedom: number): number {
  if (!(freedom >= 1)) throw new RangeError(`degrees of freedom: ${freedom}`);
  if (freedom > MANY) return NORMAL;
  const all = whole(freedom - 1);
  const most = Math.atan(13 / Math.sqrt(freedom));
  const found = bisect((a) => area(freedom - 1, a) / all - 0.95, 0, most, 1e-12);
  if (!found.ok) throw new RangeError(`no point of Student’s distribution for ${freedom}`);
  return Math.sqrt(freedom) * Math.tan(found.x);
}

/**
 * Of the chi-square distribution: what lies below a share that is given by its normal deviate (Wilson and
 * Hilferty 1931). Range: within 1 % from ten degrees of freedom on; at five the low tail is 4 % too low.
 */
export const chiSquare = (freedom: number, deviate: number): number =>
  freedom * (1 - 2 / (9 * freedom) + deviate * Math.sqrt(2 / (9 * freedom))) ** 3;
