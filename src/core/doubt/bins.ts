import { normalQuantile } from '@/core/numerics';

/**
 * Sorts draws into bins that are equally likely, by numbers of a normal distribution.
 * @param deviations standard deviations from the middle. @returns the bin of every draw.
 */
export function binsOf(deviations: ArrayLike<number>, bins: number): Uint8Array {
  const bounds = Array.from({ length: bins - 1 }, (_, i) => normalQuantile((i + 1) / bins));
  const found = new Uint8Array(deviations.length);
  for (let d = 0; d < found.length; d++) {
    let [low, high] = [0, bounds.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (deviations[d]! < bounds[middle]!) high = middle;
      else low = middle + 1;
    }
    found[d] = low;
  }
  return found;
}

/** An answer over draws, with its sum and what it varies by: hundreds of inputs are held against it. */
export interface Varying {
  readonly values: Float64Array;
  readonly sum: number;
  /** Sum of squares about the mean; 0 where it does not vary. */
  readonly total: number;
}

export function varying(values: Float64Array): Varying {
  let [sum, squares] = [0, 0];
  for (const v of values) {
    sum += v;
    squares += v * v;
  }
  const total = squares - (sum * sum) / values.length;
  return { values, sum, total: total > 1e-12 * squares ? total : 0 };
}

/**
 * Share of the variance of an answer that a binned input explains: the correlation ratio, less what chance
 * alone explains (epsilon², Kelley 1935).
 * @returns 0 to 1; 0 where the answer does not vary.
 */
export function explained({ values, sum: all, total }: Varying, bin: Uint8Array, bins: number): number {
  if (total === 0) return 0;
  const [count, sum] = [new Float64Array(bins), new Float64Array(bins)];
  const n = values.length;
  for (let d = 0; d < n; d++) {
    count[bin[d]!]! += 1;
    sum[bin[d]!]! += values[d]!;
  }
  let between = -(all * all) / n;
  for (let b = 0; b < bins; b++) if (count[b]! > 0) between += sum[b]! ** 2 / count[b]!;
  const eta = between / total;
  return Math.max(0, 1 - ((1 - eta) * (n - 1)) / (n - bins));
}
