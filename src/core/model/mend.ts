import { startingBody } from './bodies';
import type { Project } from './document';
import type { RuleCode } from './rule-codes';
import type { Edit } from './edit';
import type { Issue } from './issue';
import { getAt, put } from './path';

type Mend = (project: Project, issue: Issue) => Edit[];

const at = ({ path }: Issue) => path.join('.');
const axisAt = ({ path }: Issue) => Number(path[1]);

/** An id that no row beside it has. */
function freeId(project: Project, { path, read = 'id' }: Issue): string {
  const rows = getAt(project, path.slice(0, -2).join('.')) as readonly { readonly id: string }[];
  const taken = new Set(rows.map((r) => r.id));
  for (let n = 2; ; n++) {
    const id = `${read.slice(0, 60)}-${n}`;
    if (!taken.has(id)) return id;
  }
}

/** One press for what no field can mend. Rules between measured inputs are mended by typing. */
const mends: { readonly [C in RuleCode]?: Mend } = {
  'id-twice': (project, issue) => [{ path: at(issue), value: freeId(project, issue) }],
  'rides-on-nothing': (_, issue) => [put(`axes.${axisAt(issue)}.carriedBy`, null)],
  'rides-on-itself': (_, issue) => [put(`axes.${axisAt(issue)}.carriedBy`, null)],
  'nothing-moves': (_, issue) => [{ path: at(issue), value: [startingBody('body', 'Body')] }],
  'shaft-and-two-motors': (_, issue) => [{ path: at(issue), value: 1 }],
  'loose-free-screw': (_, issue) => [
    { path: at(issue).replace(/farEnd$|motorEnd$/, 'farEnd'), value: 'supported' },
  ],
  'pulleys-need-belt': (_, issue) => [{ path: at(issue).replace(/kind$/, 'pulleys'), value: null }],
  'curve-not-falling': (_, issue) => [{ path: at(issue), value: null }],
};

/** The edits that mend a broken rule, where one press can. */
export const mendOf = (project: Project, issue: Issue): Edit[] | undefined =>
  mends[issue.code as RuleCode]?.(project, issue);
