import { describe, expect, it } from 'vitest';
import { chance, type Chance, SEED, WIDE } from '@test/helpers/chance';
import {
  conflictOf,
  type Demand,
  goTwice,
  orderSteps,
  type OrderStep,
  serviceDepth,
  type ServicePart,
} from '.';

const step = (id: string, needs: readonly string[] = [], reach: OrderStep['reach'] = []): OrderStep => ({
  id,
  needs,
  reach,
  area: '',
  tool: '',
  height: 0,
  mass: 0,
  first: false,
});

/** Whether a step can be done with these done: by the definition, not by the code under test. */
const can = (s: OrderStep, done: ReadonlySet<string>, all: ReadonlySet<string>) =>
  s.needs.every((n) => !all.has(n) || done.has(n)) &&
  s.reach.every((options) => options.some((o) => o.every((b) => b === s.id || !done.has(b))));

/** Whether any order exists: forward, one step after another, through every set of done steps. */
function anyOrder(steps: readonly OrderStep[]): boolean {
  const bit = new Map(steps.map((s, i) => [s.id, 1 << i]));
  const mask = (ids: readonly string[], not = 0) => ids.reduce((m, id) => m | (bit.get(id) ?? 0), 0) & ~not;
  const needs = steps.map((s) => mask(s.needs));
  const reach = steps.map((s, i) => s.reach.map((r) => r.map((o) => mask(o, 1 << i))));
  const seen = new Set<number>();
  const walk = (done: number): boolean => {
    if (done === (1 << steps.length) - 1) return true;
    if (seen.has(done)) return false;
    seen.add(done);
    return steps.some(
      (_, i) =>
        !(done & (1 << i)) &&
        (needs[i]! & done) === needs[i] &&
        reach[i]!.every((options) => options.some((o) => !(o & done))) &&
        walk(done | (1 << i)),
    );
  };
  return walk(0);
}

const subset = (c: Chance, ids: readonly string[], share: number) => ids.filter(() => c.next() < share);

function randomSteps(c: Chance): OrderStep[] {
  const ids = Array.from({ length: 2 + c.below(8) }, (_, i) => `s${i}`);
  const [dense, hard] = [c.next() * 0.25, c.next() * 0.35];
  return ids.map((id) => ({
    ...step(
      id,
      subset(
        c,
        ids.filter((i) => i !== id),
        dense,
      ),
      Array.from({ length: c.below(3) }, () =>
        Array.from({ length: 1 + c.below(3) }, () => subset(c, ids, hard)),
      ),
    ),
    area: `a${c.below(3)}`,
    mass: c.below(5),
  }));
}

/** Every demand by itself, so that some can be left out. */
type Piece = { step: number; need: string } | { step: number; reach: number };
const demandsOf = (steps: readonly OrderStep[]): Piece[] =>
  steps.flatMap((s, i): Piece[] => [
    ...s.needs.map((need) => ({ step: i, need })),
    ...s.reach.map((_, reach) => ({ step: i, reach })),
  ]);
const only = (steps: readonly OrderStep[], kept: readonly Piece[]): OrderStep[] =>
  steps.map((s, i) => ({
    ...s,
    needs: s.needs.filter((n) => kept.some((k) => k.step === i && 'need' in k && k.need === n)),
    reach: s.reach.filter((_, r) => kept.some((k) => k.step === i && 'reach' in k && k.reach === r)),
  }));
function* choose<T>(list: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) return yield [];
  for (let i = from; i <= list.length - size; i++)
    for (const rest of choose(list, size - 1, i + 1)) yield [list[i]!, ...rest];
}

describe('an order of the work', () => {
  it('exists just where a search through every set of done steps finds one; keeps every demand', () => {
    const c = chance(SEED);
    let solvable = 0;
    for (let n = 0; n < 300 * WIDE; n++) {
      const steps = randomSteps(c);
      const found = orderSteps(steps);
      expect(found.ok).toBe(anyOrder(steps));
      if (!found.ok) continue;
      solvable++;
      const all = new Set(steps.map((s) => s.id));
      const done = new Set<string>();
      for (const id of found.order) {
        expect(
          can(
            steps.find((s) => s.id === id)!,
            done,
            all,
          ),
        ).toBe(true);
        done.add(id);
      }
      expect(done.size).toBe(steps.length);
      // What it says comes before what does.
      for (const [id, before] of found.before)
        for (const b of before) expect(found.order.indexOf(b)).toBeLessThan(found.order.indexOf(id));
    }
    // Both kinds were among them.
    expect(solvable).toBeGreaterThan(50);
    expect(solvable).toBeLessThan(290 * WIDE);
  });
  it('what contradicts is as small as the smallest set of demands that leaves no order', () => {
    const c = chance(SEED + 1);
    let seen = 0;
    for (let n = 0; n < 300 * WIDE; n++) {
      const steps = randomSteps(c);
      const found = conflictOf(steps);
      if (anyOrder(steps)) {
        expect(found).toBeUndefined();
        continue;
      }
      seen++;
      const demands = demandsOf(steps);
      let least = 1;
      while (least < 4 && ![...choose(demands, least)].some((k) => !anyOrder(only(steps, k)))) least++;
      expect(found!.least).toBe(true);
      if (least < 4) expect(found!.reasons).toHaveLength(least);
      // What it names contradicts by itself.
      const kept = found!.reasons.map((r): Piece => {
        const at = (id: string) => steps.findIndex((s) => s.id === id);
        return r.kind === 'needed' ? { step: at(r.by), need: r.step } : { step: at(r.step), reach: r.reach };
      });
      expect(anyOrder(only(steps, kept))).toBe(false);
    }
    expect(seen).toBeGreaterThan(60 * WIDE);
  });
  it('a circle of needs, a screw behind what it must hold, a screw that nothing reaches', () => {
    expect(
      conflictOf([step('a', ['b']), step('b', ['c']), step('c', ['a']), step('d')])!.reasons,
    ).toHaveLength(3);
    // The nut is tightened with the plate on, and the plate hides its screws from every tool.
    const nut = [step('plate'), step('nut', ['plate'], [[['plate'], ['plate', 'motor']]]), step('motor')];
    expect(conflictOf(nut)!.reasons).toEqual([
      { kind: 'needed', step: 'plate', by: 'nut' },
      { kind: 'hidden', step: 'nut', reach: 0, by: ['plate'] },
    ]);
    expect(conflictOf([step('a', [], [[]])])!.reasons).toEqual([
      { kind: 'hidden', step: 'a', reach: 0, by: [] },
    ]);
  });
  it('waits begin early, one place is finished before the next, low and heavy come first', () => {
    const at = (id: string, area: string, more: Partial<OrderStep> = {}) => ({ ...step(id), area, ...more });
    const found = orderSteps([
      at('rail', 'bed'),
      at('plate', 'gantry'),
      at('rack', 'bed'),
      at('paint', 'gantry', { first: true }),
      at('beam', 'gantry', { mass: 30 }),
      at('cover', 'bed', { height: 1 }),
    ]);
    expect(found).toMatchObject({ ok: true, order: ['paint', 'beam', 'plate', 'rail', 'rack', 'cover'] });
  });
});

describe('parts that go on twice', () => {
  /** Whether these may come off and go on again: every state of done steps, those parts never in the way. */
  const helps = (steps: readonly OrderStep[], off: readonly string[]) =>
    anyOrder(
      steps.map((s) => ({
        ...s,
        reach: s.reach.map((r) => r.map((o) => o.filter((b) => !off.includes(b) || s.needs.includes(b)))),
      })),
    );
  it('the cheapest choice is as cheap as any, and its turns can be done one after another', () => {
    const c = chance(SEED + 2);
    let seen = 0;
    for (let n = 0; n < 300 * WIDE; n++) {
      const steps = randomSteps(c);
      if (anyOrder(steps)) continue;
      const cost = new Map(steps.map((s) => [s.id, c.next() < 0.7 ? 1 + c.below(20) : undefined]));
      const may = steps.flatMap((s) => (cost.get(s.id) === undefined ? [] : [s.id]));
      const found = goTwice(steps, (id) => cost.get(id));
      const sizes = Array.from({ length: may.length }, (_, i) => [...choose(may, i + 1)]);
      const size = sizes.find((sets) => sets.some((set) => helps(steps, set)));
      expect(found === undefined).toBe(size === undefined);
      if (!found || !size) continue;
      seen++;
      const price = (set: readonly string[]) => set.reduce((sum, id) => sum + cost.get(id)!, 0);
      const least = Math.min(...size.filter((set) => helps(steps, set)).map(price));
      expect([found.parts.length, price(found.parts)]).toEqual([size[0]!.length, least]);
      const [on, done] = [new Set<string>(), new Set<string>()];
      const all = new Set(steps.map((s) => s.id));
      for (const { kind, id } of found.turns) {
        if (kind === 'off') expect(on.delete(id)).toBe(true);
        else {
          const s = steps.find((x) => x.id === id)!;
          // A step that is done finds on the machine what it needs, and nothing before its screws.
          if (kind === 'do') expect(can(s, on, all)).toBe(true);
          on.add(id);
          done.add(id);
        }
      }
      expect([on.size, done.size]).toEqual([steps.length, steps.length]);
    }
    expect(seen).toBeGreaterThan(15);
  });
  it('a bracket that a step needs and another must do without', () => {
    const steps = [step('bracket'), step('cable', ['bracket']), step('clamp', ['cable'], [[['bracket']]])];
    expect(goTwice(steps, (id) => (id === 'bracket' ? 4 : undefined))).toMatchObject({
      parts: ['bracket'],
      least: true,
      turns: [
        { kind: 'do', id: 'bracket' },
        { kind: 'do', id: 'cable' },
        { kind: 'off', id: 'bracket' },
        { kind: 'do', id: 'clamp' },
        { kind: 'again', id: 'bracket' },
      ],
    });
    expect(goTwice(steps, () => undefined)).toBeUndefined();
  });
});

describe('what must come off', () => {
  const part = (id: string, demand: Demand = [], minutes = 1): ServicePart => ({ id, minutes, demand });
  const demand = (c: Chance, ids: readonly string[]): Demand =>
    Array.from({ length: c.below(3) }, () =>
      Array.from({ length: 1 + c.below(3) }, () => subset(c, ids, 0.35)),
    );
  /** Every order in which parts can come off, one by one: no set is remembered. */
  function least(parts: readonly ServicePart[], goal: Demand): [number, number] | undefined {
    let best: [number, number] | undefined;
    const holds = (d: Demand, off: readonly string[]) =>
      d.every((options) => options.some((o) => o.every((p) => off.includes(p))));
    const seen = new Set<string>();
    const walk = (off: readonly string[], minutes: number) => {
      const key = [...off].sort().join();
      if (seen.has(key)) return;
      seen.add(key);
      if (
        holds(goal, off) &&
        (!best || off.length < best[0] || (off.length === best[0] && minutes < best[1]))
      )
        best = [off.length, minutes];
      for (const p of parts)
        if (!off.includes(p.id) && holds(p.demand, off)) walk([...off, p.id], minutes + p.minutes);
    };
    walk([], 0);
    return best;
  }
  it('is as little as any order of taking apart finds', () => {
    const c = chance(SEED + 3);
    let seen = 0;
    for (let n = 0; n < 300 * WIDE; n++) {
      const ids = Array.from({ length: 2 + c.below(8) }, (_, i) => `p${i}`);
      const parts = ids.map((id) =>
        part(
          id,
          demand(
            c,
            ids.filter((i) => i !== id),
          ),
          1 + c.below(30),
        ),
      );
      const goal = demand(c, ids);
      const found = serviceDepth(parts, goal);
      const wanted = least(parts, goal);
      expect(found && [found.off.length, found.minutes]).toEqual(wanted);
      if (found) expect(found.least).toBe(found.off.length);
      if (wanted && wanted[0] > 0) seen++;
    }
    expect(seen).toBeGreaterThan(60);
  });
  it('beyond what can be searched through it says between which bounds', () => {
    // Twenty covers in a row over the nut; another way round has as many.
    const row = Array.from({ length: 20 }, (_, i) => part(`c${i}`, i ? [[[`c${i - 1}`]]] : []));
    const round = Array.from({ length: 19 }, (_, i) => part(`r${i}`, i ? [[[`r${i - 1}`]]] : []));
    const found = serviceDepth([...row, ...round], [[['c19'], ['r18']]])!;
    expect(found.off.length).toBeGreaterThanOrEqual(19);
    expect(found.least).toBeLessThanOrEqual(19);
    expect(serviceDepth(row, [[['c19']]])!.least).toBe(20);
    expect(serviceDepth([part('a', [[['b']]]), part('b', [[['a']]])], [[['a']]])).toBeUndefined();
  });
});
