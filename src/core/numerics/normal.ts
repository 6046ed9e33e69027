/** Beyond so many deviations nothing is left in 64 bits. */
const FAR = 8;

/**
 * Share of a normal distribution below z standard deviations, by the series of the error function, which
 * loses nothing: all its terms are positive. Abramowitz and Stegun, 7.1.6.
 */
export function normalCdf(z: number): number {
  if (z > FAR) return 1;
  if (z < -FAR) return 0;
  const x = Math.abs(z) / Math.SQRT2;
  let [sum, term] = [x, x];
  for (let n = 1; term > sum * 1e-17; n++) {
    term *= (2 * x * x) / (2 * n + 1);
    sum += term;
  }
  const half = (Math.exp(-x * x) * sum) / Math.sqrt(Math.PI);
  return z < 0 ? 0.5 - half : 0.5 + half;
}

/** Coefficients of the fit below: in the middle, and in the tails. */
const MIDDLE = {
  over: [
    -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2, -3.066479806614716e1,
    2.506628277459239,
  ],
  under: [
    -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1,
    -1.328068155288572e1, 1,
  ],
} as const;
const TAIL = {
  over: [
    -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ],
  under: [7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416, 1],
} as const;
/** Below this share the tail begins. */
const TAIL_AT = 0.02425;

const polynomial = (coefficients: readonly number[], x: number) => {
  let sum = 0;
  for (const c of coefficients) sum = sum * x + c;
  return sum;
};

/**
 * How many standard deviations a share of a normal distribution lies below: `normalCdf` backwards. Rational
 * fit of P. J. Acklam (2003, from memory), off by a billionth of its value at most; the test holds it against
 * the series.
 * @param share above 0 and below 1.
 */
export function normalQuantile(share: number): number {
  if (share < TAIL_AT) {
    const q = Math.sqrt(-2 * Math.log(share));
    return polynomial(TAIL.over, q) / polynomial(TAIL.under, q);
  }
  if (share > 1 - TAIL_AT) return -normalQuantile(1 - share);
  const q = share - 0.5;
  const r = q * q;
  return (polynomial(MIDDLE.over, r) * q) / polynomial(MIDDLE.under, r);
}
