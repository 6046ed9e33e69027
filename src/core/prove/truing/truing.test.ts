import { describe, expect, it } from 'vitest';
import { applyEdits, arrangements, type Project, type RoundSaid } from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { CASES, covered, even, LEAST_COVER, misread, MOST_COVER } from '@test/helpers/errors';
import {
  bestMove,
  cellsOf,
  endOf,
  happenedEdits,
  movedEdits,
  readEdits,
  sheetEdits,
  type SheetPlan,
  type SheetState,
  spoils,
  startedRound,
  truingOf,
  truingPlan,
  unreadEdits,
} from '.';
import { readOf } from './readings';
import { workSheet } from './work';

const demos = demoMachines();
const [kayak] = demos as [Project];
const bare: Project = { ...kayak, sheets: [], rounds: [], happenings: [] };
let stamp = 0;
/** Times one after the other; ids as they come. */
const at = () => new Date(Date.UTC(2026, 10, 27, 18) + 1000 * stamp++).toISOString();
const fresh = () => `id-${stamp++}`;

const sheetIn = (project: Project, key: string): SheetState =>
  truingOf(project).sheets.find((s) => s.plan.key === key)!;

/** A round in which every cell is read by a function of its place. */
function readAll(
  project: Project,
  key: string,
  read: (cell: number) => number,
  temperature: number | null = 20,
) {
  const state = sheetIn(project, key);
  let round = startedRound(state, { id: fresh(), at: at(), temperature });
  let machine = project;
  for (const { index } of cellsOf(state.plan, state.method)) {
    const value = read(index);
    const reading = { place: index, typed: String(value), value, at: at() };
    machine = applyEdits(machine, readEdits(machine, round, reading, false));
    round = machine.rounds.at(-1)!;
  }
  return machine;
}

describe('the order of truing', () => {
  it.each(arrangements)(
    '%s: every sheet has a key of its own, and stands on one before it',
    (arrangement) => {
      for (const demo of demos) {
        const plans = truingPlan({ ...demo, brief: { ...demo.brief, arrangement } });
        const keys = plans.map((p) => p.key);
        expect(new Set(keys).size).toBe(keys.length);
        expect(keys[0]).toBe('frame');
        plans.forEach((p, i) => {
          if (p.reference) expect([...keys.slice(0, i), 'feet']).toContain(p.reference);
          for (const place of [...p.places, ...p.bolts])
            expect(Number.isFinite(place.x + place.y)).toBe(true);
          expect(Object.values(p.sizes).every(Number.isFinite)).toBe(true);
          expect(p.places.length).toBeGreaterThan(0);
          for (const m of p.methods) {
            const cells = cellsOf(p, m);
            expect(cells.map((c) => c.index)).toEqual(cells.map((_, j) => j));
          }
        });
      }
    },
  );
  it('a moving gantry: rails, feet, cross rail, square, drives, tram', () => {
    const keys = truingPlan(bare).map((p) => p.key);
    const order = [
      'rail-a/height',
      'rail-b/side',
      'feet',
      'cross/height',
      'square',
      'plunge',
      'mesh:bed',
      'tram',
    ];
    expect(order.map((k) => keys.indexOf(k))).toEqual(
      [...order.keys()].map((_, i) => keys.indexOf(order[i]!)),
    );
    expect(order.map((k) => keys.indexOf(k))).toEqual(
      [...order.map((k) => keys.indexOf(k))].sort((a, b) => a - b),
    );
  });
  it('limits come out of the brief, no wider than the guide takes, and are not known without one', () => {
    const limit = (project: Project, key: string) => truingPlan(project).find((p) => p.key === key)!.good;
    const accuracy = bare.brief.accuracy!.si;
    expect(limit(bare, 'rail-a/height')).toEqual({ value: accuracy / 6, from: 'brief' });
    expect(limit(bare, 'rail-b/side').from).toBe('guide');
    expect(limit(bare, 'rail-b/side').value!).toBeLessThan(accuracy / 6);
    const none = { ...bare, brief: { ...bare.brief, accuracy: null } };
    expect(limit(none, 'rail-a/height')).toEqual({ value: null, from: 'unknown' });
    expect(limit(none, 'rail-b/side').from).toBe('guide');
  });
});

describe('what spoils what', () => {
  it('by part and direction', () => {
    expect(spoils('frame', 'tram')).toBe(true);
    expect(spoils('rail-a/height', 'rail-b/height')).toBe(true);
    expect(spoils('rail-b/side', 'rail-b/height')).toBe(false);
    expect(spoils('rail-b/side', 'square')).toBe(true);
    expect(spoils('rail-b', 'feet')).toBe(true);
    expect(spoils('tram', 'feet')).toBe(false);
    expect(spoils('table', 'tram')).toBe(true);
    expect(spoils('square', 'mesh:bed')).toBe(true);
    expect(spoils('mesh:bed', 'mesh:bed')).toBe(false);
  });
});

describe('a sheet from its first reading to its last', () => {
  const key = 'rail-a/height';
  const bowed = (i: number) => 3e-4 * Math.sin((Math.PI * (i % 13)) / 12);
  it('open, begun, read: the narrowest band, shims, and what is expected after them', () => {
    expect(sheetIn(bare, key)).toMatchObject({ state: 'open', verdict: 'not-known' });
    const state = sheetIn(bare, key);
    const n = state.plan.places.length;
    const begun = { ...bare, rounds: [startedRound(state, { id: 'r', at: at(), temperature: 20 })] };
    expect(sheetIn(begun, key).state).toBe('reading');
    const read = readAll(bare, key, (i) => 3e-4 * Math.sin((Math.PI * (i % n)) / (n - 1)));
    const found = sheetIn(read, key);
    expect(found.state).toBe('done');
    expect(found.verdict).toBe('gives-out');
    const [zone] = found.last!.result.figures;
    expect(zone!.value).toBeGreaterThan(2e-4);
    expect(found.last!.result.expected!).toBeLessThan(2e-5);
    expect(found.last!.result.moves.every((m) => m.kind === 'shim' && m.by > 0)).toBe(true);
    expect(truingOf(read).next).toBe('frame');
  });
  it('moved after its advice and read again it holds; rounds tell what each leaves', () => {
    let machine = readAll(bare, key, bowed);
    const first = sheetIn(machine, key);
    machine = applyEdits(machine, movedEdits(machine, first, { id: fresh(), at: at() }));
    expect(sheetIn(machine, key)).toMatchObject({
      state: 'stale',
      stale: { why: 'own' },
      verdict: 'not-known',
    });
    machine = readAll(machine, key, (i) => bowed(i) / 10);
    const second = sheetIn(machine, key);
    expect(second).toMatchObject({ state: 'done', verdict: 'holds', stale: null });
    expect(second.factor!).toBeCloseTo(0.1, 1);
    expect(endOf(second, bestMove(truingOf(machine), second))).toBe('all-hold');
    expect(machine.rounds[0]!.moved.length).toBe(first.last!.result.moves.length);
  });
  it('a reading whose reference was moved is stale, says why, and comes back when it is read again', () => {
    let machine = readAll(bare, 'feet', () => 0);
    expect(sheetIn(machine, 'feet').state).toBe('done');
    const hit = { id: fresh(), at: at(), node: 'rail-b', what: 'loosened', note: 'bolt 7' } as const;
    machine = applyEdits(machine, happenedEdits(machine, hit));
    const { stale, state } = sheetIn(machine, 'feet');
    expect([state, stale?.why, stale?.happening?.note]).toEqual(['stale', 'upstream', 'bolt 7']);
    expect(
      sheetIn(
        readAll(machine, 'feet', () => 0),
        'feet',
      ).stale,
    ).toBeNull();
  });
  it('beyond five degrees a reading is of another day', () => {
    const machine = readAll(bare, key, bowed, 14);
    expect(
      sheetIn(
        readAll(machine, 'feet', () => 0, 18),
        key,
      ).stale,
    ).toBeNull();
    expect(
      sheetIn(
        readAll(machine, 'feet', () => 0, 20),
        key,
      ).stale,
    ).toEqual({ why: 'warm', happening: null });
  });
  it('once more beside the first is a mean with its scatter; a place is taken back', () => {
    let machine = readAll(bare, key, () => 0);
    const more = { place: 0, typed: '0.02', value: 2e-5, at: at() };
    machine = applyEdits(machine, readEdits(machine, machine.rounds[0]!, more, true));
    const read = readOf(machine.rounds[0]!, 2);
    expect(read.means[0]).toEqual({ mean: 1e-5, count: 2 });
    expect(read.scatter).toBeCloseTo(2e-5 / Math.SQRT2, 12);
    const without = applyEdits(machine, unreadEdits(machine, machine.rounds[0]!, 0));
    expect(without.rounds[0]!.readings.some((r) => r.place === 0)).toBe(false);
    const anew = applyEdits(machine, readEdits(machine, machine.rounds[0]!, more, false));
    expect(anew.rounds[0]!.readings.filter((r) => r.place === 0)).toHaveLength(1);
  });
  it('what the builder says counts: places, method, instrument, limit, left out', () => {
    const say = (change: Parameters<typeof sheetEdits>[2]) =>
      sheetIn(applyEdits(bare, sheetEdits(bare, key, change, fresh)), key);
    expect(say({ places: 7 }).plan.places).toHaveLength(7);
    expect(say({ method: 'wire' })).toMatchObject({ method: { id: 'wire' }, instrument: 'wire' });
    expect(say({ instrument: 'lever-dial' }).digit).toBeCloseTo(2e-6, 12);
    expect(say({ instrument: 'tape' }).instrument).toBe('dial');
    expect(say({ limit: 3e-6 }).limit).toBe(3e-6);
    expect(say({ good: 5e-5 }).plan.good).toEqual({ value: 5e-5, from: 'said' });
    expect(say({ left: true }).state).toBe('left');
  });
  it('the best move says what it brings, how long it takes and what it spoils', () => {
    const machine = readAll(
      readAll(bare, 'feet', () => 0),
      key,
      bowed,
    );
    const best = bestMove(truingOf(machine), sheetIn(machine, key))!;
    expect(best.worth).toBe(true);
    expect(best.spoils).toEqual(['feet']);
    expect(best.to).toBeLessThan(best.from);
    expect(best.minutes).toBeGreaterThan(3 * best.bolts);
  });
});

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
    return covered(CASES / 4, () => {
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
