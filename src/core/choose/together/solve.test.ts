import { describe, expect, it } from 'vitest';
import type { OwnPart } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import type { LineFigures } from '../search/judged';
import type { AxisFronts, Entry, SupplyChoice, Without } from './axis-fronts';
import { type Group, groupings, lacking, othersOf, type SolveAsked, Solver, worthOf } from './solve';

const dice = chance(SEED + 421);
const whole = (low: number, high: number) => low + Math.floor(dice.next() * (high - low + 1));
const figures = (torque: number, effort: number): LineFigures => ({
  ...{ speed: 1, torque, stiffness: 1e7, lost: 0, error: 0, effort },
  unknown: { stiffness: 0, lost: 0, error: 0 },
});

const own = (id: string, onHand: number, price: number | null): OwnPart =>
  ({ id, family: 'stepper', name: id, values: {}, note: '', price, onHand }) as OwnPart;

type Given = Entry & { readonly supply: string };

/** One drive train by chance. */
function entry(id: string, supply: string, parts: readonly OwnPart[]): Given {
  const part = dice.next() < 0.4 ? parts[whole(0, parts.length - 1)] : undefined;
  return {
    id,
    family: 'ball-screw',
    axis: {} as never,
    money: whole(20, 90),
    draws: whole(20, 120),
    figures: figures(whole(10, 30) / 10, whole(4, 20)),
    verdict: 'holds',
    uses: new Map(part ? [[part.id, 1]] : []),
    supply,
  };
}

/** The fronts of an axis out of a plain list: the cheapest that is worth more than all cheaper ones. */
function frontsOf(entries: readonly Given[], worth: (e: Entry) => number): AxisFronts {
  const front = (supply: string, { draws, parts }: Without) => {
    let best = -Infinity;
    return entries
      .filter((e) => e.supply === supply && e.draws < draws && !parts.some((p) => e.uses.has(p)))
      .sort((a, b) => a.money - b.money || worth(b) - worth(a))
      .filter((e) => worth(e) > best && ((best = worth(e)), true));
  };
  return { front } as unknown as AxisFronts;
}

/** Every set on every supply: the least money for being worth more. */
function cheapestOfAll(
  lists: readonly (readonly Given[])[],
  { own: parts, supplies, most, budget, price, scale }: SolveAsked,
  above: number,
): number | null {
  let sets: (readonly Given[])[] = [[]];
  for (const list of lists) sets = sets.flatMap((set) => list.map((e) => [...set, e]));
  let best = Infinity;
  for (const set of sets) {
    if (worthOf(set, scale) <= above) continue;
    for (const way of groupings(lists.length, most)) {
      const groups: Group[] = way.flatMap((axes) => {
        const supply = supplies.find((s) => s.id === set[axes[0]!]!.supply);
        return supply && axes.every((i) => set[i]!.supply === supply.id) ? [{ axes, supply }] : [];
      });
      if (groups.length !== way.length) continue;
      const draws = (i: number) => set[i]!.draws;
      const fits = groups.every(({ axes, supply }) =>
        axes.every((i) => draws(i) + othersOf(axes, i, draws) <= supply.power),
      );
      if (!fits) continue;
      const wanted = new Map<string, number>();
      for (const e of set) for (const [id, n] of e.uses) wanted.set(id, (wanted.get(id) ?? 0) + n);
      let money = set.reduce((sum, e) => sum + e.money, 0);
      money += groups.reduce((sum, g) => sum + price(g.supply.id), 0);
      for (const { id, onHand, price: dear } of parts) {
        const lacks = (wanted.get(id) ?? 0) - onHand;
        if (lacks > 0) money += lacks * (dear ?? Infinity);
      }
      if (money <= (budget ?? Infinity)) best = Math.min(best, money);
    }
  }
  return Number.isFinite(best) ? best : null;
}

describe('the cheapest set that is worth more', () => {
  const supplies: readonly SupplyChoice[] = [
    { id: 'small', power: 200 },
    { id: 'large', power: 330 },
    { id: 'open', power: Infinity },
  ];
  const prices: Record<string, number> = { small: 25, large: 60, open: 140 };
  const parts = [own('one', 1, 30), own('two', 2, null)];
  it.each([
    ['torque', 1, null],
    ['torque', 2, null],
    ['effort', 2, null],
    ['torque', 3, 260],
    ['effort', 1, 300],
  ] as const)('is that of looking at every set: %s, %s supplies, money %s', (scale, most, budget) => {
    let seen = 0;
    for (let run = 0; run < 25; run++) {
      const lists = Array.from({ length: 3 }, (_, axis) =>
        supplies.flatMap(({ id }) =>
          Array.from({ length: 4 }, (_, i) => entry(`${axis} ${id} ${i}`, id, parts)),
        ),
      );
      const worth = (e: Entry) => (scale === 'effort' ? -e.figures.effort : e.figures.torque);
      const asked: SolveAsked = {
        ...{ own: parts, scale, supplies, most, sure: false, budget },
        fronts: lists.map((list) => frontsOf(list, worth)),
        price: (id) => prices[id]!,
      };
      const solver = new Solver(asked);
      let above = -Infinity;
      for (let step = 0; step < 40; step++) {
        const found = solver.cheapest(above);
        expect(found?.money ?? null).toEqual(cheapestOfAll(lists, asked, above));
        if (!found) break;
        expect(found.worth).toBeGreaterThan(above);
        above = found.worth;
        seen += 1;
      }
    }
    expect(seen).toBeGreaterThan(25);
  });
  it('parts that are wanted twice and lie there once lack once; a supply of the drawer too', () => {
    const uses = new Map([['one', 1]]);
    const of = (u: Entry['uses']): Entry => ({ ...entry('e', 'small', parts), uses: u });
    const group = (id: string): Group => ({ axes: [0], supply: { id, power: 100 } });
    expect(lacking([of(uses), of(uses)], [], parts)).toEqual([{ part: parts[0], lacks: 1 }]);
    expect(lacking([of(uses), of(new Map())], [], parts)).toEqual([]);
    const supply = own('mine', 1, 10);
    expect(lacking([], [group('mine'), group('mine')], [supply])).toEqual([{ part: supply, lacks: 1 }]);
    // Of one that does not lie there every piece is paid already.
    expect(lacking([], [group('mine')], [own('mine', 0, 10)])).toEqual([]);
  });
});
