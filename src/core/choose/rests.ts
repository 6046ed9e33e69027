import { judgedBy } from '@/core/checks';
import type { Checked } from '@/core/findings';
import { analyse, axisChecks, axisSubject, oursOf } from '@/core/machine';
import { type Axis, axisIssues, brokenRule, fieldRuleAt, getAt, isMeasure, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';

/** How far a number of ours is moved to see whether it counts, as factors: far first, and a little. */
const MOVES = [1.5, 0.6, 1.02, 0.98] as const;
/** Of the largest value a field takes, for a number that is 0. */
const FROM_NOTHING = [1e-2, 1e-4] as const;

/** The axis with one number moved, as far as its rules allow. */
function moved(axis: Axis, path: string): Axis[] {
  const measure = getAt(axis, path);
  const rule = fieldRuleAt(path);
  if (!isMeasure(measure) || !rule) return [];
  const to = measure.si ? MOVES.map((f) => measure.si * f) : FROM_NOTHING.map((f) => rule.max * f);
  const whole = rule.whole ? [measure.si + 1, measure.si - 1] : to;
  return whole
    .filter((si) => !brokenRule(rule, si))
    .map((si) => setAt(axis, `${path}.si`, si))
    .filter((a) => !axisIssues(a).length);
}

/**
 * Numbers of ours on which one finding of an axis rests: such as change its figure, its limit or its margin
 * when they are moved alone.
 * @param axis as the machine loads it. @returns paths inside it; some milliseconds of work.
 */
export function restsOn(axis: Axis, finding: Pick<Checked, 'code' | 'about'>): string[] {
  const check = axisChecks.find((c) => c.code === finding.code);
  if (!check) return [];
  const outcome = (a: Axis) => {
    const all = judgedBy(check, axisSubject(analyse(a, silentWorksheet), silentWorksheet));
    const found = all.find((c) => c.about === finding.about);
    return found && [found.value, found.limit, found.margin].join();
  };
  const now = outcome(axis);
  return oursOf(axis).filter((path) => moved(axis, path).some((a) => outcome(a) !== now));
}
