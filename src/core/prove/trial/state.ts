import type { HappeningSaid, Project, TrialSaid } from '@/core/model';
import { type Ground, groundsOf } from './ground';
import { trialPlans } from './plan';
import { rowsAsRead, trialRead } from './reading';
import type { TrialResult } from './result';
import type { TrialPlan } from './trial';
import { workTrial } from './work';

/** A record with what it comes to. */
export interface TrialRecord {
  readonly said: TrialSaid;
  readonly result: TrialResult;
}

export type TrialStanding =
  /** Nothing is written down. */
  | 'open'
  /** Something is. */
  | 'begun'
  | 'passed'
  | 'failed'
  /** All is written down, and the doubt reaches over a limit. */
  | 'unsure'
  /** What it was read on was moved, machined or replaced since. */
  | 'stale'
  /** Not done on this machine. */
  | 'left';

/** A trial as it stands. */
export interface TrialState {
  readonly plan: TrialPlan;
  readonly axisName: string;
  /** Oldest first. */
  readonly records: readonly TrialSaid[];
  readonly last: TrialRecord | null;
  readonly standing: TrialStanding;
  /** Keys of earlier trials that have not passed: until then nothing may move for it. */
  readonly waits: readonly string[];
  readonly stale: HappeningSaid | null;
  /** Whether its verdict rests on what an instrument usually errs, or on an accuracy that nobody has said. */
  readonly guessed: boolean;
  /** Day on which it is to be proved again; null: only after something was done to it, or not proved yet. */
  readonly due: string | null;
}

/** Results by record, kept by the caller from one state to the next. */
export type TrialMemory = WeakMap<TrialSaid, { readonly plan: TrialPlan; readonly result: TrialResult }>;

export interface Trials {
  readonly trials: readonly TrialState[];
  readonly grounds: readonly Ground[];
  /** Whether first motion is done on every axis. */
  readonly alive: boolean;
  readonly begun: boolean;
  /** Key of the trial whose turn it is. */
  readonly next: string | null;
}

function standingOf({ result }: TrialRecord): TrialStanding {
  // A step that was refused has failed, whatever else is still missing.
  if (result.refused.length) return 'failed';
  const verdicts = result.figures.flatMap((f) => f.decision?.verdict ?? []);
  if (verdicts.includes('gives-out')) return 'failed';
  if (result.missing.length) return 'begun';
  return verdicts.includes('not-known') ? 'unsure' : 'passed';
}

/** Rails and bodies by the axis that runs on them. */
const partAxis: Readonly<Record<string, readonly string[]>> = {
  'rail-a': ['bed', 'table'],
  'rail-b': ['bed', 'table'],
  cross: ['gantry'],
  'cross-b': ['gantry'],
  arm: ['gantry'],
  plunge: ['plunge'],
};

/** Whether what happened to a part spoils what was proved through it. */
function spoilsTrial({ node }: HappeningSaid, plan: TrialPlan, { axes }: Project): boolean {
  const [part, owner] = node.split('/')[0]!.split(':') as [string, string | undefined];
  if (plan.stage === 'first' && plan.kind !== 'hand' && plan.kind !== 'both-motors') return false;
  if (plan.kind === 'spindle') return part === 'spindle';
  if (plan.axis === null) return plan.stage === 'proof';
  if (owner !== undefined) return owner === plan.axis;
  const role = axes.find((a) => a.id === plan.axis)?.role ?? '';
  return part === 'frame' || (partAxis[part]?.includes(role) ?? false);
}

/** A day so many months later, as text; the 29th and later become the 28th. */
function monthsLater(iso: string, months: number): string {
  const [year, month, day] = iso.slice(0, 10).split('-').map(Number) as [number, number, number];
  const count = year * 12 + month - 1 + months;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${Math.floor(count / 12)}-${two((count % 12) + 1)}-${two(Math.min(day, 28))}`;
}

const dueOf = ({ again }: TrialPlan, last: TrialRecord | null): string | null =>
  last && again !== null ? monthsLater(last.said.at, again) : null;

interface Known {
  readonly project: Project;
  readonly grounds: readonly Ground[];
  readonly records: ReadonlyMap<string, readonly TrialSaid[]>;
  readonly memory: TrialMemory;
}

function recordOf(plan: TrialPlan, said: TrialSaid, { project, grounds, memory }: Known): TrialRecord {
  const kept = memory.get(said);
  if (kept?.plan === plan) return { said, result: kept.result };
  const result = workTrial(trialRead(plan, said, project, grounds));
  memory.set(said, { plan, result });
  return { said, result };
}

function stateOf(plan: TrialPlan, known: Known): Omit<TrialState, 'waits'> {
  const { project } = known;
  const records = known.records.get(plan.key) ?? [];
  const said = records.at(-1);
  const last = said ? recordOf(plan, said, known) : null;
  const left = project.sheets.some((s) => s.key === plan.key && s.left);
  const stale =
    (last && project.happenings.filter((h) => h.at > last.said.at && spoilsTrial(h, plan, project)).at(-1)) ??
    null;
  const own = last ? standingOf(last) : 'open';
  // What is being written down anew is no longer what was spoilt.
  const standing = left ? 'left' : stale ? 'stale' : own;
  return {
    plan: said ? { ...plan, rows: rowsAsRead(plan, said) } : plan,
    axisName: project.axes.find((a) => a.id === plan.axis)?.name ?? '',
    records,
    last,
    standing,
    stale,
    guessed: isGuessed(plan, last, project),
    due: standing === 'passed' ? dueOf(plan, last) : null,
  };
}

/** Nothing is green that nobody has said: how far the instrument errs, how exact the work is to be. */
function isGuessed(plan: TrialPlan, last: TrialRecord | null, { brief }: Project): boolean {
  if (!last?.result.figures.some((f) => f.decision)) return false;
  const instrument = plan.instrument !== null && last.said.limit === null;
  return instrument || (plan.stage === 'proof' && brief.accuracy?.basis === 'ours');
}

/** What holds nothing back: where the doubt reaches over a limit, that is said, and the work goes on. */
const done = (standing: TrialStanding) =>
  standing === 'passed' || standing === 'left' || standing === 'unsure';

/**
 * Every trial of a machine as it stands.
 * @param memory of records that were worked out before. @param grounds, plans of this very machine, where
 * they are at hand.
 */
export function trialsOf(
  project: Project,
  memory: TrialMemory = new WeakMap(),
  grounds: readonly Ground[] = groundsOf(project),
  plans: readonly TrialPlan[] = trialPlans(project, grounds),
): Trials {
  const records = new Map<string, TrialSaid[]>();
  for (const t of project.trials) records.set(t.key, [...(records.get(t.key) ?? []), t]);
  const known = { project, grounds, records, memory };
  const states = plans.map((plan) => stateOf(plan, known));
  const passed = new Set(states.filter((s) => done(s.standing)).map((s) => s.plan.key));
  const trials = states.map((s): TrialState => ({ ...s, waits: s.plan.after.filter((k) => !passed.has(k)) }));
  const next = trials.find((t) => !done(t.standing) && !t.waits.length);
  return {
    trials,
    grounds,
    alive: trials.every((t) => t.plan.stage !== 'first' || done(t.standing)),
    begun: project.trials.length > 0,
    next: next?.plan.key ?? null,
  };
}
