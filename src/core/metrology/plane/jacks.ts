import { Matrix } from 'ml-matrix';
import { leastSquaresPlane, type Spot } from './plane';

export interface JackInput {
  /** Heights that were read. */
  readonly spots: readonly Spot[];
  /** Rise of each spot (rows) by one turn of each jack alone (columns), m by turn, as it was tried. */
  readonly rise: readonly (readonly number[])[];
  /** Whether level is asked (the plane h = 0), or only flat. */
  readonly level: boolean;
  /** Most turns down and up of every jack: none may leave the floor. */
  readonly down: number;
  readonly up: number;
}

/** Share of the moves that is made in one round: supports that share a stiff frame overshoot. */
export const JACK_DAMP = 0.7;
/** Weight of the moves themselves beside the heights: none where it brings nothing. */
const REST = 1e-6;
const SWEEPS = 2000;

export interface JackMoves {
  /** Turns of each jack for all that is asked; a round makes `JACK_DAMP` of them. */
  readonly turns: readonly number[];
  /** Greatest height off the plane that is left after all of them. */
  readonly left: number;
}

/** What of heights counts: all of it, or what a plane leaves. */
function judged(spots: readonly Spot[], heights: readonly number[], level: boolean): readonly number[] {
  return level ? heights : leastSquaresPlane(spots.map((s, i) => ({ ...s, h: heights[i]! }))).left;
}

/**
 * Turns of jacks on supports that feel one another: the least squares of all heights, each jack within its
 * bounds, by coordinate descent (convex, so it ends at the best).
 * @throws RangeError where rows or columns do not fit, or a plane cannot be laid.
 */
export function jackMoves({ spots, rise, level, down, up }: JackInput): JackMoves {
  const jacks = rise[0]?.length ?? 0;
  if (!jacks || rise.length !== spots.length || rise.some((r) => r.length !== jacks))
    throw new RangeError('every spot wants the rise by every jack');
  const heights = judged(
    spots,
    spots.map((s) => s.h),
    level,
  );
  const columns = Array.from({ length: jacks }, (_, j) =>
    judged(
      spots,
      rise.map((r) => r[j]!),
      level,
    ),
  );
  const C = new Matrix(columns).transpose();
  const scale = C.norm() ** 2 / jacks;
  const turns = new Array<number>(jacks).fill(0);
  const left = [...heights];
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let most = 0;
    for (let j = 0; j < jacks; j++) {
      const column = columns[j]!;
      const weight = column.reduce((s, c) => s + c * c, 0) + REST * scale;
      const pull = column.reduce((s, c, i) => s + c * left[i]!, 0) + REST * scale * turns[j]!;
      const to = Math.min(up, Math.max(-down, turns[j]! - pull / weight));
      const by = to - turns[j]!;
      turns[j] = to;
      column.forEach((c, i) => (left[i]! += c * by));
      most = Math.max(most, Math.abs(by));
    }
    if (most < 1e-10) break;
  }
  return { turns, left: Math.max(...left.map(Math.abs)) };
}
