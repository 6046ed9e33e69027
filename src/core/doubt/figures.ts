import { effectsOf } from '@/core/machine';
import type { FrameResponse } from './frame';
import type { DoubtInput } from './inputs';
import { type JudgedDraw, type AskedChecks } from './judge';
import { type Doubted, type DoubtStep, type DrawRange, drawsOf } from './parts';

/** Figures of the machine as a whole over draws. */
export interface FigureDraws extends DrawRange {
  /**
   * Values by the key of the figure (`error:x`, `top-speed:bed`; `moves`: the mass that moves), draw by draw;
   * what is not found in a draw: NaN. SI.
   */
  readonly values: ReadonlyMap<string, Float64Array>;
}

/** Key of the mass that moves. */
export const MOVES = 'moves';

/** No check is asked: only figures are wanted. */
const noChecks = (axes: number): AskedChecks => ({
  axes: Array.from({ length: axes }, () => []),
  machine: [],
});

function* figuresOf({ axes, errors, frame, masses }: JudgedDraw, project: Doubted['asked']['project']) {
  yield [MOVES, masses.moving] as const;
  const reports = axes.map(({ lostMotion, subject }) => ({ lostMotion, ladder: subject.analysis.rungs }));
  for (const { key, value } of effectsOf({ project, errors, frame, reports })) yield [key, value] as const;
}

/** An input of one path and one value is the same thing in two variants; another value is another part. */
export const sameThing = ({ path, value }: DoubtInput): string => `${path}=${value}`;

/**
 * Figures of a machine, draw by draw. Another variant of it, drawn by the same seed, has the numbers of those
 * inputs in common with this one that are the same in both: their difference says what tells the two apart,
 * and not what both do not know alike.
 */
export function* figuresPart(
  doubted: Doubted,
  response: FrameResponse | null,
  range: DrawRange,
): Generator<DoubtStep, FigureDraws> {
  const count = range.to - range.from;
  const values = new Map<string, Float64Array>();
  const none = noChecks(doubted.asked.project.axes.length);
  yield* drawsOf({ ...doubted, nameOf: sameThing }, response, none, range, (judged, at, { project }) => {
    for (const [key, value] of figuresOf(judged, project)) {
      const column = values.get(key) ?? new Float64Array(count).fill(NaN);
      column[at] = value;
      values.set(key, column);
    }
  });
  return { ...range, values };
}
