import type { Role } from '@/core/model';
import type { Asked, Filled } from './asked';
import { linesFor, stillDoes } from './line';
import { moneyOfPlan } from './money';
import type { Picks } from './picks';
import { membersFor } from './sections';
import { STIFFER } from './repair';
import { askedFor, looked, outwards, type Settled } from './settle';

const members = ['beam', 'column', 'bed'] as const;
type Member = (typeof members)[number];

const moneyOf = (filled: Filled, { picks, project, report }: Settled): number =>
  moneyOfPlan(filled, picks, project, report).total;

/** The same picks with one thing a step lighter; undefined where it is the lightest already. */
type Lighter = (picks: Picks) => Picks | undefined;

const member =
  (which: Member): Lighter =>
  (picks) =>
    picks[which] > 0 ? { ...picks, [which]: picks[which] - 1 } : undefined;

const guide =
  (role: Role): Lighter =>
  (picks) => {
    const place = picks.guides[role] ?? 0;
    return place > 0 ? { ...picks, guides: { ...picks.guides, [role]: place - 1 } } : undefined;
  };

/** Steps by which members are made stiffer for a smaller guide: beam, column, bed; the fewest first. */
const trades = [0, 1, 2]
  .flatMap((beam) => [0, 1].flatMap((column) => [0, 1].map((bed) => ({ beam, column, bed }))))
  .sort((a, b) => a.beam + a.column + a.bed - (b.beam + b.column + b.bed));

/** The smallest guide on stiffer members: tube is cheaper than carriages. */
function* traded(picks: Picks, role: Role): Generator<Picks> {
  if (!picks.guides[role]) return;
  const family = membersFor(picks.frame, picks.ambition.stock);
  for (const by of trades) {
    const now = { ...picks, guides: { ...picks.guides, [role]: 0 } };
    const up = members.map((which) => [which, picks[which] + by[which]] as const);
    if (up.every(([which, place]) => place < family[which].length))
      yield { ...now, ...Object.fromEntries(up) };
  }
}

/**
 * A second pass over a plan that came to rest: what grew on the way and need not have is tried lighter, and
 * every drive train anew as it is loaded now, as long as the whole still holds. Tells what it tries.
 */
export function* polished(asked: Asked, filled: Filled, from: Settled): Generator<number, Settled> {
  let best = from;
  const roles = outwards(from.picks);
  /** Takes picks where drive trains, checks and stiffness all still hold. */
  const take = (picks: Picks | undefined): boolean => {
    if (!picks || !roles.every((role) => stillDoes(askedFor(asked, filled, picks, role)))) return false;
    const { project, report, next } = looked(asked, filled, picks);
    if (next !== picks) return false;
    const tried: Settled = { ok: true, project, report, picks };
    if (moneyOf(filled, tried) > moneyOf(filled, best)) return false;
    best = tried;
    return true;
  };
  const redriven = (picks: Picks, role: Role): Picks | undefined => {
    const line = linesFor(askedFor(asked, filled, picks, role)).get(picks.supply!)?.line;
    return line && { ...picks, lines: { ...picks.lines, [role]: line } };
  };
  const softer =
    (role: Role): Lighter =>
    (picks) => {
      const now = picks.stiffer[role] ?? 1;
      const before = { ...picks, stiffer: { ...picks.stiffer, [role]: now / STIFFER } };
      return now > 1 ? redriven(before, role) : undefined;
    };
  const steps = [...roles.map(guide), ...members.map(member), ...roles.map(softer)];
  for (const [i, step] of steps.entries()) {
    yield i;
    while (take(step(best.picks)));
  }
  for (const role of roles) {
    yield steps.length;
    for (const picks of traded(best.picks, role)) if (take(picks)) break;
  }
  // Everything weighs what it will: each drive train once more, the cheapest.
  for (const role of roles) {
    yield steps.length;
    take(redriven(best.picks, role));
  }
  return best;
}
