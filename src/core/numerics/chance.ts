/** Chance as it is handed in: the next number, 0 or more and below 1. */
export type Chance = () => number;

/**
 * Chance that repeats itself: the same numbers for the same seed. Weyl sequence with two rounds of mixing,
 * 32 bits; good for drawing, not for secrets.
 */
export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Numbers of a normal distribution with mean 0 and standard deviation 1 (Box and Muller), by a seed. */
export function normalsFrom(seed: number): () => number {
  const chance = chanceFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());
}
