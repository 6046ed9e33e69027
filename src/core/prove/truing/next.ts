import { type Stop, stopOf } from '@/core/metrology';
import type { Figure } from './figure';
import { spoils } from './spoils';
import type { SheetState, Truing } from './state';

/** Minutes that a bolt takes to loosen, shim and tighten, and a reading to take; memory. */
const BOLT = 3;
const READING = 1;
/** What the whole of a sheet takes to set up; memory. */
const SET_UP = 8;

/** What the best move of a sheet brings, and what it costs. */
export interface BestMove {
  /** Figure before and after, SI; null where nothing tells. */
  readonly from: number;
  readonly to: number;
  /** All bolts that are moved. */
  readonly bolts: number;
  readonly minutes: number;
  /** Keys of sheets that were done and must then be read again. */
  readonly spoils: readonly string[];
  /** Whether it brings the figure nearer by more than its doubt. */
  readonly worth: boolean;
}

/** Minutes to read a sheet once. */
export const readingMinutes = ({ plan, method }: SheetState): number =>
  SET_UP + READING * plan.places.length * method.runs;

/** The figure that is furthest beyond what is good enough; the first where nothing is asked. */
export function worstFigure({ last }: SheetState): Figure | undefined {
  const figures = last?.result.figures ?? [];
  const share = (f: Figure) => (f.good ? Math.abs(f.value) / f.good : -1);
  return figures.reduce<Figure | undefined>(
    (worst, f) => (!worst || share(f) > share(worst) ? f : worst),
    undefined,
  );
}

/** The moves of a sheet's last round as one adjustment; null where there is none to make. */
export function bestMove(truing: Truing, state: SheetState): BestMove | null {
  const { last, plan } = state;
  const figure = worstFigure(state);
  if (!last || !figure || !last.result.moves.length || last.result.expected === null) return null;
  const spoilt = truing.sheets.filter(
    (s) => s.rounds.length > 0 && s.state !== 'stale' && spoils(plan.key, s.plan.key),
  );
  const bolts = last.result.moves.length;
  const again = spoilt.reduce((sum, s) => sum + readingMinutes(s), 0);
  const [from, to] = [Math.abs(figure.value), last.result.expected];
  return {
    from,
    to,
    bolts,
    minutes: BOLT * bolts + readingMinutes(state) + again,
    spoils: spoilt.map((s) => s.plan.key),
    worth: from - to >= figure.expanded,
  };
}

/** Why truing of a sheet ends here; null: another round is worth it, or none was read. */
export function endOf(state: SheetState, best: BestMove | null): Stop | null {
  const { last, rounds } = state;
  const figures = last?.result.figures.filter((f) => f.good !== null) ?? [];
  const worst = worstFigure(state);
  if (!figures.length || !worst) return null;
  return stopOf(
    figures.map((f) => f.decision.verdict),
    best ? [best.to] : undefined,
    { readings: [worst.value], doubts: [worst.expanded] },
    rounds.flatMap((r) => r.worst ?? []),
  );
}
