import type { Project } from '@/core/model';

/** Kept free over the stock where nobody said otherwise, m; common practice, no source. */
const CLEAR = 0.003;

/** What ends the thickness of stock that passes. */
export type PassLimit = 'under' | 'lowest' | 'tipUp';

/** What passes through a machine and what it reaches; lengths in m, null where it is not said. */
export interface PassingReport {
  readonly begun: boolean;
  /** Widest stock that passes between the columns, and the travel of the gantry, which says what is cut. */
  readonly between: number | null;
  readonly cut: number | null;
  /** Thickest stock that passes under the beam and under what hangs on the plunge axis. */
  readonly thickest: { readonly by: PassLimit; readonly value: number } | null;
  /** Heights that are not said, without which it is a bound. */
  readonly missing: readonly string[];
  /** How far the tip goes below the table, and how far it has to. */
  readonly below: number | null;
  readonly through: number;
  /** Width that both tools reach. */
  readonly common: number | null;
}

const limits = ['under', 'lowest', 'tipUp'] as const;

/** What passes through a machine, and what its tools reach. */
export function passingOf({ passing: said, axes }: Project): PassingReport {
  const clear = said.clear?.si ?? CLEAR;
  const hold = said.holdDown?.si ?? 0;
  const found = limits.flatMap((by) => {
    const at = said[by];
    return at ? [{ by, value: at.si - clear - hold }] : [];
  });
  const gantry = axes.find((a) => a.role === 'gantry')?.demands.travel.si ?? null;
  return {
    begun: [said.between, said.under, said.lowest, said.tipUp, said.tipDown, said.second].some(
      (m) => m !== null,
    ),
    between: said.between?.si ?? null,
    cut: gantry,
    thickest: found.length ? found.reduce((a, b) => (b.value < a.value ? b : a)) : null,
    missing: [...limits.filter((by) => !said[by]), ...(said.holdDown ? [] : ['holdDown'])].map(
      (field) => `passing.${field}`,
    ),
    below: said.tipDown ? -said.tipDown.si : null,
    through: said.through?.si ?? 0,
    common: said.second && gantry !== null ? gantry - Math.abs(said.second.si) : null,
  };
}
