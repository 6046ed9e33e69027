import { TO_95 } from './streams';

/** A chance out of draws, with the 95 % interval in which it lies. */
export interface Chance {
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly draws: number;
}

/** Of `hits` in `draws`: Wilson's interval (E. B. Wilson, 1927), which holds at none and at all as well. */
export function wilson(hits: number, draws: number): Chance {
  const share = hits / draws;
  const z2 = TO_95 ** 2;
  const middle = (share + z2 / (2 * draws)) / (1 + z2 / draws);
  const half = (TO_95 * Math.sqrt((share * (1 - share)) / draws + z2 / (4 * draws ** 2))) / (1 + z2 / draws);
  return { share, low: Math.max(0, middle - half), high: Math.min(1, middle + half), draws };
}

/** Chance below which something lies that happened in none of so many draws, one-sided 95 %. */
export const noneOf = (draws: number): number => 1 - 0.05 ** (1 / draws);
