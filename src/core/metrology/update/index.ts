import { quantity } from '@/core/units';
import { apart, gain, learnt, left } from './formulas';

export * as updateFormulas from './formulas';

const r = (v: number) => quantity('ratio', v);

/** Beyond so many standard uncertainties plan and proof contradict one another. */
export const CONFLICT = 2;

/** How far a reading is from what was foretold, in standard uncertainties of both together. */
export const apartBy = (measured: number, foretold: number, plan: number, reading: number): number =>
  apart.evaluate({ measured: r(measured), foretold: r(foretold), plan: r(plan), reading: r(reading) });

export interface Learning {
  /** Input before, with its standard uncertainty. */
  readonly before: number;
  readonly prior: number;
  /** How the answer changes with it. */
  readonly slope: number;
  readonly measured: number;
  readonly foretold: number;
  /** Standard uncertainty of the reading, and of what the other inputs make of the answer. */
  readonly reading: number;
  readonly others: number;
}

/** An input after a reading that agrees with what was foretold: its value and standard uncertainty. */
export function learn(given: Learning): { readonly value: number; readonly standard: number } {
  const { before, prior, slope, measured, foretold, reading, others } = given;
  const all = r(Math.hypot(reading, others));
  const k = gain.evaluate({ prior: r(prior), slope: r(slope), reading: all });
  return {
    value: learnt.evaluate({ before: r(before), gain: k, measured: r(measured), foretold: r(foretold) }),
    standard: left.evaluate({ prior: r(prior), gain: k, slope: r(slope) }),
  };
}
