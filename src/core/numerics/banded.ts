/**
 * A symmetric matrix that is zero outside a band about its diagonal; the lower half is kept, row by row.
 * `values[i * (width + 1) + width + j - i]` is the entry (i, j) for i - width <= j <= i.
 */
export interface Banded {
  readonly size: number;
  readonly width: number;
  readonly values: Float64Array;
}

/** @param width half bandwidth: how far from the diagonal an entry may stand. */
export const banded = (size: number, width: number): Banded => ({
  size,
  width,
  values: new Float64Array(size * (width + 1)),
});

/**
 * Adds to an entry of either half. @throws RangeError outside the band: a fault of whoever numbered the
 * unknowns.
 */
export function addTo({ width, values }: Banded, row: number, column: number, value: number): void {
  const [i, j] = row >= column ? [row, column] : [column, row];
  if (i - j > width) throw new RangeError(`entry (${row}, ${column}) lies outside a band of ${width}`);
  values[i * (width + 1) + width + j - i]! += value;
}

/**
 * A matrix split for solving, or the row at which it was found not to be positive definite: something there
 * is not held.
 */
export type Factored =
  | { readonly ok: true; readonly factor: Banded }
  | { readonly ok: false; readonly code: 'not-positive-definite'; readonly row: number };

/** Cholesky without leaving the band. @param matrix is left as it is. */
export function factorBanded({ size, width, values }: Banded): Factored {
  const w = width + 1;
  const l = values.slice();
  for (let i = 0; i < size; i++) {
    const first = Math.max(0, i - width);
    const row = i * w + width - i;
    const diagonal = l[row + i]!;
    for (let j = first; j <= i; j++) {
      const other = j * w + width - j;
      let sum = l[row + j]!;
      for (let k = Math.max(first, j - width); k < j; k++) sum -= l[row + k]! * l[other + k]!;
      if (j < i) l[row + j] = sum / l[other + j]!;
      // A pivot that is only rounding is no pivot: the part is loose.
      else if (!(sum > 1e-13 * Math.abs(diagonal)))
        return { ok: false, code: 'not-positive-definite', row: i };
      else l[row + i] = Math.sqrt(sum);
    }
  }
  return { ok: true, factor: { size, width, values: l } };
}

/** Solves for one right-hand side in place. @param x right-hand side, becomes the answer. */
export function solveBanded({ size, width, values }: Banded, x: Float64Array): void {
  const w = width + 1;
  for (let i = 0; i < size; i++) {
    const row = i * w + width - i;
    let sum = x[i]!;
    for (let k = Math.max(0, i - width); k < i; k++) sum -= values[row + k]! * x[k]!;
    x[i] = sum / values[row + i]!;
  }
  for (let i = size - 1; i >= 0; i--) {
    const row = i * w + width - i;
    const found = x[i]! / values[row + i]!;
    x[i] = found;
    for (let k = Math.max(0, i - width); k < i; k++) x[k]! -= values[row + k]! * found;
  }
}

/**
 * Those entries of the inverse that lie in the band, without the others: size x width² steps in place of
 * size² x width (Takahashi, Fagan and Chen 1973; Erisman and Tinney 1975).
 */
export function inverseInBand({ size, width, values }: Banded): Banded {
  const w = width + 1;
  const z = banded(size, width);
  const out = z.values;
  for (let j = size - 1; j >= 0; j--) {
    const last = Math.min(size - 1, j + width);
    const pivot = values[j * w + width]!;
    for (let i = last; i >= j; i--) {
      let sum = i === j ? 1 / pivot : 0;
      for (let k = j + 1; k <= last; k++) {
        const [r, c] = k >= i ? [k, i] : [i, k];
        sum -= values[k * w + width + j - k]! * out[r * w + width + c - r]!;
      }
      out[i * w + width + j - i] = sum / pivot;
    }
  }
  return z;
}

/** An entry of either half; zero outside the band. */
export const entryOf = ({ width, values }: Banded, row: number, column: number): number => {
  const [i, j] = row >= column ? [row, column] : [column, row];
  return i - j > width ? 0 : values[i * (width + 1) + width + j - i]!;
};
