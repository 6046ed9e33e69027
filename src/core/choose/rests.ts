import { judge } from '@/core/checks';
import type { Checked } from '@/core/findings';
import { analyse, axisChecks, axisSubject, oursOf } from '@/core/machine';
import { type Axis, axisIssues, brokenRule, fieldRuleAt, getAt, isMeasure, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';

/** How far a number of ours is moved to see whether it counts, as factors; near where none far may. */
const FAR = [1.5, 0.6] as const;
const NEAR = [1.02, 0.98] as const;
/** Of the largest value a field takes, for a number that is 0. */
const FROM_NOTHING = [1e-2, 1e-4] as const;

/** The axis with one number moved, as far as its rules allow. */
export function moved(axis: Axis, path: string): Axis[] {
  const measure = getAt(axis, path);
  const rule = fieldRuleAt(path);
  if (!isMeasure(measure) || !rule) return [];
  const allowed = (list: readonly number[]) =>
    list
      .filter((si) => !brokenRule(rule, si))
      .map((si) => setAt(axis, `${path}.si`, si))
      .filter((a) => !axisIssues(a).length);
  if (rule.whole) return allowed([measure.si + 1, measure.si - 1]);
  if (!measure.si) return allowed(FROM_NOTHING.map((f) => rule.max * f));
  const far = allowed(FAR.map((f) => measure.si * f));
  return far.length ? far : allowed(NEAR.map((f) => measure.si * f));
}

/** Names an outcome of an axis: its check, and what it is about. */
export const outcomeKey = ({ code, about }: Pick<Checked, 'code' | 'about'>): string =>
  about === undefined ? code : `${code} ${about}`;

/**
 * Numbers of ours on which the findings of an axis rest, by `outcomeKey`: such as change its figure, its
 * limit or its margin when they are moved alone.
 * @param axis as the machine loads it. @returns paths inside it; a hundred models, so not for a hot path.
 */
export function restsOf(axis: Axis): ReadonlyMap<string, readonly string[]> {
  const outcomes = (a: Axis) =>
    new Map(
      judge(axisChecks, axisSubject(analyse(a, silentWorksheet), silentWorksheet)).map((c) => [
        outcomeKey(c),
        [c.value, c.limit, c.margin].join(),
      ]),
    );
  const ours = oursOf(axis);
  const now = ours.length ? outcomes(axis) : new Map<string, string>();
  const rests = new Map<string, string[]>([...now.keys()].map((key) => [key, []]));
  for (const path of ours) {
    const others = moved(axis, path).map(outcomes);
    for (const [key, was] of now) if (others.some((o) => o.get(key) !== was)) rests.get(key)!.push(path);
  }
  return rests;
}
