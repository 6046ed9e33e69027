import { familyById, partsIn } from '@/core/catalogue';
import { loadedAxes, partsLeft } from '@/core/machine';
import { applyEdits, type Axis, guess, type OwnPart, type Project, putInAxis } from '@/core/model';
import type { Scale } from '../search/fronts';
import type { SearchLimits } from '../search/space';
import { AxisFronts, type SupplyChoice, type TogetherAsked } from './axis-fronts';
import { type FoundSet, foundSet } from './sets';
import { type Solved, Solver } from './solve';
import { withAllowance } from './weights';

/** What several axes are looked through for together. */
export interface TogetherLimits {
  /** Ids of the axes that may change. */
  readonly axes: readonly string[];
  /** What each may change; the budget is for all of them. */
  readonly limits: SearchLimits;
  /** What money is held against. */
  readonly scale: Scale;
  /** Supplies at the most. */
  readonly supplies: 1 | 2;
  /**
   * By so much each drive train may be heavier than the present one, kg; every axis is judged with that much
   * more on it for each.
   */
  readonly heavier: number;
}

export interface TogetherStep {
  readonly stage: 'drives' | 'sets';
  /** Axes that are done. */
  readonly done: number;
  readonly of: number;
  /** Drives of the present axis that were seen, or sets that were found. */
  readonly seen: number;
  readonly best: FoundSet | null;
}

export interface TogetherAnswer {
  /** Combinations of one axis each that were looked at; their product is what was chosen from. */
  readonly combinations: readonly number[];
  /** Drive trains that were put through every check. */
  readonly judged: number;
  /** The cheapest first, each worth more than all before it. */
  readonly sets: readonly FoundSet[];
  /** Where none holds: axes for which no drive train holds by itself, on any supply. */
  readonly barren: readonly string[];
}

/**
 * Whether a search may give an axis another drive train: a hand, a geared motor or a crank is no matter of
 * parts.
 */
export const mayChange = ({ motor, drive }: Axis): boolean =>
  (motor.kind === 'stepper' || motor.kind === 'servo') && drive.kind !== 'crank';

const SUPPLY = familyById('supply')!;
/** Less than this is no difference in money. */
const CENT = 0.005;

/** Supplies that are looked at, those of the drawer among them. */
function suppliesFor(own: readonly OwnPart[], limits: SearchLimits): readonly SupplyChoice[] {
  if (!limits.vary.includes('supply')) return [{ id: '', power: Infinity }];
  return partsIn(SUPPLY, own)
    .filter((p) => !limits.refused.includes(p.id))
    .map(({ id, values }) => {
      const power = values['supply.power'];
      return { id, power: power ? guess('power', power).si : Infinity };
    });
}

/** An axis with nothing else on its supply: what the others draw is counted by the set. */
const alone = (axis: Axis, { vary }: SearchLimits): Axis =>
  vary.includes('supply') ? applyEdits(axis, [putInAxis('supply.others', guess('power', '0 W'))]) : axis;

/**
 * Drive trains for several axes together: every combination of parts on each of them, one supply for all or
 * two, the drawer shared out, one sum of money. Of the sets that hold those that are worth their money. Exact
 * among drive trains that are no heavier than is allowed, each axis with all of that weight on it.
 */
export function* togetherSets(
  project: Project,
  { axes: ids, limits, scale, supplies: most, heavier }: TogetherLimits,
): Generator<TogetherStep, TogetherAnswer> {
  const axes = loadedAxes(project).filter((a) => ids.includes(a.id) && mayChange(a));
  const others = project.axes.filter((a) => !axes.some((b) => b.id === a.id));
  const own = partsLeft({ ownParts: project.ownParts, axes: others }, '');
  const asked: TogetherAsked = { own, limits, scale, heavier };
  const fronts: AxisFronts[] = [];
  const step = (more: Partial<TogetherStep>): TogetherStep => ({
    ...{ stage: 'drives', done: fronts.length, of: axes.length, seen: 0, best: null },
    ...more,
  });
  for (const axis of axes) {
    const steps = AxisFronts.of(withAllowance(project, alone(axis, limits), axes, heavier), asked);
    let next = steps.next();
    for (; !next.done; next = steps.next()) yield step({ seen: next.value });
    fronts.push(next.value);
  }
  const sets: FoundSet[] = [];
  const supplies = suppliesFor(own, limits);
  const solver = new Solver({
    fronts,
    ...{ own, scale, most, sure: limits.sure, budget: limits.budget },
    supplies,
    price: (id) => (id ? (partsIn(SUPPLY, own).find((p) => p.id === id)?.price ?? Infinity) : 0),
  });
  let above = -Infinity;
  for (;;) {
    yield step({ stage: 'sets', seen: sets.length, best: sets[0] ?? null });
    const solved: Solved | null = fronts.length ? solver.cheapest(above) : null;
    if (!solved) break;
    // Worth more for the same money: sums of prices differ by rounding alone.
    if (sets.length && solved.money - sets.at(-1)!.money < CENT) sets.pop();
    sets.push(foundSet(project, axes, solved, limits.sure));
    above = solved.worth;
  }
  return {
    combinations: fronts.map((f) => f.looked),
    judged: fronts.reduce((n, f) => n + f.judged, 0),
    sets,
    barren: sets.length ? [] : fronts.filter((f) => f.isBarren(supplies)).map((f) => f.axis.id),
  };
}
