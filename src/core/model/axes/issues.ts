import type { Issue } from '../issue';
import { axisRules } from './rules';
import type { Axis } from './schema';

/**
 * Which rules between its fields an axis breaks; paths lead from inside it.
 * @param touched the path that was just edited; the issue names it where it takes part in the rule.
 */
export function axisIssues(axis: Axis, touched?: string): Issue[] {
  const found: Issue[] = [];
  for (const [code, { paths, check }] of axisRules) {
    const params = check(axis);
    if (!params) continue;
    const at = touched !== undefined && paths.includes(touched) ? touched : paths[0]!;
    found.push({ code, path: at.split('.'), params, among: paths });
  }
  return found;
}
