/** Why truing ends here. */
export type Stop = 'all-hold' | 'below-doubt' | 'no-progress';

/**
 * Whether another round is worth its time.
 * @param verdicts of all readings.
 * @param best readings that are expected after the best move; undefined: there is none.
 * @param doubts expanded uncertainty of each reading.
 * @param rounds worst reading of each round, the last one last.
 */
export function stopOf(
  verdicts: readonly string[],
  best: readonly number[] | undefined,
  { readings, doubts }: { readonly readings: readonly number[]; readonly doubts: readonly number[] },
  rounds: readonly number[],
): Stop | null {
  if (verdicts.every((v) => v === 'holds')) return 'all-hold';
  const brings = best?.some((v, i) => Math.abs(readings[i]!) - Math.abs(v) >= doubts[i]!);
  if (!brings) return 'below-doubt';
  const [last, before, first] = [rounds.at(-1), rounds.at(-2), rounds.at(-3)];
  const stuck =
    last !== undefined && before !== undefined && first !== undefined && last >= first && before >= first;
  return stuck ? 'no-progress' : null;
}
