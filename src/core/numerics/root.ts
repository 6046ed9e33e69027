/** A root, or the reason why there is none: never a number that is not a root. */
export type Root =
  | { readonly ok: true; readonly x: number; readonly residual: number; readonly iterations: number }
  | { readonly ok: false; readonly code: 'no-sign-change' | 'not-finite' };

/**
 * Bisection: slow and sure, which suits the pull-out curve with its corners, where a secant can leave the
 * bracket.
 * @param f continuous on [low, high], with values of different sign at the two ends.
 * @param tolerance width of the last bracket, absolute.
 */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance: number): Root {
  let a = low;
  let b = high;
  let fa = f(a);
  const fb = f(b);
  if (!Number.isFinite(fa) || !Number.isFinite(fb)) return { ok: false, code: 'not-finite' };
  if (fa === 0) return { ok: true, x: a, residual: 0, iterations: 0 };
  if (fb === 0) return { ok: true, x: b, residual: 0, iterations: 0 };
  if (fa > 0 === fb > 0) return { ok: false, code: 'no-sign-change' };
  let iterations = 0;
  while (b - a > tolerance && iterations < 200) {
    const mid = (a + b) / 2;
    const fm = f(mid);
    iterations++;
    if (!Number.isFinite(fm)) return { ok: false, code: 'not-finite' };
    if (fm === 0) return { ok: true, x: mid, residual: 0, iterations };
    if (fm > 0 === fa > 0) {
      a = mid;
      fa = fm;
    } else b = mid;
  }
  return { ok: true, x: a, residual: fa, iterations };
}
