import type { Project } from '@/core/model';
import { doubtAnswer, joinedFirst, openMargins } from './answer';
import { type FigureDraws, figuresPart } from './figures';
import type { FrameResponse, WorkShare } from './frame';
import type { Outcome } from './judge';
import {
  type DoubtAsked,
  doubted,
  type DoubtStep,
  type DrawRange,
  type FirstDraws,
  firstPart,
  framePart,
  middleOf,
  type MoreDraws,
  morePart,
} from './parts';
import { type DoubtTold, toldSteps } from './worth';

/** One part of the work; parts of one kind run beside one another. */
export type DoubtPart =
  | { readonly part: 'frame'; readonly share: WorkShare }
  | { readonly part: 'first'; readonly response: FrameResponse | null; readonly range: DrawRange }
  | {
      readonly part: 'more';
      readonly response: FrameResponse | null;
      readonly keys: readonly string[];
      readonly range: DrawRange;
    }
  | { readonly part: 'figures'; readonly response: FrameResponse | null; readonly range: DrawRange }
  | {
      readonly part: 'told';
      readonly margins: ReadonlyMap<string, Float64Array>;
      readonly share: WorkShare;
    };

export type DoubtOutput =
  | { readonly part: 'frame'; readonly response: FrameResponse | null }
  | { readonly part: 'first'; readonly middle: readonly Outcome[]; readonly draws: FirstDraws }
  | { readonly part: 'more'; readonly draws: MoreDraws }
  | { readonly part: 'figures'; readonly draws: FigureDraws }
  | { readonly part: 'told'; readonly told: DoubtTold };

/** Does one part of the work. */
export function* doubtPart(asked: DoubtAsked, work: DoubtPart): Generator<DoubtStep, DoubtOutput> {
  const machine = doubted(asked);
  switch (work.part) {
    case 'frame':
      return { part: 'frame', response: yield* framePart(machine, work.share) };
    case 'first':
      return {
        part: 'first',
        middle: middleOf(machine, work.response).outcomes,
        draws: yield* firstPart(machine, work.response, work.range),
      };
    case 'more':
      return { part: 'more', draws: yield* morePart(machine, work.response, work.keys, work.range) };
    case 'figures':
      return { part: 'figures', draws: yield* figuresPart(machine, work.response, work.range) };
    case 'told':
      return { part: 'told', told: yield* toldSteps(asked, machine.inputs, work.margins, work.share) };
  }
}

/** So many draws are judged in full; what none of them brings near its limit is drawn no more. */
export const FIRST_DRAWS = 400;

/** A range in so many shares of the same length, the last one shorter. */
export function rangesOf({ from, to }: DrawRange, shares: number): DrawRange[] {
  const each = Math.ceil((to - from) / shares);
  return Array.from({ length: shares }, (_, i) => ({
    from: Math.min(to, from + i * each),
    to: Math.min(to, from + (i + 1) * each),
  })).filter((r) => r.to > r.from);
}

/** How sure a machine is, on this very thread: the parts one after another. */
export function doubtOf(project: Project, seed: number, draws: number) {
  const asked = { project, seed, draws };
  const run = <P extends DoubtPart>(work: P) => {
    const steps = doubtPart(asked, work);
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value as Extract<DoubtOutput, { part: P['part'] }>;
    }
  };
  const { response } = run({ part: 'frame', share: { from: 0, every: 1 } });
  const count = Math.min(FIRST_DRAWS, draws);
  const first = joinedFirst([run({ part: 'first', response, range: { from: 0, to: count } })]);
  const more =
    count < draws
      ? [run({ part: 'more', response, keys: first.open, range: { from: count, to: draws } }).draws]
      : [];
  const margins = openMargins(first, more);
  const { told } = run({ part: 'told', margins, share: { from: 0, every: 1 } });
  const answer = doubtAnswer(asked, response, first, margins, doubted(asked).inputs);
  return { answer, told, response, margins };
}
