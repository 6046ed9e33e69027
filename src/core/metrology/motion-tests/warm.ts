/** How far something had gone after a time. */
export interface Drift {
  readonly time: number;
  readonly off: number;
}

/** A warm-up: d (1 − exp(−t/tau)). */
export interface WarmUp {
  /** Where it ends, m, and the time after which 63 % of it are done, s. */
  readonly end: number;
  readonly tau: number;
  /** Root of the mean square that is left, m. */
  readonly left: number;
  /** Whether it was watched for two of these times: shorter, the end is a guess. */
  readonly longEnough: boolean;
}

/** The best end for a time constant, and what it leaves. */
function fitted(drift: readonly Drift[], tau: number): { readonly end: number; readonly left: number } {
  const shape = drift.map((d) => 1 - Math.exp(-d.time / tau));
  const square = shape.reduce((s, v) => s + v * v, 0);
  const end = square > 0 ? shape.reduce((s, v, i) => s + v * drift[i]!.off, 0) / square : 0;
  const left = Math.sqrt(drift.reduce((s, d, i) => s + (d.off - end * shape[i]!) ** 2, 0) / drift.length);
  return { end, left };
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * Warm-up drift by least squares: for each time constant the end is linear, the constant is found by golden
 * section over its logarithm, from a twentieth of the time watched to five times it.
 * @throws RangeError with fewer than four readings, or none after the start.
 */
export function warmUpOf(drift: readonly Drift[]): WarmUp {
  const last = Math.max(...drift.map((d) => d.time));
  if (drift.length < 4 || !(last > 0)) throw new RangeError('a warm-up wants four readings at least');
  let [a, b] = [Math.log(last / 20), Math.log(5 * last)];
  const left = (x: number) => fitted(drift, Math.exp(x)).left;
  for (let i = 0; i < 80; i++) {
    const [c, d] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
    if (left(c) < left(d)) b = d;
    else a = c;
  }
  const tau = Math.exp((a + b) / 2);
  return { ...fitted(drift, tau), tau, longEnough: last >= 2 * tau };
}
