import { describe, expect, it } from 'vitest';
import { applyEdits, type Project, type RoundSaid } from '@/core/model';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, misread, MOST_COVER } from '@test/helpers/errors';
import { at, bare, fresh, readAll, sheetIn } from '@test/helpers/truing';
import { cellsOf, movedEdits, sheetEdits, type SheetPlan, truingPlan } from '.';
import { readOf } from './readings';
import { workSheet } from './work';

describe('closed loop: trued by the advice through readings alone', () => {
  it('rails of every bow, with shims between the stations, come inside the limit', () => {
    const dice = chance(SEED);
    for (let i = 0; i < 12; i++) {
      const bow = even(dice, 6e-4);
      const kink = even(dice, 2e-4);
      const under = new Map<number, number>();
      let machine: Project = applyEdits(
        bare,
        sheetEdits(bare, 'rail-a/height', { method: 'edge', limit: 5e-6 }, fresh),
      );
      let state = sheetIn(machine, 'rail-a/height');
      const length = state.plan.sizes.length!;
      const lift = (x: number) => {
        const near = state.plan.bolts.map((b, j) => ({ x: b.x, by: under.get(j) ?? 0 }));
        const after = near.findIndex((b) => b.x >= x);
        if (after <= 0) return near[after < 0 ? near.length - 1 : 0]!.by;
        const [a, b] = [near[after - 1]!, near[after]!];
        return a.by + ((b.by - a.by) * (x - a.x)) / (b.x - a.x);
      };
      for (let round = 0; round < 4 && state.verdict !== 'holds'; round++) {
        machine = readAll(machine, 'rail-a/height', (k) => {
          const x = state.plan.places[k]!.x;
          const truth = bow * Math.sin((Math.PI * x) / length) + kink * Math.sin((5 * Math.PI * x) / length);
          return misread(dice, truth + lift(x), { digit: 1e-5, limit: 5e-6, scatter: 2e-6 });
        });
        state = sheetIn(machine, 'rail-a/height');
        if (state.verdict === 'holds') break;
        for (const { bolt, by } of state.last!.result.moves) under.set(bolt!, (under.get(bolt!) ?? 0) + by);
        machine = applyEdits(machine, movedEdits(machine, state, { id: fresh(), at: at() }));
      }
      expect(state.verdict).toBe('holds');
    }
  });
});

describe('stated intervals hold the truth as often as they say', () => {
  const limits = { digit: 1e-5, limit: 1.5e-5, scatter: 6e-6 };
  const planOf = (key: string) => truingPlan(bare).find((p) => p.key === key)!;
  const placesFor = (plan: SheetPlan, id: string) => {
    const method = plan.methods.find((m) => m.id === id)!;
    return plan.places.slice(0, cellsOf(plan, method).length / method.runs).map((p) => ({ ...p }));
  };
  const roundOf = (plan: SheetPlan, values: readonly number[], method: string): RoundSaid => ({
    id: 'r',
    sheet: plan.key,
    at: at(),
    temperature: 20,
    method,
    instrument: 'dial',
    digit: limits.digit,
    // The scatter of single readings is part of the instrument as its owner knows it.
    limit: Math.sqrt(limits.limit ** 2 + 3 * limits.scatter ** 2),
    places: placesFor(plan, method),
    readings: values.map((value, place) => ({ place, typed: '', value, at: '' })),
    moved: [],
  });
  const share = (
    plan: SheetPlan,
    method: string,
    truth: (f: number[]) => number[],
    id: string,
    of: () => number[],
  ) => {
    const dice = chance(SEED + plan.key.length);
    return covered(CASES, () => {
      const given = of();
      const exact = truth(given);
      const values = exact.map((v) => misread(dice, v, limits));
      const runs = (plan.methods.find((m) => m.id === method)?.runs ?? 1) as 1 | 2;
      const figure = (read: readonly number[]) =>
        workSheet(plan, readOf(roundOf(plan, read, method), runs), method).figures.find((f) => f.id === id)!;
      const found = figure(values);
      return { value: found.value, truth: figure(exact).value, expanded: found.expanded };
    });
  };
  const dice = chance(SEED + 5);
  const some = (n: number) => () => Array.from({ length: n }, () => even(dice, 5e-4));
  it.each([
    ['feet', 'dial', 'roll', 4],
    ['feet', 'dial', 'wind', 4],
    ['tram', 'swing', 'lean-right', 4],
    ['tram', 'swing', 'lean-back', 4],
    ['plunge', 'square', 'across', 4],
    ['plunge', 'square-turned', 'along', 8],
    ['frame', 'dial', 'twist', 4],
    ['square', 'square-turned', 'gamma', 4],
    ['table', 'dial', 'flat', 9],
  ] as const)('%s by %s: %s', (key, method, id, n) => {
    const found = share(planOf(key), method, (v) => v, id, some(n));
    expect(found).toBeGreaterThan(LEAST_COVER);
    expect(found).toBeLessThanOrEqual(id === 'flat' ? 1 : MOST_COVER + 0.004);
  });
});
