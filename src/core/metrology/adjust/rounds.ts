import { EigenvalueDecomposition, inverse, Matrix } from 'ml-matrix';

/**
 * What one round of single adjustments leaves, as a factor: each reading is made nought by its own move, one
 * after
 * the other, and spoils the others. The spectral radius of I - L⁻¹A, L the lower triangle with the diagonal
 * (Gauss and Seidel). 1 or more runs away.
 * @param effect square: change of each reading by its own move and by those of the others.
 * @throws RangeError where it is not square or an own move does nothing.
 */
export function roundFactor(effect: readonly (readonly number[])[]): number {
  const n = effect.length;
  if (!n || effect.some((row) => row.length !== n)) throw new RangeError('effects are not square');
  if (effect.some((row, i) => row[i] === 0)) throw new RangeError('a move does nothing to its own reading');
  const A = new Matrix(effect.map((row) => [...row]));
  const lower = new Matrix(effect.map((row, i) => row.map((v, j) => (j <= i ? v : 0))));
  const left = Matrix.sub(Matrix.eye(n), inverse(lower).mmul(A));
  const { realEigenvalues, imaginaryEigenvalues } = new EigenvalueDecomposition(left);
  return Math.max(...realEigenvalues.map((re, i) => Math.hypot(re, imaginaryEigenvalues[i]!)));
}

/** Above this factor it is worth solving all together instead. */
export const SOLVE_TOGETHER = 0.5;

/**
 * Rounds until the worst reading is inside its limit; 0 where it is already; null where it never gets there.
 * @param worst reading by limit.
 */
export function roundsLeft(worst: number, factor: number): number | null {
  if (worst <= 1) return 0;
  if (!(factor < 1)) return null;
  return factor === 0 ? 1 : Math.ceil(Math.log(1 / worst) / Math.log(factor));
}

/** Factor that past rounds show: the mean of each by the one before; null with fewer than two rounds. */
export function factorSeen(rounds: readonly number[]): number | null {
  const shares = rounds.slice(1).flatMap((v, i) => (rounds[i]! > 0 ? [v / rounds[i]!] : []));
  if (!shares.length) return null;
  return Math.exp(shares.reduce((s, v) => s + Math.log(Math.max(v, 1e-6)), 0) / shares.length);
}
