import { Gunzip, gzipSync, strFromU8, strToU8 } from 'fflate';
import {
  type Edit,
  fromBase64,
  MOST_PACKED,
  openProject,
  type Plain,
  type Project,
  projectIssues,
  put,
  type Revision,
  startingBuild,
  startingProve,
  toBase64,
} from '@/core/model';
import { alike, type Difference, differencesOf, type Value } from './differences';

/** What of a document is its plan; the rest is what was got, built, read and written. */
const planFields = [
  'brief',
  'axes',
  'pins',
  'structure',
  'stand',
  'shims',
  'passing',
  'ownParts',
] as const satisfies readonly (keyof Project)[];
export type Plan = Pick<Project, (typeof planFields)[number]>;

export const planOf = (project: Plan): Plan =>
  Object.fromEntries(planFields.map((f) => [f, project[f]])) as unknown as Plan;

/** A document of the plan alone: nothing was got, built, read or written. */
const bareOf = (project: Project): Project => ({
  ...project,
  ...startingBuild(),
  ...startingProve(),
  log: [],
  revisions: [],
  upgrades: [],
  files: [],
  changed: project.created,
});

/** Unpacked, a plan is never larger than this, bytes. */
const MOST_PLAN = 20_000_000;

/** Packs a plan. The same plan packs alike, whenever. */
export const packedPlan = (project: Project): string =>
  toBase64(gzipSync(strToU8(JSON.stringify(bareOf(project))), { level: 9, mtime: 0 }));

/** Unpacks up to a bound: what would swell beyond it is given up before it does. */
function unpacked(bytes: Uint8Array): string | null {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const gunzip = new Gunzip((chunk) => {
    size += chunk.length;
    if (size > MOST_PLAN) throw new RangeError('too large');
    chunks.push(chunk);
  });
  try {
    for (let i = 0; i < bytes.length; i += 4096)
      gunzip.push(bytes.subarray(i, i + 4096), i + 4096 >= bytes.length);
  } catch {
    return null;
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return strFromU8(whole);
}

/** The plan of a revision, brought up to date; null where it cannot be read, or breaks a rule of today. */
export function planIn({ plan }: Pick<Revision, 'plan'>): Plan | null {
  try {
    const bytes = fromBase64(plan);
    const text = bytes ? unpacked(bytes) : null;
    const opened = text === null ? null : openProject(JSON.parse(text));
    return opened?.ok && !opened.issues.length ? planOf(opened.project) : null;
  } catch {
    return null;
  }
}

/** What differs between two plans, place by place. */
export const planDifferences = (before: Plan, after: Plan): readonly Difference[] =>
  differencesOf(planOf(before) as unknown as Value, planOf(after) as unknown as Value);

/** What something new is called, and since when it is there: ISO date and time. */
export interface Stamp {
  readonly id: string;
  readonly at: string;
  readonly name: string;
}

/** Keeps the plan as it is. @param stamp why it is kept: by hand where nothing is said. */
export const keptRevision = (
  project: Project,
  { id, at, name, note = '', by = 'hand' }: Stamp & Partial<Pick<Revision, 'note' | 'by'>>,
): Edit =>
  put('revisions', [
    ...project.revisions,
    { id, at, name, note, by, plan: packedPlan(project) },
  ] as Project['revisions']);

/** So many plans are kept by days that ended with them: the oldest of those goes for a newer one. */
export const MOST_DAYS = 30;

/** Whether a change reaches the plan. Parts that both states share are passed over. */
export const changesPlan = (before: Plan, after: Plan): boolean =>
  planFields.some((f) => before[f] !== after[f] && !alike(before[f] as Value, after[f] as Value));

/**
 * Keeps the plan with which an earlier day ended, so that what was changed since can be told.
 * @param ended the machine as that day left it.
 * @returns nothing where the plan that was kept last is the same, no room is left, or it could not be read
 * again: it breaks a rule, or is too large.
 */
export function dayRevision(ended: Project, { id, at, name }: Stamp, most: number): readonly Edit[] {
  if (projectIssues(ended).length) return [];
  const plan = packedPlan(ended);
  if (plan.length > MOST_PACKED) return [];
  const { revisions } = ended;
  if (revisions.at(-1)?.plan === plan) return [];
  const days = revisions.filter((r) => r.by === 'day');
  const gone = days.length < MOST_DAYS ? undefined : days[0];
  const kept = revisions.filter((r) => r !== gone);
  if (kept.length >= most) return [];
  return [put('revisions', [...kept, { id, at, name, note: '', by: 'day', plan }] as Project['revisions'])];
}

/** Makes the plan as it was; what was built, read and written stays. */
export const returnEdits = (plan: Plan): readonly Edit[] =>
  planFields.map((path) => ({ path, value: plan[path] as unknown as Plain }));

/** What the next version of a machine takes along from it. */
export const carryable = ['parts', 'shop', 'lessons'] as const;
export type Carried = (typeof carryable)[number];

/** The next version, and what it takes along. */
export interface NextVersion extends Stamp {
  /**
   * `parts`: what lies here and what sellers ask; `shop`: bars, saws, working hours; `lessons`: what the log
   * says of choices.
   */
  readonly carry: ReadonlySet<Carried>;
}

/** The next version of a machine, to stand beside it: a plan in which nothing is built or read. */
export function nextVersion(project: Project, plan: Plan, { id, name, at, carry }: NextVersion): Project {
  const { sellers, quotes, partLines, buying, bars, saws, remnants, calendar, workTimes, otherDays } =
    project;
  // What is not fitted into the old machine can go into the new one.
  const here = partLines
    .filter((l) => l.have > 0)
    .map((l) => ({ ...l, state: 'on-hand' as const, count: 0 }));
  return {
    ...bareOf(project),
    ...planOf(plan),
    ...(carry.has('parts') ? { sellers, quotes, buying, partLines: here } : {}),
    ...(carry.has('shop') ? { bars, saws, remnants, calendar, workTimes, otherDays } : {}),
    ...(carry.has('lessons')
      ? { log: project.log.filter((e) => e.choice !== null).map((e) => ({ ...e, photos: [] })) }
      : {}),
    id,
    name,
    created: at,
    changed: at,
  };
}
