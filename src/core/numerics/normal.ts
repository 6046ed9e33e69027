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
