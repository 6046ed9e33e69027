import { type Effect, effectsOf, type ErrorBudget, type MachineContext, type WayId } from '@/core/machine';
import { isReached } from './effects';
import { type Proposal, rankedBy } from './proposals';

/** Whether it is worth going on with one figure of a machine. */
export type LimitVerdict =
  /** What was asked for is there. */
  | 'reached'
  /** A change gives more than it costs. */
  | 'room'
  /** What would help most has no price: nobody can say. */
  | 'unpriced'
  /** Every change costs more of the machine than it gives. */
  | 'costs-more'
  /** The frame makes most of it, and no change of the frame helps by much. */
  | 'frame-decides'
  /** Nothing that is known betters it. */
  | 'nothing';

/** What another machine would have to be so that its errors fit. */
export interface Another {
  /** How many times as stiff the frame would have to be; null: even a rigid one does not do. */
  readonly stiffer: number | null;
  /** Length of what bends, as a share of now: as stiff by the third power of the span. */
  readonly span: number | null;
  /** Error that would be left with a rigid frame, m. */
  readonly rigid: number;
}

export interface Limit {
  readonly effect: Effect;
  readonly verdict: LimitVerdict;
  /** What gives most for its money, or most where nothing has a price. */
  readonly best: {
    readonly proposal: Proposal;
    readonly times: number;
    readonly money: number | null;
  } | null;
  /** What would give clearly more, and makes an axis worse; null: nothing. */
  readonly barred: { readonly proposal: Proposal; readonly times: number } | null;
  /** Share of the error that is gained by the best, and what it costs as a share of the machine. */
  readonly gives: number | null;
  readonly costs: number | null;
  /** Whether numbers of ours stand behind the figure that nobody has said yet. */
  readonly guessed: boolean;
  /** What the machine costs as far as it has prices. */
  readonly machine: number;
  /** Share of the error, in squares, that the frame makes; null: of another figure, or not known. */
  readonly frame: number | null;
  readonly another: Another | null;
}

/** From this share on the frame makes most of an error; ours. */
const MOST = 0.5;
/** By so much a change of the frame must better it to count as a way out; ours. */
const A_WAY = 1.1;

const square = (v: number) => v * v;
const ofFrame = new Set<string>(['flex', 'sag']);

/** Error of the frame and of all else, m. */
function apart({ shares }: ErrorBudget) {
  const sum = (of: boolean) =>
    Math.sqrt(
      shares.reduce((s, x) => s + (ofFrame.has(x.id) === of && x.value !== null ? square(x.value) : 0), 0),
    );
  return { frame: sum(true), rest: sum(false) };
}

function anotherFor(budget: ErrorBudget): Another | null {
  const { allowed } = budget;
  if (allowed === null || budget.likely <= allowed) return null;
  const { frame, rest } = apart(budget);
  if (!(frame > 0)) return null;
  const left = square(allowed) - square(rest);
  if (left <= 0) return { stiffer: null, span: null, rigid: rest };
  const stiffer = frame / Math.sqrt(left);
  // A beam on two supports, or clamped, gives with the third power of its length.
  return { stiffer, span: stiffer ** (-1 / 3), rigid: rest };
}

/** What a change costs of a machine; null: one of them has no price. */
const shareOf = (money: number | null, machine: number): number | null => {
  if (money === 0) return 0;
  return money === null || !(machine > 0) ? null : money / machine;
};

/** What a change gives of the figure, as a share: a half where the error halves or the stiffness doubles. */
const givenBy = (times: number) => 1 - 1 / times;

/**
 * Whether it is worth going on with one figure: what the next change gives against what it costs, both as
 * shares, and whether the frame decides.
 * @param prices what the builder says that a proposal costs, by its id; goes before example prices.
 * @returns undefined where the figure is not known.
 */
export function limitOf(
  context: MachineContext,
  proposals: readonly Proposal[],
  key: string,
  prices: ReadonlyMap<string, number> = new Map(),
): Limit | undefined {
  const effect = effectsOf(context).find((e) => e.key === key);
  if (!effect) return undefined;
  const machine = context.cost.known;
  const budget =
    effect.id === 'error' ? context.errors.find((e) => e.way === (effect.at as WayId)) : undefined;
  const { frame, rest } = budget ? apart(budget) : { frame: 0, rest: 0 };
  const share = budget && frame + rest > 0 ? square(frame) / (square(frame) + square(rest)) : null;
  const all = rankedBy(proposals, key);
  const ranked = all
    .filter(({ proposal }) => !proposal.worsens.length)
    .map(({ proposal, times }) => {
      const money = prices.get(proposal.id) ?? (proposal.money === null ? null : Math.max(0, proposal.money));
      return {
        proposal,
        times,
        money,
        gives: givenBy(times),
        costs: shareOf(money, machine),
      };
    });
  const priced = ranked.filter((r) => r.costs !== null);
  const pays = priced
    .filter((r) => r.gives > r.costs!)
    .sort((a, b) => b.gives - b.costs! - (a.gives - a.costs!));
  const unpriced = ranked.find((r) => r.costs === null);
  const best = pays[0] ?? unpriced ?? ranked[0] ?? null;
  const barred = all.find((r) => r.proposal.worsens.length && r.times > A_WAY * (best?.times ?? 1));
  const frameHelps = ranked.some((r) => !r.proposal.axis && r.times >= A_WAY);
  const verdict = (): LimitVerdict => {
    if (isReached(effect)) return 'reached';
    if (pays.length) return 'room';
    if (share !== null && share >= MOST && !frameHelps) return 'frame-decides';
    if (!ranked.length) return 'nothing';
    return unpriced ? 'unpriced' : 'costs-more';
  };
  return {
    effect,
    verdict: verdict(),
    best: best && { proposal: best.proposal, times: best.times, money: best.money },
    barred: barred ? { proposal: barred.proposal, times: barred.times } : null,
    gives: best?.gives ?? null,
    costs: best?.costs ?? null,
    guessed: context.reports.some((r) => r.ours.length > 0),
    machine,
    frame: share,
    another: budget ? anotherFor(budget) : null,
  };
}
