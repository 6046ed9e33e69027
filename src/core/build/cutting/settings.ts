import type { CutPlan } from './plan';
import { GUARD } from './stock';

/** One setting of the stop, and what is sawn at it before it is moved. */
export interface StopSetting {
  readonly length: number;
  /** Pieces by the place of their bar in the plan and on the bar. */
  readonly cuts: readonly { readonly bar: number; readonly at: number }[];
}

/**
 * The order of cuts: all that is equally long at one setting of the stop, the longest first, so that a
 * piece cut too short can still become a shorter one. A bar whose holes want another order is sawn by marks
 * instead.
 */
export function stopSettings({ bars }: CutPlan): readonly StopSetting[] {
  const settings: { length: number; cuts: { bar: number; at: number }[] }[] = [];
  bars.forEach(({ pieces }, bar) =>
    pieces.forEach(({ piece: { length } }, at) => {
      const same = settings.find((s) => Math.abs(s.length - length) < GUARD);
      if (same) same.cuts.push({ bar, at });
      else settings.push({ length, cuts: [{ bar, at }] });
    }),
  );
  return settings.sort((a, b) => b.length - a.length);
}

/**
 * Whether the pieces of every bar lie the longest first, so that stop settings can be sawn in their order.
 */
export const sawnByStop = ({ bars }: CutPlan): boolean =>
  bars.every(({ pieces }) =>
    pieces.every((p, i) => !i || p.piece.length <= pieces[i - 1]!.piece.length + GUARD),
  );
