import { CholeskyDecomposition, EigenvalueDecomposition, Matrix } from 'ml-matrix';

/**
 * Euler-Bernoulli beam by finite elements, solved with a general-purpose eigenvalue solver: the referee for
 * critical speeds and column loads. Independent of the product's closed forms.
 */
export interface Beam {
  readonly length: number;
  readonly EI: number;
  /** Mass per length, kg/m. */
  readonly mass: number;
  readonly elements: number;
  /** Constrained deflection (`w`) or slope (`t`) by node. */
  readonly held: readonly { readonly node: number; readonly dof: 'w' | 't' }[];
  /** Compression, N. */
  readonly compression?: number;
}

function assemble(beam: Beam) {
  const n = beam.elements;
  const h = beam.length / n;
  const size = 2 * (n + 1);
  const K = Matrix.zeros(size, size);
  const M = Matrix.zeros(size, size);
  const G = Matrix.zeros(size, size);
  const k = [
    [12, 6 * h, -12, 6 * h],
    [6 * h, 4 * h * h, -6 * h, 2 * h * h],
    [-12, -6 * h, 12, -6 * h],
    [6 * h, 2 * h * h, -6 * h, 4 * h * h],
  ];
  const m = [
    [156, 22 * h, 54, -13 * h],
    [22 * h, 4 * h * h, 13 * h, -3 * h * h],
    [54, 13 * h, 156, -22 * h],
    [-13 * h, -3 * h * h, -22 * h, 4 * h * h],
  ];
  const g = [
    [36, 3 * h, -36, 3 * h],
    [3 * h, 4 * h * h, -3 * h, -h * h],
    [-36, -3 * h, 36, -3 * h],
    [3 * h, -h * h, -3 * h, 4 * h * h],
  ];
  for (let e = 0; e < n; e++)
    for (let i = 0; i < 4; i++)
      for (let j = 0; j < 4; j++) {
        const [r, c] = [2 * e + i, 2 * e + j];
        K.set(r, c, K.get(r, c) + (beam.EI / h ** 3) * k[i]![j]!);
        M.set(r, c, M.get(r, c) + ((beam.mass * h) / 420) * m[i]![j]!);
        G.set(r, c, G.get(r, c) + (1 / (30 * h)) * g[i]![j]!);
      }
  const held = new Set(beam.held.map((s) => 2 * s.node + (s.dof === 't' ? 1 : 0)));
  const free = Array.from({ length: size }, (_, i) => i).filter((i) => !held.has(i));
  const pick = (A: Matrix) => A.selection(free, free);
  return { K: pick(K), M: pick(M), G: pick(G) };
}

/** Smallest eigenvalue of A x = l B x with B positive definite. */
function smallest(A: Matrix, B: Matrix): number {
  // The largest eigenvalue of A⁻¹ B by way of the Cholesky factor of A is the reciprocal of the one wanted.
  const L = new CholeskyDecomposition(A).lowerTriangularMatrix;
  const inverse = Matrix.zeros(L.rows, L.rows);
  for (let c = 0; c < L.rows; c++)
    for (let r = c; r < L.rows; r++) {
      let sum = r === c ? 1 : 0;
      for (let j = c; j < r; j++) sum -= L.get(r, j) * inverse.get(j, c);
      inverse.set(r, c, sum / L.get(r, r));
    }
  const S = inverse.mmul(B).mmul(inverse.transpose());
  const values = new EigenvalueDecomposition(S, { assumeSymmetric: true }).realEigenvalues;
  return 1 / Math.max(...values);
}

/** First natural frequency of bending, rad/s. */
export function firstFrequency(beam: Beam): number {
  const { K, M, G } = assemble(beam);
  return Math.sqrt(smallest(Matrix.sub(K, Matrix.mul(G, beam.compression ?? 0)), M));
}

/** Load at which the beam buckles, N. */
export function bucklingLoad(beam: Beam): number {
  const { K, G } = assemble(beam);
  return smallest(K, G);
}

/** Supports by name: fixed holds place and slope, hinge holds the place. */
export function supports(
  a: 'fixed' | 'hinge' | 'free',
  b: 'fixed' | 'hinge' | 'free',
  elements: number,
): Beam['held'] {
  const at = (node: number, hold: string): { node: number; dof: 'w' | 't' }[] =>
    hold === 'free'
      ? []
      : hold === 'hinge'
        ? [{ node, dof: 'w' }]
        : [
            { node, dof: 'w' },
            { node, dof: 't' },
          ];
  return [...at(0, a), ...at(elements, b)];
}
