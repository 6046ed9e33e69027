import type { HappeningSaid, InstrumentKind, Project, RoundSaid, SheetSaid } from '@/core/model';
import { factorSeen, instrumentOf, roundsLeft } from '@/core/metrology';
import type { Verdict } from '@/core/findings';
import { truingPlan } from './plan';
import { evenly } from './plan-rails';
import { readOf } from './readings';
import { NO_RESULT, type SheetResult } from './result';
import type { SheetMethod, SheetPlan } from './sheet';
import { isOwn, spoils } from './spoils';
import { workSheet } from './work';

/** Why a reading no longer holds. */
export interface Stale {
  /** `own`: the thing itself was moved since; `upstream`: what it stands on; `warm`: the shop is warmer. */
  readonly why: 'own' | 'upstream' | 'warm';
  readonly happening: HappeningSaid | null;
}

/** A round with what it comes to. */
export interface RoundState {
  readonly round: RoundSaid;
  readonly result: SheetResult;
  /** Worst figure by its limit; null where nothing is asked or not all is read. */
  readonly worst: number | null;
}

/** One sheet as it stands. */
export interface SheetState {
  /** As proposed, with what the builder says over it. */
  readonly plan: SheetPlan;
  readonly said: SheetSaid | undefined;
  /** Of the axis it belongs to; empty where it belongs to none. */
  readonly axisName: string;
  readonly method: SheetMethod;
  readonly instrument: InstrumentKind;
  /** Step and error at most of that instrument. */
  readonly digit: number;
  readonly limit: number;
  readonly rounds: readonly RoundState[];
  readonly last: RoundState | undefined;
  readonly stale: Stale | null;
  /** `open`: nothing read; `reading`: a round was begun. */
  readonly state: 'left' | 'open' | 'reading' | 'done' | 'stale';
  readonly verdict: Extract<Verdict, 'holds' | 'gives-out' | 'not-known'>;
  /** Whether it rests on what nobody said: our figures of the instrument, or an accuracy that is ours. */
  readonly guessed: boolean;
  /** What each round leaves of the one before, and how many more it takes; null where nobody can say. */
  readonly factor: number | null;
  readonly more: number | null;
}

/** A sheet with what the builder says of it. */
function asSaid(plan: SheetPlan, said: SheetSaid | undefined): SheetPlan {
  if (!said) return plan;
  const places =
    said.places === null || !isLine(plan)
      ? plan.places
      : evenly(plan.sizes.length ?? plan.places.at(-1)!.x, said.places);
  const good = said.good === null ? plan.good : ({ value: said.good, from: 'said' } as const);
  return { ...plan, places, good };
}

/** Sheets whose places lie along a length: there may be more or fewer of them. */
export const isLine = ({ kind }: SheetPlan): boolean => kind === 'straight' || kind === 'parallel';

const worstOf = ({ figures }: SheetResult): number | null => {
  const asked = figures.flatMap((f) => (f.good === null || f.good <= 0 ? [] : [Math.abs(f.value) / f.good]));
  return asked.length ? Math.max(...asked) : null;
};

/**
 * What rounds came to, kept by whoever asks often: a keystroke in one round works out no other. A round is
 * never changed in place.
 */
export type RoundMemory = WeakMap<
  RoundSaid,
  { readonly plan: string; readonly rough: boolean; readonly state: RoundState }
>;

/**
 * All rounds of a sheet; of those that others came after only the figures are worked out, not their doubt.
 */
function roundStates(
  plan: SheetPlan,
  rounds: readonly RoundSaid[],
  memory: RoundMemory,
): readonly RoundState[] {
  const { places: _places, ...asked } = plan;
  const of = JSON.stringify(asked);
  return rounds.map((round, i) => {
    const rough = i < rounds.length - 1;
    const known = memory.get(round);
    if (known?.plan === of && (rough || !known.rough)) return known.state;
    const state = workedRound(plan, round, rough);
    memory.set(round, { plan: of, rough, state });
    return state;
  });
}

function workedRound(plan: SheetPlan, round: RoundSaid, rough: boolean): RoundState {
  const method = plan.methods.find((m) => m.id === round.method) ?? plan.methods[0]!;
  // Places as they were when it was read, whatever the plan says today.
  const then = { ...plan, places: round.places };
  const result = resultOf(then, round, method, rough);
  return { round, result, worst: worstOf(result) };
}

/** Figures that cannot be worked out (six lengths that make no figure) are no result. */
function resultOf(plan: SheetPlan, round: RoundSaid, method: SheetMethod, rough: boolean): SheetResult {
  try {
    return workSheet(plan, readOf(round, method.runs, rough), method.id);
  } catch (cause) {
    if (cause instanceof RangeError) return NO_RESULT;
    throw cause;
  }
}

/** When a round was read last. */
export const lastRead = ({ at, readings }: RoundSaid): string =>
  readings.reduce((latest, r) => (r.at > latest ? r.at : latest), at);

/**
 * Beyond so many degrees between two readings nothing is compared any more, K; common practice, no source.
 */
const BAND = 5;

function staleOf(plan: SheetPlan, last: RoundState | undefined, project: Project): Stale | null {
  if (!last || !last.round.readings.length) return null;
  const since = lastRead(last.round);
  const later = project.happenings.filter((h) => h.at > since);
  const own = later.find((h) => isOwn(h.node, plan.key));
  if (own) return { why: 'own', happening: own };
  const upstream = later.find((h) => spoils(h.node, plan.key));
  if (upstream) return { why: 'upstream', happening: upstream };
  const newest = newestTemperature(project);
  const then = last.round.temperature;
  const warm = newest !== null && then !== null && Math.abs(newest - then) > BAND;
  return warm ? { why: 'warm', happening: null } : null;
}

/** Temperature of the round that was read last of all with a thermometer; null: none was. */
export function newestTemperature({ rounds }: Pick<Project, 'rounds'>): number | null {
  const known = rounds.filter((r) => r.temperature !== null);
  return known.length ? known.reduce((a, b) => (b.at > a.at ? b : a)).temperature : null;
}

function verdictOf(last: RoundState | undefined): SheetState['verdict'] {
  const asked = last?.result.figures.filter((f) => f.good !== null) ?? [];
  if (asked.some((f) => f.decision.verdict === 'gives-out')) return 'gives-out';
  return asked.length && asked.every((f) => f.decision.verdict === 'holds') ? 'holds' : 'not-known';
}

/** Nobody has said how far the instrument errs, or how exact the work is to be. */
const isGuessed = ({ brief }: Project, { good }: SheetPlan, said: SheetSaid | undefined): boolean =>
  (said?.limit ?? null) === null || (good.from === 'brief' && brief.accuracy?.basis === 'ours');

function sheetState(project: Project, proposed: SheetPlan, memory: RoundMemory): SheetState {
  const said = project.sheets.find((s) => s.key === proposed.key);
  const plan = asSaid(proposed, said);
  const method = plan.methods.find((m) => m.id === said?.method) ?? plan.methods[0]!;
  const allowed = [method.instrument, ...method.others];
  const instrument = allowed.find((k) => k === said?.instrument) ?? method.instrument;
  const own = instrumentOf(instrument, { digit: said?.digit ?? null, limit: said?.limit ?? null });
  const size = Math.max(0, ...plan.places.map((p) => Math.hypot(p.x, p.y)));
  const read = project.rounds.filter((r) => r.sheet === plan.key);
  const rounds = roundStates(plan, read, memory);
  const last = rounds.at(-1);
  const stale = staleOf(plan, last, project);
  const whole = (last?.result.figures.length ?? 0) > 0;
  const worsts = rounds.flatMap((r) => r.worst ?? []);
  const factor = factorSeen(worsts);
  return {
    plan,
    said,
    axisName: project.axes.find((a) => a.id === plan.axis)?.name ?? '',
    method,
    instrument,
    digit: own.digit,
    limit: own.limit(own.reads === 'length' && instrument !== 'dial' ? size : 0),
    rounds,
    last,
    stale,
    state: said?.left ? 'left' : stateOf(stale, whole, last !== undefined),
    verdict: stale ? 'not-known' : verdictOf(last),
    guessed: isGuessed(project, plan, said),
    factor,
    more: factor === null ? null : roundsLeft(worsts.at(-1)!, factor),
  };
}

const stateOf = (stale: Stale | null, whole: boolean, begun: boolean): SheetState['state'] => {
  if (stale) return 'stale';
  if (whole) return 'done';
  return begun ? 'reading' : 'open';
};

/** How far a machine is trued up. */
export interface Truing {
  readonly sheets: readonly SheetState[];
  /** Key of the sheet whose turn it is; null where all are done. */
  readonly next: string | null;
  /** Whether anybody has begun. */
  readonly begun: boolean;
}

/**
 * Every sheet of a machine as it stands.
 * @param memory of rounds that were worked out before; left out, all are.
 */
export function truingOf(project: Project, memory: RoundMemory = new WeakMap()): Truing {
  const sheets = truingPlan(project).map((plan) => sheetState(project, plan, memory));
  const next = sheets.find((s) => s.state !== 'left' && !(s.state === 'done' && s.verdict === 'holds'));
  return {
    sheets,
    next: next?.plan.key ?? null,
    begun: project.rounds.length > 0 || project.happenings.length > 0,
  };
}
