import TinyQueue from 'tinyqueue';
import { THIN_MARGIN } from '@/core/findings';
import type { OwnPart } from '@/core/model';
import { scaled, type Scale } from '../search/fronts';
import {
  ANYTHING,
  type AxisFronts,
  type Entry,
  type SupplyChoice,
  type TogetherAsked,
  type Without,
} from './axis-fronts';

/** Axes, by their place, that hang on one supply. */
export interface Group {
  readonly axes: readonly number[];
  readonly supply: SupplyChoice;
}

/** A drive train for every axis, and the supplies that they hang on. */
export interface Solved {
  readonly entries: readonly Entry[];
  readonly groups: readonly Group[];
  readonly money: number;
  readonly worth: number;
}

/** Who hangs on what, and what each axis must do without: sets that are still to be looked into. */
interface Branch {
  readonly groups: readonly Group[];
  readonly without: readonly Without[];
  /** What no set of it is cheaper than; of a set that stands, what it costs. */
  readonly money: number;
  readonly entries: readonly Entry[];
  /** Nothing of it is left open: it is the answer when its turn comes. */
  readonly stands: boolean;
}

const inTurn = (a: Branch, b: Branch): number => a.money - b.money || Number(b.stands) - Number(a.stands);

/** Hours add up; of all else a machine is worth what its poorest axis is. */
export const worthOf = (entries: readonly Entry[], scale: Scale): number => {
  const each = entries.map((e) => scaled(e.figures, scale));
  return scale === 'effort' ? each.reduce((a, b) => a + b, 0) : Math.min(...each);
};

/** The cheapest of each front that together are worth more; undefined: nothing is. */
function cheapest(fronts: readonly (readonly Entry[])[], scale: Scale, above: number): Entry[] | undefined {
  if (scale !== 'effort') {
    const found = fronts.map((front) => front.find((e) => scaled(e.figures, scale) > above));
    return found.every((e) => e !== undefined) ? found : undefined;
  }
  let best: { readonly money: number; readonly entries: Entry[] } | undefined;
  const take = (i: number, money: number, worth: number, entries: Entry[]): void => {
    if (best && money >= best.money) return;
    const front = fronts[i];
    if (!front) {
      if (worth > above) best = { money, entries };
      return;
    }
    for (const e of front) take(i + 1, money + e.money, worth + scaled(e.figures, scale), [...entries, e]);
  };
  take(0, 0, 0, []);
  return best?.entries;
}

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

/** What the others on the supply of an axis draw, whole watts upwards: as it is typed beside the axis. */
export const othersOf = (axes: readonly number[], axis: number, draws: (i: number) => number): number =>
  Math.ceil(sum(axes.filter((i) => i !== axis).map(draws)));

/** Ways in which axes hang together on supplies, so many at the most. */
export function groupings(count: number, most: number): readonly (readonly (readonly number[])[])[] {
  let found: number[][][] = [[]];
  for (let axis = 0; axis < count; axis++)
    found = found.flatMap((groups) => [
      ...groups.map((g, i) => groups.map((h, j) => (i === j ? [...g, axis] : h))),
      ...(groups.length < most ? [[...groups, [axis]]] : []),
    ]);
  return found;
}

/** Parts of the drawer that are wanted more often than they lie there, with what lacks. */
export function lacking(entries: readonly Entry[], groups: readonly Group[], own: readonly OwnPart[]) {
  return own.flatMap((part) => {
    const each = entries.map((e) => e.uses.get(part.id) ?? 0);
    // What one axis lacks by itself is in its money already, and a supply of which none is there.
    const counted = sum(each.map((n) => Math.max(0, n - part.onHand)));
    const supplies = groups.filter((g) => g.supply.id === part.id).length;
    const paid = part.onHand > 0 ? counted : counted + supplies;
    const lacks = Math.max(0, sum(each) + supplies - part.onHand) - paid;
    return lacks > 0 ? [{ part, lacks }] : [];
  });
}

export interface SolveAsked extends Pick<TogetherAsked, 'own' | 'scale'> {
  readonly fronts: readonly AxisFronts[];
  readonly supplies: readonly SupplyChoice[];
  /** Supplies at the most. */
  readonly most: number;
  readonly sure: boolean;
  readonly budget: number | null;
  /** Price of a piece that is bought; infinite: nobody knows it. */
  readonly price: (supply: string) => number;
}

/** Looks for the cheapest set of drive trains that is worth more than what is there. */
export class Solver {
  constructor(private readonly asked: SolveAsked) {}

  /** The branch with these conditions; undefined where no set keeps them. */
  private branch(groups: readonly Group[], without: readonly Without[], above: number): Branch | undefined {
    const { fronts, scale } = this.asked;
    const lists: (readonly Entry[])[] = [];
    for (const { axes, supply } of groups)
      for (const i of axes) {
        lists[i] = fronts[i]!.front(supply.id, without[i]!);
        if (!lists[i].length) return undefined;
      }
    const entries = cheapest(lists, scale, above);
    if (!entries) return undefined;
    return { groups, without, entries, money: this.moneyOf(entries, groups), stands: false };
  }

  /** Money with every supply once, all of the drawer free. */
  private moneyOf(entries: readonly Entry[], groups: readonly Group[]): number {
    const free = new Map(this.asked.own.map((p) => [p.id, p.onHand]));
    const supplies = groups.map(({ supply: { id } }) => ((free.get(id) ?? 0) > 0 ? 0 : this.asked.price(id)));
    return sum(entries.map((e) => e.money)) + sum(supplies);
  }

  /** Axes of a supply that is asked for more than it gives. */
  private overdrawn({ entries, groups }: Branch): readonly number[] {
    const margin = this.asked.sure ? THIN_MARGIN : 1;
    const draws = (i: number) => entries[i]!.draws;
    const over = groups.find(({ axes, supply }) =>
      axes.some((i) => (draws(i) + othersOf(axes, i, draws)) * margin > supply.power),
    );
    return over?.axes ?? [];
  }

  /** What an open branch comes to: the same set at its price where it stands, and what is near it. */
  private *opened(branch: Branch, above: number): Generator<Branch | undefined> {
    const { groups, without, entries, money } = branch;
    const but = (axis: number, more: Partial<Without>) =>
      this.branch(
        groups,
        without.map((w, i) => (i === axis ? { ...w, ...more } : w)),
        above,
      );
    const over = this.overdrawn(branch);
    if (over.length) {
      // One of them must draw less, whichever it is.
      for (const axis of over) yield but(axis, { draws: entries[axis]!.draws });
      return;
    }
    const lacks = lacking(entries, groups, this.asked.own);
    const dearer = sum(lacks.map(({ part, lacks: n }) => n * (part.price ?? Infinity)));
    if (dearer < Infinity) yield { ...branch, money: money + dearer, stands: true };
    for (const { part } of lacks)
      for (const [axis, entry] of entries.entries())
        if (entry.uses.has(part.id)) yield but(axis, { parts: [...without[axis]!.parts, part.id] });
  }

  private *begun(above: number): Generator<Branch | undefined> {
    const { fronts, supplies, most } = this.asked;
    for (const grouping of groupings(fronts.length, most)) {
      let ways: readonly (readonly Group[])[] = [[]];
      for (const axes of grouping)
        ways = ways.flatMap((way) => supplies.map((supply): Group[] => [...way, { axes, supply }]));
      for (const groups of ways)
        yield this.branch(
          groups,
          fronts.map(() => ANYTHING),
          above,
        );
    }
  }

  /** @param above what the set must be worth more than. Null: no set is, within the budget. */
  cheapest(above: number): Solved | null {
    const { budget, scale } = this.asked;
    const queue = new TinyQueue<Branch>([], inTurn);
    const add = (branch: Branch | undefined) => {
      if (branch && branch.money < Infinity && branch.money <= (budget ?? Infinity)) queue.push(branch);
    };
    for (const branch of this.begun(above)) add(branch);
    for (let next = queue.pop(); next; next = queue.pop()) {
      const { entries, groups, money, stands } = next;
      if (stands) return { entries, groups, money, worth: worthOf(entries, scale) };
      for (const branch of this.opened(next, above)) add(branch);
    }
    return null;
  }
}
