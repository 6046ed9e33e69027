/** A place that was reached, m. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Two circles about one centre that hold a trace, no two of them closer. */
export interface RingZone {
  readonly x: number;
  readonly y: number;
  readonly inner: number;
  readonly outer: number;
  /** outer − inner. */
  readonly width: number;
}

const ringAbout = (spots: readonly Spot[], x: number, y: number): RingZone => {
  let [inner, outer] = [Infinity, 0];
  for (const s of spots) {
    const r = Math.hypot(s.x - x, s.y - y);
    if (r < inner) inner = r;
    if (r > outer) outer = r;
  }
  return { x, y, inner, outer, width: outer - inner };
};

/** Least squares circle, linear in its centre (Kåsa); good where the trace goes all round. */
export function leastSquaresCircle(spots: readonly Spot[]): {
  readonly x: number;
  readonly y: number;
  readonly r: number;
} {
  const n = spots.length;
  if (n < 3) throw new RangeError('a circle wants three places at least');
  const [mx, my] = [spots.reduce((s, p) => s + p.x, 0) / n, spots.reduce((s, p) => s + p.y, 0) / n];
  let [xx, xy, yy, xr, yr, rr] = [0, 0, 0, 0, 0, 0];
  for (const p of spots) {
    const [x, y] = [p.x - mx, p.y - my];
    const r = x * x + y * y;
    xx += x * x;
    xy += x * y;
    yy += y * y;
    xr += x * r;
    yr += y * r;
    rr += r;
  }
  const det = xx * yy - xy * xy;
  if (!(det > 1e-18 * (xx + yy) ** 2)) throw new RangeError('these places lie on one line');
  const cx = (xr * yy - yr * xy) / (2 * det);
  const cy = (yr * xx - xr * xy) / (2 * det);
  return { x: mx + cx, y: my + cy, r: Math.sqrt(rr / n + cx * cx + cy * cy) };
}

const ROUNDS = 60;

/**
 * Minimum zone circles (ISO 230-4: circular deviation G). The width is found by a search over the centre
 * that halves
 * its step whenever eight directions bring nothing, from the least squares centre. It never ends above its
 * start.
 * @throws RangeError with fewer than three places, or where they lie on one line.
 */
export function ringZone(spots: readonly Spot[]): RingZone {
  const start = leastSquaresCircle(spots);
  let best = ringAbout(spots, start.x, start.y);
  let step = best.width / 2;
  const least = start.r * 1e-13;
  for (let round = 0; round < ROUNDS && step > least; round++) {
    const better = improved(spots, best, step);
    if (better) best = better;
    else step /= 3;
  }
  return best;
}

/** The best of sixteen steps round a centre; undefined where none is better. */
function improved(spots: readonly Spot[], from: RingZone, step: number): RingZone | undefined {
  let best: RingZone | undefined;
  for (let i = 0; i < 16; i++) {
    const a = (i * Math.PI) / 8;
    const found = ringAbout(spots, from.x + step * Math.cos(a), from.y + step * Math.sin(a));
    if (found.width < (best ?? from).width) best = found;
  }
  return best;
}
