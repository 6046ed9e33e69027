import { type Instead, insteadOf } from '@/core/choose';
import { type Params, severity } from '@/core/findings';
import {
  type AxisRemedyCode,
  betterments,
  changedContext,
  contextOf,
  costOfChange,
  cutLoads,
  type Effect,
  type EffectId,
  effectsOf,
  type ForetoldId,
  foretoldOf,
  type FrameKnown,
  type FrameSummary,
  loadedReports,
  type MachineContext,
  massReport,
  toStored,
  type WayId,
} from '@/core/machine';
import { type Edit, type Project, type UpgradeKind, upgradeKinds } from '@/core/model';
import { timesBetter } from './effects';
import { touchedParts } from './touched';

/** A figure that changes. SI. */
export interface EffectChange extends Omit<Effect, 'value'> {
  readonly before: number;
  readonly after: number;
}

/** What can be read on the machine before and after. SI. */
export interface Readable {
  /** `lost-motion:bed`: what the plan foretells of an axis; or the key of an effect. */
  readonly what: string;
  readonly kind: UpgradeKind;
  readonly better: Effect['better'];
  readonly before: number;
  readonly after: number;
}

/** What is changed: a way to better something, or another part in the place of the present one. */
export type Change =
  | { readonly is: 'remedy'; readonly code: string; readonly params: Params }
  | { readonly is: 'part'; readonly name: string };

/** A change of the machine with what it would bring, worked out with the whole machine. */
export interface Proposal {
  /** The same while the change is: `nut-play bed`. */
  readonly id: string;
  readonly change: Change;
  /** Id of the axis; empty: the machine. */
  readonly axis: string;
  /** From the root. */
  readonly edits: readonly Edit[];
  readonly changes: readonly EffectChange[];
  /** What of it can be read on the machine, what gains most first. */
  readonly readable: readonly Readable[];
  /** By example prices; 0: nothing is bought; null: nothing of it has one. */
  readonly money: number | null;
  /** Parts that are touched; none: what is in the cabinet. */
  readonly touches: readonly string[];
  /** Ids of axes that stand worse with it than before. */
  readonly worsens: readonly string[];
}

interface Candidate {
  readonly change: Change;
  readonly axis: string;
  readonly edits: readonly Edit[];
}

/** Changes for which nothing is bought: time and an instrument. */
const nothingBought: ReadonlySet<string> = new Set<AxisRemedyCode>(['calibrate', 'error-map', 'warm-up']);

/** Of the parts of a family the nearest so many are looked at. */
const NEAREST = 8;
/** A figure that changes by less stays as it is. */
const EVEN = 0.005;
/** At least so much better some figure must get. */
const LEAST_GAIN = 1.02;

const partOf = ({ what, edits }: Instead, axis: string): Candidate[] =>
  what.is === 'part' ? [{ change: { is: 'part', name: what.name }, axis, edits }] : [];

/** All that is tried: changes of the frame that were solved, and of every axis. */
function candidatesOf({ project, loaded, trials }: MachineContext): Candidate[] {
  const frame = trials.map(({ code, params, edits }): Candidate => ({
    change: { is: 'remedy', code, params },
    axis: '',
    edits,
  }));
  const axes = project.axes.flatMap((stored, i): Candidate[] => {
    const better = betterments(loaded[i]!.loaded).map(({ code, params, edits }): Candidate => ({
      change: { is: 'remedy', code, params },
      axis: stored.id,
      edits: toStored(edits, stored).map((e) => ({ ...e, path: `axes.${i}.${e.path}` })),
    }));
    const parts = (['drive', 'motor'] as const).flatMap((group) =>
      insteadOf(project, i)
        .filter((x) => x.group === group)
        .slice(0, NEAREST)
        .flatMap((x) => partOf(x, stored.id)),
    );
    return [...better, ...parts];
  });
  return [...frame, ...axes];
}

/** Directions in which an axis moves the tool. */
const wayOf: Readonly<Record<string, WayId>> = { bed: 'x', table: 'x', gantry: 'y', plunge: 'z' };

/**
 * The frame with drives that give otherwise. What a drive gives under a force goes with one over its
 * stiffness, and the force that it carries does not depend on that; the softest place is taken as the same.
 */
function withDrives(before: MachineContext, after: MachineContext): FrameSummary | null {
  const { frame, project } = before;
  if (!frame) return null;
  const soft = { ...frame.soft };
  project.axes.forEach(({ role }, i) => {
    const way = wayOf[role];
    const [was, is] = [before.reports[i]!.stiffness.value, after.reports[i]?.stiffness.value ?? NaN];
    if (!way || !(was > 0) || !(is > 0) || was === is) return;
    const { compliance, drive } = soft[way];
    const next = drive * (was / is);
    soft[way] = { compliance: compliance - drive + next, drive: next };
  });
  return { ...frame, soft };
}

/** The machine with a change, its frame with it. */
function changedWith(before: MachineContext, { axis, edits }: Candidate): MachineContext | undefined {
  const after = changedContext(before, edits);
  if (!after || after.reports.length !== before.reports.length) return undefined;
  // A change of the frame comes with its own solution.
  if (!axis || !after.frame) return after;
  return contextOf(after.project, after, { frame: withDrives(before, after) }, after.memory);
}

function changesOf(before: MachineContext, after: MachineContext): EffectChange[] {
  const then = new Map(effectsOf(after).map((e) => [e.key, e]));
  return effectsOf(before).flatMap(({ value, ...e }): EffectChange[] => {
    const next = then.get(e.key);
    // What is not known of the other part is no gain.
    if (!next || next.missing > e.missing || Math.abs(next.value - value) <= EVEN * value) return [];
    return [{ ...e, before: value, after: next.value }];
  });
}

/** Answers that can be read, and which way is better. */
const readables: Readonly<Partial<Record<ForetoldId, Effect['better']>>> = {
  'lost-motion': 'less',
  lead: 'less',
  stiffness: 'more',
  growth: 'less',
  'top-speed': 'more',
  'top-acceleration': 'more',
  frequency: 'more',
};

const isKind = (kind: string): kind is UpgradeKind => (upgradeKinds as readonly string[]).includes(kind);

/** Answers that gain among those that can be read on the axis, the most first. */
function readableOf(before: MachineContext, after: MachineContext, axis: string): readonly Readable[] {
  const i = before.project.axes.findIndex((a) => a.id === axis);
  if (i < 0) return [];
  const [was, is] = [before, after].map((c) => foretoldOf(c.loaded[i]!.loaded));
  const found: { readonly readable: Readable; readonly times: number }[] = [];
  for (const { id, kind, value, side } of was!) {
    const then = is!.find((f) => f.id === id);
    const better = readables[id];
    // A figure of which less is known than before is no gain.
    if (!better || !isKind(kind) || !then || then.side !== side) continue;
    if (value === null || then.value === null || !(value > 0) || !(then.value > 0)) continue;
    const next = then.value;
    const times = timesBetter(better, value, next);
    const readable = { what: `${id}:${axis}`, kind, better, before: value, after: next };
    if (times >= LEAST_GAIN) found.push({ readable, times });
  }
  return found.sort((a, b) => b.times - a.times).map((f) => f.readable);
}

/** What a change of the frame betters is read at the tool. */
function atTool(changes: readonly EffectChange[]): readonly Readable[] {
  return changes
    .filter((c) => c.id === 'stiffness' || c.id === 'sag')
    .map((c) => ({ c, times: timesBetter(c.better, c.before, c.after) }))
    .filter(({ times }) => times >= LEAST_GAIN)
    .sort((a, b) => b.times - a.times)
    .map(({ c: { key: what, kind, better, before, after } }) => ({ what, kind, better, before, after }));
}

/** Answers that tell of a figure when they are read, the nearest first. */
const tellsOf: Readonly<Record<EffectId, readonly string[]>> = {
  error: ['lead', 'lost-motion', 'growth', 'sag', 'stiffness'],
  stiffness: ['stiffness', 'frequency'],
  sag: ['sag', 'stiffness'],
  'lost-motion': ['lost-motion'],
  'top-speed': ['top-speed', 'top-acceleration'],
};

/** What is read of a change that is made for one figure: what tells of it, else what gains most. */
export function readableFor({ readable, changes }: Proposal, key: string): Readable | null {
  const goal = changes.find((c) => c.key === key)?.id;
  const tells = goal ? tellsOf[goal] : [];
  const rank = (r: Readable) => {
    const at = tells.indexOf(r.what.split(':')[0]!);
    return at < 0 ? tells.length : at;
  };
  return [...readable].sort((a, b) => rank(a) - rank(b))[0] ?? null;
}

const worse = (before: MachineContext, after: MachineContext): string[] =>
  before.reports.flatMap((r, i) =>
    severity[after.reports[i]!.verdict] > severity[r.verdict] ? [r.axisId] : [],
  );

const idOf = ({ change, axis }: Candidate): string =>
  `${change.is === 'part' ? change.name : `${change.code} ${JSON.stringify(change.params)}`} ${axis}`;

function proposalOf(before: MachineContext, candidate: Candidate): Proposal | undefined {
  const after = changedWith(before, candidate);
  if (!after) return undefined;
  const changes = changesOf(before, after);
  const readable = candidate.axis ? readableOf(before, after, candidate.axis) : atTool(changes);
  const gains = changes.some((c) => timesBetter(c.better, c.before, c.after) >= LEAST_GAIN);
  if (!gains && !readable.length) return undefined;
  const code = candidate.change.is === 'remedy' ? candidate.change.code : '';
  return {
    id: idOf(candidate),
    ...candidate,
    changes,
    readable,
    money: nothingBought.has(code)
      ? 0
      : costOfChange(before.project, before.reports, before.cost, candidate.edits),
    touches: touchedParts(before.project, candidate.edits, code),
    worsens: worse(before, after),
  };
}

/** One step of the proposing: how many of all changes were looked at. */
export interface ProposalStep {
  readonly done: number;
  readonly of: number;
}

/**
 * Changes that better some figure of the machine, each worked out with the whole machine, one a step.
 * @param context with the changes of its frame solved, where it has one.
 */
export function* proposalSteps(context: MachineContext): Generator<ProposalStep, readonly Proposal[]> {
  const list = candidatesOf(context);
  const found = new Map<string, Proposal>();
  for (const [i, candidate] of list.entries()) {
    const proposal = proposalOf(context, candidate);
    if (proposal) found.set(proposal.id, proposal);
    yield { done: i + 1, of: list.length };
  }
  return [...found.values()];
}

/** A machine with what is known of its frame, ready to be proposed to. */
export function upgradeContext(project: Project, known: FrameKnown): MachineContext {
  const cuts = cutLoads(project.brief);
  const masses = massReport(project);
  const loaded = loadedReports(project, cuts, masses, { remedies: false });
  return contextOf(project, { cuts, masses, loaded }, known);
}

/** All proposals at once. */
export function proposalsOf(context: MachineContext): readonly Proposal[] {
  const steps = proposalSteps(context);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Proposals that better one figure, by how much, the most first. */
export function rankedBy(
  proposals: readonly Proposal[],
  key: string,
): readonly { readonly proposal: Proposal; readonly effect: EffectChange; readonly times: number }[] {
  return proposals
    .flatMap((proposal) => {
      const effect = proposal.changes.find((c) => c.key === key);
      if (!effect) return [];
      const times = timesBetter(effect.better, effect.before, effect.after);
      return times >= LEAST_GAIN ? [{ proposal, effect, times }] : [];
    })
    .sort((a, b) => b.times - a.times);
}
