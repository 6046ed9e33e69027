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
 * Two or three whole machines for a brief, each judged by the full report: the cheapest that holds, the
 * stiffest for its money, and the most out of the drawer or, without one, the one in which the least is thin;
 * where those are not to be had, the cheapest in another arrangement.
 * Where none holds, or none for the budget: which wishes do not go together.
 */
export function* plansFor(asked: Asked): Generator<PlanStep, PlanAnswer> {
  const filled = fill(asked);
  const planner = new Planner(asked, filled);
  const least = ambitionOf(filled, 0);
  const all = yield* planner.cheapest(least);
  const [cheapest, ...others] = all;
  const { budget } = filled.brief;
  const over = cheapest !== undefined && budget !== null && totalOf(cheapest) > budget;
  const conflict = !cheapest || over ? yield* conflictOf(asked) : null;
  if (!cheapest) return { plans: [], failed: planner.failed, conflict };
  const found = [cheapest];
  const add = (plan: Plan | null) => {
    if (plan && found.length < MOST && found.every((p) => differs(p, plan))) found.push(plan);
  };
  const stiff = yield* planner.stiffest(cheapest, ambitionOf(filled, 1));
  const somewhat = { ...least, stiffness: SOMEWHAT * least.stiffness };
  add(stiff ?? (yield* planner.stiffest(cheapest, somewhat)));
  const owns = filled.own.some((p) => p.onHand > 0);
  add(yield* planner.alike(owns ? 'drawer' : 'sure', cheapest, least));
  for (const other of others) add({ ...other, kind: 'other' });
  return { plans: found, failed: planner.failed, conflict };
}
