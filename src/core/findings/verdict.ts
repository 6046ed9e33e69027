/**
 * What a check says. `not-known` is an answer of its own: an input is missing, so nothing may be claimed.
 */
export type Verdict = 'holds' | 'thin' | 'gives-out' | 'not-known';

/** How much a verdict weighs where several stand together. */
export const severity: Readonly<Record<Verdict, number>> = {
  'gives-out': 3,
  thin: 2,
  'not-known': 1,
  holds: 0,
};

/** The verdict that decides where several stand together; of an empty list `not-known`. */
export function worstVerdict(verdicts: readonly Verdict[]): Verdict {
  let worst: Verdict | undefined;
  for (const v of verdicts) if (worst === undefined || severity[v] > severity[worst]) worst = v;
  return worst ?? 'not-known';
}

/** Orders the worst first. */
export const byWeight = (a: Verdict, b: Verdict): number => severity[b] - severity[a];

/**
 * Below this ratio of limit to wish a check that holds is called thin. The limits themselves carry their
 * allowances already (80 % of whip, 60 % of pull-out, ...). Common practice, no source.
 */
export const THIN_MARGIN = 1.15;

/**
 * Verdict of a limit against what is asked of it.
 * @param limit what can be had; the infinities mean that nothing limits.
 * @param asked what is wanted, of the same unit, 0 or more.
 */
export function verdictOf(limit: number, asked: number): Verdict {
  if (Number.isNaN(limit) || Number.isNaN(asked)) return 'not-known';
  if (limit < asked) return 'gives-out';
  return limit < asked * THIN_MARGIN ? 'thin' : 'holds';
}
