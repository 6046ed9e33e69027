import { Matrix, SingularValueDecomposition } from 'ml-matrix';

/** What is read, how much of it is good enough, and what each move does to it. */
export interface Coupled {
  /** Readings that should be nought. */
  readonly readings: readonly number[];
  /** Good-enough limit of each, above 0. */
  readonly limits: readonly number[];
  /** Change of each reading (rows) by one unit of each move (columns), as it was tried or reckoned. */
  readonly effect: readonly (readonly number[])[];
}

export interface Together {
  readonly moves: readonly number[];
  /** Readings that are expected afterwards. */
  readonly left: readonly number[];
  /** Largest by smallest singular value that is used; many: two moves do nearly the same. */
  readonly condition: number;
  /** Whether moves that only fight one another were left out. */
  readonly trimmed: boolean;
}

/** Singular values below the largest by more than this only make moves large that cancel each other. */
const MOST_CONDITION = 30;

/**
 * Effects in tolerances of the readings. @throws RangeError where sizes do not fit or a limit is not above
 * 0.
 */
export function weighted({ readings, limits, effect }: Coupled): {
  readonly A: Matrix;
  readonly r: number[];
} {
  const moves = effect[0]?.length ?? 0;
  if (!moves || effect.length !== readings.length || limits.length !== readings.length)
    throw new RangeError('every reading wants its limit and the effect of every move');
  if (effect.some((row) => row.length !== moves)) throw new RangeError('effects of unequal length');
  if (limits.some((l) => !(l > 0))) throw new RangeError('a limit is not above nought');
  return {
    A: new Matrix(effect.map((row, i) => row.map((v) => v / limits[i]!))),
    r: readings.map((v, i) => v / limits[i]!),
  };
}

/**
 * All moves at once, by least squares in tolerances: min |W (r + A v)|². Directions in which moves nearly
 * cancel each other are left out.
 */
export function solveTogether(coupled: Coupled): Together {
  const { A, r } = weighted(coupled);
  const svd = new SingularValueDecomposition(A, { autoTranspose: true });
  const largest = svd.diagonal[0]!;
  const used = svd.diagonal.map((s) => s > 0 && s * MOST_CONDITION >= largest);
  const b = svd.leftSingularVectors.transpose().mmul(Matrix.columnVector(r)).to1DArray();
  const scaled = svd.diagonal.map((s, i) => (used[i] ? -b[i]! / s : 0));
  const moves = svd.rightSingularVectors.mmul(Matrix.columnVector(scaled)).to1DArray();
  const left = coupled.readings.map(
    (v, i) => v + coupled.effect[i]!.reduce((s, e, j) => s + e * moves[j]!, 0),
  );
  const kept = svd.diagonal.filter((_, i) => used[i]);
  return {
    moves,
    left,
    condition: kept.length ? largest / kept[kept.length - 1]! : Infinity,
    trimmed: used.some((u) => !u),
  };
}
