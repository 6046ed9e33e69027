import { axisIssues } from './axes/issues';
import { carryRules } from './axes/rules';
import { sectionRules } from './bodies/rules';
import { briefRules } from './brief/rules';
import type { Project } from './document';
import { type Issue, keysOf } from './issue';
import type { Broken } from './rule';
import type { RuleCode } from './rule-codes';
import { structureRules } from './structure/rules';

/** Rules of every slice that look past one axis. */
const sliceRules = [sectionRules, carryRules, briefRules, structureRules];

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

/**
 * Ids that stand twice in one list, whatever the list. What is the same object as in `before` was looked at
 * then and is passed over.
 * @param path where the value stands; the same array all the way down, which is cheaper than one a place.
 */
function idsTwice(value: unknown, before: unknown, path: (string | number)[], found: Issue[]): void {
  if (value === before || !isRecord(value)) return;
  const old = isRecord(before) ? before : {};
  const list = Array.isArray(value);
  const seen = new Set<unknown>();
  for (const key in value) {
    const part = value[key];
    // Most of a machine are texts and numbers, which hold no list.
    if (!isRecord(part)) continue;
    path.push(list ? Number(key) : key);
    if (list && typeof part.id === 'string') {
      if (seen.has(part.id))
        found.push({ code: 'id-twice', path: [...path, 'id'], read: part.id, params: {} });
      seen.add(part.id);
    }
    idsTwice(part, old[key], path, found);
    path.pop();
  }
}

const lifted = (issue: Issue, root: readonly (string | number)[]): Issue => ({
  ...issue,
  path: [...root, ...issue.path],
  among: issue.among?.map((path) => `${root.join('.')}.${path}`) ?? [],
});

/** The path inside what stands at a root, where it lies there. */
const inside = (path: string | undefined, root: string) =>
  path?.startsWith(root) ? path.slice(root.length) : undefined;

const issueOf = ({ path, params = {}, ...rest }: Broken<RuleCode>): Issue => ({
  ...rest,
  params,
  path: keysOf(path),
});

/**
 * Rules between the fields of a whole machine. Empty: nothing is wrong.
 * @param touched the path that was just typed into; an issue names it where it takes part.
 * @param before a state whose axes and lists are known to keep the rules: what it shares is passed over.
 */
export function projectIssues(project: Project, touched?: string, before?: Project): Issue[] {
  const found: Issue[] = [];
  project.axes.forEach((axis, i) => {
    if (axis === before?.axes[i]) return;
    const issues = axisIssues(axis, inside(touched, `axes.${i}.`));
    found.push(...issues.map((issue) => lifted(issue, ['axes', i])));
  });
  if (project.pins !== before?.pins)
    project.pins.forEach((pin, i) => {
      if (pin === before?.pins[i]) return;
      found.push(...axisIssues(pin.axis).map((issue) => lifted(issue, ['pins', i, 'axis'])));
    });
  idsTwice(project, before, [], found);
  for (const rules of sliceRules) found.push(...rules(project, touched).map(issueOf));
  return found;
}
