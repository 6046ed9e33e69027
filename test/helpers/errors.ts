import type { Chance } from './chance';

/** Numbers of a normal distribution with mean 0 and standard deviation 1 (Box and Muller). */
export const normal = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(1 - chance.next())) * Math.cos(2 * Math.PI * chance.next());

/** Evenly between -half and half. */
export const even = (chance: Chance, half: number): number => (2 * chance.next() - 1) * half;

/** An instrument as it errs: off by up to its limit, scattered, and read to its digit. */
export const misread = (
  chance: Chance,
  truth: number,
  { digit, limit, scatter }: { readonly digit: number; readonly limit: number; readonly scatter: number },
): number => {
  const seen = truth + even(chance, limit) + scatter * normal(chance);
  return digit > 0 ? Math.round(seen / digit) * digit : seen;
};

/** Share of cases in which a stated interval holds the truth. */
export function covered(
  cases: number,
  one: () => { readonly value: number; readonly truth: number; readonly expanded: number },
): number {
  let inside = 0;
  for (let i = 0; i < cases; i++) {
    const { value, truth, expanded } = one();
    if (Math.abs(value - truth) <= expanded) inside++;
  }
  return inside / cases;
}

/** What a statement at 95 % must come to in 2000 simulated cases. */
export const LEAST_COVER = 0.93;
export const MOST_COVER = 0.995;
export const CASES = 2000;
