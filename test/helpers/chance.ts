/** Numbers that look random and are the same for the same seed. */
export interface Chance {
  /** 0 up to and without 1. */
  readonly next: () => number;
  /** 0 up to and without `below`, whole. */
  readonly below: (below: number) => number;
  readonly pick: <T>(list: readonly T[]) => T;
}

/** The seed of this run: fixed, so that a failure comes again; another one may be given from outside. */
export const SEED = Number(process.env.TEST_SEED ?? 20261126);

/** How much wider than usual the random tests go. */
export const WIDE = Number(process.env.TEST_WIDE ?? 1);

/** mulberry32, a 32-bit generator in the public domain. */
export function chance(seed: number): Chance {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const below = (n: number) => Math.floor(next() * n);
  return { next, below, pick: (list) => list[below(list.length)]! };
}
