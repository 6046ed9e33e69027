import type { Checked, Params, Verdict } from '@/core/findings';
import type { Edit } from '@/core/model';

/** A change that was put through the model before it is offered. */
export interface Remedy {
  /** Names the change for the wording; the same code may stand with other parameters. */
  readonly code: string;
  readonly params: Params;
  /** Paths lead from the root. */
  readonly edits: readonly Edit[];
  /**
   * What the finding's own figure becomes, in the finding's unit; null where nothing is left to judge (no
   * whip without a turning screw).
   */
  readonly becomes: number | null;
  /** The finding's verdict, and that of all checks of its scope, with the change made. */
  readonly verdict: Verdict;
  readonly wholeVerdict: Verdict;
  /** What held before and gives out with the change made, by the codes of the checks. */
  readonly breaks: readonly string[];
  /** Highest rapid at which nothing gives out with the change made, m/s; null for the machine as a whole. */
  readonly reach: number | null;
}

/** What was found: data only; words are made where it is shown. Paths lead from the root. */
export interface Finding<Code extends string = string> extends Omit<Checked<Code>, 'margin'> {
  /** The axis that it is about; null: the machine as a whole. */
  readonly axisId: string | null;
  /** The best ways out; worked out when they are first looked at. */
  readonly remedies: readonly Remedy[];
}
