import { judge } from '@/core/checks';
import { familiesOf, familyById, partsIn, swapEdits } from '@/core/catalogue';
import type { Checked } from '@/core/findings';
import { analyse, axisSubject } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, isMeasure, getAt, type OwnPart, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { judgedLine, lineChecks } from './judged';
import { linesByMoney } from './ordered';
import type { FoundLine } from './search';
import { type SearchLimits, type SearchLink, searchLinks } from './space';

/** A part that somebody has set their heart on, by its family and its id. */
export interface HeartPart {
  readonly family: string;
  readonly part: string;
}

export interface WhyNotAsked extends HeartPart {
  /** As the machine loads it. */
  readonly axis: Axis;
  readonly own: readonly OwnPart[];
  /** As for a search: what may change beside the part, what is refused, budget, whether thin is enough. */
  readonly limits: SearchLimits;
}

/** What may be asked less of an axis, so that a part does. */
export const demandIds = ['rapid', 'feed', 'acceleration', 'cutting-force', 'lost-motion', 'mass'] as const;
export type DemandId = (typeof demandIds)[number];

/** One demand that gives way: what it is now, and what is the nearest to it at which something holds. SI. */
export interface GivesWay {
  readonly id: DemandId;
  readonly now: number;
  readonly to: number;
}

/** What gives out of an axis with a part in it, what of it can be had, and what would have to change. */
export interface WhyNot {
  /** The present axis with nothing exchanged but the part: what is found wanting, the worst first. */
  readonly alone: readonly Checked[];
  /** What holds with the part, with fewest other links changed, then the cheapest; null: nothing does. */
  readonly line: FoundLine | null;
  /** Links that it changes beside that of the part. */
  readonly changed: readonly SearchLink[];
  /** Where none holds: each demand that is enough by itself, or pairs of them where none is. */
  readonly ways: readonly (readonly GivesWay[])[];
}

export interface WhyNotStep {
  readonly stage: 'links' | 'demands';
  readonly done: number;
  readonly of: number;
}

/** Lines that are put through every check before a set of links is given up. */
const TRIES = 300;
/** Steps in which a demand gives way, each to a share of it, and halvings at the first that holds. */
const STEPS = 8;
const PAIR_STEPS = 5;
const HALVINGS = 4;
/** A demand gives way to a tenth of it at most; lost motion to ten times as much. */
const LEAST = 0.1;

const linkOf = (family: string): SearchLink | undefined =>
  searchLinks.find((link) => familyById(family)?.link === link);

/** Lines and their wheels: neither is had without the other. */
const together: readonly (readonly [string, string])[] = [
  ['rack', 'pinion'],
  ['belt', 'pulley'],
  ['chain', 'sprocket'],
];

/** Limits within which every line has the part: all others of its link are refused. */
function limitsWith({ family, part, own, limits }: WhyNotAsked, link: SearchLink): SearchLimits {
  const beside: readonly string[] = together.find((pair) => pair.includes(family)) ?? [];
  const families = familiesOf(link).map((f) => f.id);
  const others = families.filter((f) => f !== family && !beside.includes(f));
  const siblings = partsIn(familyById(family)!, own).flatMap((p) => (p.id === part ? [] : [p.id]));
  return {
    ...limits,
    refused: [...limits.refused.filter((r) => r !== part && r !== family), ...others, ...siblings],
  };
}

/** The first line by its money that passes every check; null: none does. */
function holding(axis: Axis, { own, family, part }: WhyNotAsked, limits: SearchLimits): FoundLine | null {
  let tries = 0;
  for (const likely of linesByMoney(axis, own, limits)) {
    if (likely.axis.parts[family] !== part) continue;
    const { out, verdict, figures } = judgedLine(likely.axis, limits.sure);
    if (!out.length) {
      const { id, family: kind, axis: found, money } = likely;
      return { id, family: kind, axis: found, money, verdict, figures };
    }
    if (++tries >= TRIES) break;
  }
  return null;
}

/** Sets of links that may change beside one, the smallest first. @param vary what the builder lets change. */
function setsOf(link: SearchLink, vary: readonly SearchLink[]): SearchLink[][] {
  const others = searchLinks.filter((l) => l !== link && vary.includes(l));
  const sets = Array.from({ length: 2 ** others.length }, (_, bits) =>
    others.filter((_l, i) => bits & (1 << i)),
  );
  return sets.sort((a, b) => a.length - b.length);
}

/** What is asked less: the axis with one demand at a share of what it is; undefined where it asks nothing. */
function asking(axis: Axis, id: DemandId, share: number): Axis | undefined {
  const at = (path: string, by: number) => {
    const measure = getAt(axis, path);
    return isMeasure(measure) && measure.si > 0 ? setAt(axis, `${path}.si`, measure.si * by) : undefined;
  };
  switch (id) {
    case 'rapid': {
      // Nothing is cut faster than it runs.
      const slower = at('demands.rapid', share);
      return slower && slower.demands.feed.si > slower.demands.rapid.si
        ? setAt(slower, 'demands.feed.si', slower.demands.rapid.si)
        : slower;
    }
    case 'feed':
      return at('demands.feed', share);
    case 'acceleration':
      return at('demands.acceleration', share);
    case 'cutting-force':
      return at('demands.cuttingForce', share);
    case 'lost-motion':
      return at('demands.lostMotion', 1 / share);
    case 'mass':
      return axis.loads.masses.length
        ? {
            ...axis,
            loads: {
              ...axis.loads,
              masses: axis.loads.masses.map((b) => setAt(b, 'mass.si', b.mass.si * share)),
            },
          }
        : undefined;
  }
}

/** A demand as it is, SI. */
export function demandOf(axis: Axis, id: DemandId): number {
  const { rapid, feed, acceleration, cuttingForce, lostMotion } = axis.demands;
  switch (id) {
    case 'rapid':
      return rapid.si;
    case 'feed':
      return feed.si;
    case 'acceleration':
      return acceleration.si;
    case 'cutting-force':
      return cuttingForce.si;
    case 'lost-motion':
      return lostMotion?.si ?? 0;
    case 'mass':
      return axis.loads.masses.reduce((sum, b) => sum + b.mass.si, 0);
  }
}

/** All of some demands asked at one share. */
const askingAll = (axis: Axis, ids: readonly DemandId[], share: number): Axis | undefined =>
  ids.reduce<Axis | undefined>((a, id) => a && asking(a, id, share), axis);

/** The largest share of some demands at which something holds, as nearly as halving finds it. */
function shareThatHolds(axis: Axis, ids: readonly DemandId[], steps: number, holds: (axis: Axis) => boolean) {
  const at = (share: number) => {
    const asked = askingAll(axis, ids, share);
    return asked !== undefined && holds(asked);
  };
  // Not all demands are monotone: the first step that holds is looked for, not guessed.
  let over = 1;
  for (let step = 1; step <= steps; step++) {
    const share = LEAST ** (step / steps);
    if (at(share)) {
      let under = share;
      for (let i = 0; i < HALVINGS; i++) {
        const middle = Math.sqrt(over * under);
        if (at(middle)) under = middle;
        else over = middle;
      }
      return under;
    }
    over = share;
  }
  return null;
}

/** Links on the side of the motor shaft where a part sits. */
const sideOf = (link: SearchLink): readonly SearchLink[] =>
  link === 'drive' || link === 'reducer' ? ['drive', 'reducer'] : ['motor', 'driver', 'supply'];

/** What of the present axis with nothing but the part exchanged is found wanting. */
function aloneWith({ axis, own, family, part }: WhyNotAsked): Checked[] {
  const found = partsIn(familyById(family)!, own).find((p) => p.id === part);
  const changed = found && applyEdits(axis, swapEdits(axis, familyById(family)!, found));
  if (!changed) return [];
  const subject = axisSubject(analyse(changed, silentWorksheet), silentWorksheet);
  return judge(lineChecks, subject)
    .filter((c) => c.verdict === 'gives-out')
    .sort((a, b) => a.margin - b.margin);
}

/** Demands that give way, one at a time, and pairs where none is enough. */
function* waysOf(
  asked: WhyNotAsked,
  link: SearchLink,
  limits: SearchLimits,
): Generator<WhyNotStep, WhyNot['ways']> {
  const { axis } = asked;
  const side = { ...limits, vary: sideOf(link).filter((l) => l === link || limits.vary.includes(l)) };
  const holds = (at: Axis) => axisIssues(at).length === 0 && holding(at, asked, side) !== null;
  const way = (ids: readonly DemandId[], share: number): GivesWay[] => {
    const to = askingAll(axis, ids, share)!;
    return ids.map((id) => ({ id, now: demandOf(axis, id), to: demandOf(to, id) }));
  };
  const ways: GivesWay[][] = [];
  const pairs = demandIds.flatMap((a, i) => demandIds.slice(i + 1).map((b) => [a, b] as const));
  const of = demandIds.length + pairs.length;
  for (const [done, id] of demandIds.entries()) {
    yield { stage: 'demands', done, of };
    const share = shareThatHolds(axis, [id], STEPS, holds);
    if (share !== null) ways.push(way([id], share));
  }
  if (ways.length) return ways;
  for (const [i, pair] of pairs.entries()) {
    yield { stage: 'demands', done: demandIds.length + i, of };
    const share = shareThatHolds(axis, pair, PAIR_STEPS, holds);
    if (share !== null) ways.push(way(pair, share));
  }
  return ways;
}

/**
 * Why a part is not in an axis: what gives out with it alone, the nearest combination with it that holds
 * (fewest other links changed, then money), and where none does, the least that would have to be asked less.
 * @returns null where the part is none of a link that a search changes, or is gone.
 */
export function* whyNotSteps(asked: WhyNotAsked): Generator<WhyNotStep, WhyNot | null> {
  const link = linkOf(asked.family);
  const family = familyById(asked.family);
  if (!link || !family || !partsIn(family, asked.own).some((p) => p.id === asked.part)) return null;
  const limits = limitsWith(asked, link);
  const alone = aloneWith(asked);
  const sets = setsOf(link, limits.vary);
  for (const [done, changed] of sets.entries()) {
    yield { stage: 'links', done, of: sets.length };
    const line = holding(asked.axis, asked, { ...limits, vary: [link, ...changed] });
    if (!line) continue;
    // Of as many changed links the cheapest.
    const same = sets.filter((s, i) => i > done && s.length === changed.length);
    let [best, links] = [line, changed];
    for (const others of same) {
      yield { stage: 'links', done, of: sets.length };
      const other = holding(asked.axis, asked, { ...limits, vary: [link, ...others] });
      if (other && other.money < best.money) [best, links] = [other, others];
    }
    return { alone, line: best, changed: links, ways: [] };
  }
  return { alone, line: null, changed: [], ways: yield* waysOf(asked, link, limits) };
}
