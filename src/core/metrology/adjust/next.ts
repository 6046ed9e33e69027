import { type Coupled, weighted } from './together';

/** One move by itself, and what it would bring. */
export interface NextMove {
  readonly move: number;
  /** How far, in the unit of the effect. */
  readonly by: number;
  /** Fall of the sum of squares, readings in tolerances. */
  readonly gain: number;
  readonly minutes: number;
  /** Readings that are expected afterwards. */
  readonly left: readonly number[];
}

/**
 * Single moves by what they bring a minute, the best first; such that bring nothing are left out.
 * @param minutes of each move with all that must be read again after it.
 */
export function nextMoves(coupled: Coupled, minutes: readonly number[]): readonly NextMove[] {
  const { A, r } = weighted(coupled);
  const moves = minutes.map((m, j) => {
    const column = A.getColumn(j);
    const square = column.reduce((s, a) => s + a * a, 0);
    const pull = column.reduce((s, a, i) => s + a * r[i]!, 0);
    const by = square > 0 ? -pull / square : 0;
    const gain = square > 0 ? (pull * pull) / square : 0;
    const left = coupled.readings.map((v, i) => v + coupled.effect[i]![j]! * by);
    return { move: j, by, gain, minutes: m, left };
  });
  return moves.filter((m) => m.gain > 0).sort((a, b) => b.gain / b.minutes - a.gain / a.minutes);
}

/** Why truing ends here. */
export type Stop = 'all-hold' | 'below-doubt' | 'no-progress';

/**
 * Whether another round is worth its time.
 * @param verdicts of all readings.
 * @param best the best move; undefined: there is none.
 * @param doubts expanded uncertainty of each reading.
 * @param rounds worst reading of each round, the last one last.
 */
export function stopOf(
  verdicts: readonly string[],
  best: NextMove | undefined,
  { readings, doubts }: { readonly readings: readonly number[]; readonly doubts: readonly number[] },
  rounds: readonly number[],
): Stop | null {
  if (verdicts.every((v) => v === 'holds')) return 'all-hold';
  const brings = best?.left.some((v, i) => Math.abs(readings[i]!) - Math.abs(v) >= doubts[i]!);
  if (!brings) return 'below-doubt';
  const [last, before, first] = [rounds.at(-1), rounds.at(-2), rounds.at(-3)];
  const stuck =
    last !== undefined && before !== undefined && first !== undefined && last >= first && before >= first;
  return stuck ? 'no-progress' : null;
}
