import { Matrix, solve } from 'ml-matrix';
import { student95 } from '../doubt';

/** A place that was asked, what was measured there, and from which side it was come to. */
export interface Reached {
  readonly asked: number;
  readonly measured: number;
  readonly from: 'below' | 'above';
}

/** Scale and lost motion of an axis, apart. */
export interface ScaleFound {
  /** What is measured over what is asked. */
  readonly scale: number;
  /** Half of its 95 % interval, with that of the measure itself. */
  readonly expanded: number;
  /** From below less from above, m; negative: lost motion, positive: too much is made up for. */
  readonly reversal: number;
  readonly reversalExpanded: number;
  /** Scatter of one reading about the fit, m. */
  readonly scatter: number;
}

/** Offset, scale and reversal want one reading to spare. */
const LEAST = 4;

/**
 * Steps per unit from several distances: y = c + m x + (B/2) d, d = ±1 by the side it was come from. Scale
 * and lost motion do not mix, as they do where one distance alone is measured.
 * @param measureDoubt standard uncertainty of the measure by its length: 1e-4 for a tenth of a millimetre a
 * metre.
 * @throws RangeError with fewer than four readings, or where they do not tell the three apart.
 */
export function scaleOf(readings: readonly Reached[], measureDoubt: number): ScaleFound {
  if (readings.length < LEAST) throw new RangeError('a scale wants four readings at least');
  const side = (r: Reached) => (r.from === 'below' ? 1 : -1);
  const rows = new Matrix(readings.map((r) => [1, r.asked, side(r) / 2]));
  const normal = rows.transpose().mmul(rows);
  const spread = readings.some((r) => r.asked !== readings[0]!.asked);
  const sides = new Set(readings.map((r) => r.from)).size;
  if (!spread || sides < 2) throw new RangeError('places and sides must differ');
  const y = Matrix.columnVector(readings.map((r) => r.measured));
  const fit = solve(normal, rows.transpose().mmul(y));
  const rest = Matrix.sub(y, rows.mmul(fit)).to1DArray();
  const freedom = readings.length - 3;
  const scatter = Math.sqrt(rest.reduce((s, v) => s + v * v, 0) / freedom);
  const cover = solve(normal, Matrix.eye(3));
  const t = student95(freedom);
  return {
    scale: fit.get(1, 0),
    expanded: Math.hypot(t * scatter * Math.sqrt(cover.get(1, 1)), 1.96 * measureDoubt),
    reversal: fit.get(2, 0),
    reversalExpanded: t * scatter * Math.sqrt(cover.get(2, 2)),
    scatter,
  };
}

/** Greatest number of teeth or starts that a mistaken ratio is looked for with. */
const MOST_TEETH = 72;
/** Up to this a screw can be off by itself; beyond, a number is wrong. */
export const WRONG_NUMBER = 1e-3;

/** A ratio that somebody could have mistaken, as a fraction. */
export interface PlainRatio {
  readonly over: number;
  readonly under: number;
}

/**
 * Ratios that a scale is near to: inch for millimetre, powers of two, 5/4, neighbouring teeth; and their
 * inverses.
 * @param within half width in which a scale counts as that ratio.
 */
export function plainRatios(scale: number, within: number): readonly PlainRatio[] {
  const candidates: PlainRatio[] = [
    { over: 254, under: 10 },
    ...[1, 2, 3, 4, 5].map((k) => ({ over: 2 ** k, under: 1 })),
    { over: 5, under: 4 },
    ...Array.from({ length: MOST_TEETH }, (_, i) => ({ over: i + 2, under: i + 1 })),
  ];
  const both = candidates.flatMap((r) => [r, { over: r.under, under: r.over }]);
  const found = both.filter((r) => Math.abs(scale - r.over / r.under) <= within);
  const seen = new Set<number>();
  return found.filter((r) => !seen.has(r.over / r.under) && seen.add(r.over / r.under));
}
