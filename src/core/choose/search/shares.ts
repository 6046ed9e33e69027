import type { FoundLine, SearchAnswer } from './search';
import { type Scale, scales } from './fronts';
import { driveFamilies, type SearchLimits } from './space';
import type { Killed } from './sides';

/** A search in parts that need not know of one another, one for each kind of drive that is wanted. */
export function sharesOf(limits: SearchLimits): readonly SearchLimits[] {
  if (!limits.vary.includes('drive')) return [limits];
  const wanted = driveFamilies.filter((f) => !limits.refused.includes(f));
  return wanted.map((family) => ({
    ...limits,
    refused: [...limits.refused, ...driveFamilies.filter((f) => f !== family)],
  }));
}

/** What the parts of a search found, as the whole would have. */
export function joinedAnswers(answers: readonly SearchAnswer[]): SearchAnswer {
  const killed: Killed = {};
  for (const answer of answers)
    for (const [code, count] of Object.entries(answer.killed))
      killed[code as keyof Killed] = (killed[code as keyof Killed] ?? 0) + count;
  const sum = (of: (a: SearchAnswer) => number) => answers.reduce((s, a) => s + of(a), 0);
  const fronts = Object.fromEntries(
    scales.map((scale) => [scale, answers.flatMap((a) => a.fronts[scale])]),
  ) as Record<Scale, FoundLine[]>;
  return {
    combinations: sum((a) => a.combinations),
    passed: sum((a) => a.passed),
    judged: sum((a) => a.judged),
    killed,
    fronts,
  };
}
