import { Matrix, SingularValueDecomposition } from 'ml-matrix';

/** A place on a table or frame and how high it is. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly h: number;
}

/** A plane h = offset + alongX x + alongY y through spots, and what it leaves. */
export interface Plane {
  readonly offset: number;
  readonly alongX: number;
  readonly alongY: number;
  /** Heights of the spots over it, in their order. */
  readonly left: readonly number[];
  /** From the lowest to the highest of these. */
  readonly flatness: number;
}

/** Below this share of the largest singular value the spots stand on one line. */
const THIN = 1e-9;

/**
 * Plane of least squares.
 * @throws RangeError where fewer than three spots, or all on one line, are given.
 */
export function leastSquaresPlane(spots: readonly Spot[]): Plane {
  const n = spots.length;
  const [mx, my] = [spots.reduce((s, p) => s + p.x, 0) / n, spots.reduce((s, p) => s + p.y, 0) / n];
  const rows = new Matrix(spots.length ? spots.map((p) => [1, p.x - mx, p.y - my]) : [[1, 0, 0]]);
  const svd = new SingularValueDecomposition(rows, { autoTranspose: true });
  const values = svd.diagonal;
  if (n < 3 || values[2]! < THIN * values[0]!) throw new RangeError('a plane wants three spots off one line');
  const [mean, alongX, alongY] = svd.solve(Matrix.columnVector(spots.map((p) => p.h))).to1DArray() as [
    number,
    number,
    number,
  ];
  const offset = mean - alongX * mx - alongY * my;
  const left = spots.map((p) => p.h - offset - alongX * p.x - alongY * p.y);
  return { offset, alongX, alongY, left, flatness: Math.max(...left) - Math.min(...left) };
}
