import { type Asked, filled as fill } from './asked';
import { type Conflict, conflictOf } from './conflict';
import { ambitionOf, type Failed, type Plan, Planner, type PlanStep, totalOf } from './planner';

export interface PlanAnswer {
  /** Two or three that differ, the cheapest first; none where nothing holds. */
  readonly plans: readonly Plan[];
  /** Where each attempt that did not come to rest gave out. */
  readonly failed: readonly Failed[];
  /** Which wishes do not go together; null where a plan holds within the budget. */
  readonly conflict: Conflict | null;
}

/** Less than such a part nobody tells two plans apart. */
const APART = 0.15;

/** Whether two plans are worth showing beside one another: another kind of part, or 15 % of a figure. */
export function differs(a: Plan, b: Plan): boolean {
  const kinds = (p: Plan) =>
    p.project.axes.map((x) => `${x.drive.kind} ${x.guide.kind} ${x.motor.kind}`).join();
  const [f, g] = [a.figures, b.figures];
  const apart = (x: number, y: number) => Math.abs(x - y) > APART * Math.max(x, y);
  return (
    kinds(a) !== kinds(b) ||
    a.picks.arrangement !== b.picks.arrangement ||
    apart(totalOf(a), totalOf(b)) ||
    apart(f.stiffness, g.stiffness) ||
    apart(f.rapid, g.rapid) ||
    f.thin !== g.thin
  );
}

/** How many plans are laid beside one another. */
const MOST = 3;
/** Where the middle of what is usual cannot be had, one so much stiffer than the cheapest is looked for. */
const SOMEWHAT = 1.25;

/**
 * A part of the work that needs nothing of the others but the cheapest plan: they may run beside one another.
 * `first`: the cheapest in every arrangement; `stiffest`; `third`: the most out of the drawer, or without one
 * the one in which the least is thin; `conflict`: which wishes do not go together.
 */
export type PlanPart =
  | { readonly part: 'first' }
  | { readonly part: 'conflict' }
  | { readonly part: 'stiffest'; readonly from: Plan }
  | { readonly part: 'third'; readonly from: Plan };

function* stiffest(from: Plan, planner: Planner): Generator<PlanStep, Plan | null> {
  const least = ambitionOf(planner.filled, 0);
  const found = yield* planner.stiffest(from, ambitionOf(planner.filled, 1));
  return found ?? (yield* planner.stiffest(from, { ...least, stiffness: SOMEWHAT * least.stiffness }));
}

/** Does one part of the work. Tells every round. */
export function* planPart(asked: Asked, work: PlanPart): Generator<PlanStep, PlanAnswer> {
  const filled = fill(asked);
  const planner = new Planner(asked, filled);
  const { failed } = planner;
  if (work.part === 'conflict') return { plans: [], failed, conflict: yield* conflictOf(asked) };
  if (work.part === 'first')
    return { plans: yield* planner.cheapest(ambitionOf(filled, 0)), failed, conflict: null };
  const owns = filled.own.some((p) => p.onHand > 0) || filled.stock.length > 0;
  const plan =
    work.part === 'stiffest'
      ? yield* stiffest(work.from, planner)
      : yield* planner.alike(owns ? 'drawer' : 'sure', work.from, ambitionOf(filled, 0));
  return { plans: plan ? [plan] : [], failed, conflict: null };
}

/** What follows the first: other plans where it found one, the conflict where none is for the budget. */
export function partsAfter({ plans: [from] }: PlanAnswer, budget: number | null): readonly PlanPart[] {
  const conflict: PlanPart[] =
    !from || (budget !== null && totalOf(from) > budget) ? [{ part: 'conflict' }] : [];
  return from ? [{ part: 'stiffest', from }, { part: 'third', from }, ...conflict] : conflict;
}

/** The answers of all parts as one: other arrangements of the first as far as there is room for them. */
export function joinedPlans(begun: PlanAnswer, more: readonly PlanAnswer[]): PlanAnswer {
  const [cheapest, ...others] = begun.plans;
  const found: Plan[] = cheapest ? [cheapest] : [];
  const add = (plan: Plan) => {
    if (found.length < MOST && found.every((p) => differs(p, plan))) found.push(plan);
  };
  for (const { plans } of more) plans.forEach(add);
  for (const other of others) add({ ...other, kind: 'other' });
  const failed = [begun, ...more].flatMap((a) => a.failed);
  return { plans: found, failed, conflict: more.find((a) => a.conflict)?.conflict ?? null };
}

/**
 * Two or three whole machines for a brief, each judged by the full report: the cheapest that holds, the
 * stiffest for its money, and the most out of the drawer or, without one, the one in which the least is thin;
 * where those are not to be had, the cheapest in another arrangement.
 * Where none holds, or none for the budget: which wishes do not go together.
 */
export function* plansFor(asked: Asked): Generator<PlanStep, PlanAnswer> {
  const begun = yield* planPart(asked, { part: 'first' });
  const more: PlanAnswer[] = [];
  for (const part of partsAfter(begun, asked.project.brief.budget)) more.push(yield* planPart(asked, part));
  return joinedPlans(begun, more);
}
