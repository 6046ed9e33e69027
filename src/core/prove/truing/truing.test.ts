import { describe, expect, it } from 'vitest';
import { applyEdits, arrangements, type Project, projectIssues } from '@/core/model';
import { at, bare, demos, fresh, readAll, sheetIn } from '@test/helpers/truing';
import {
  bestMove,
  cellsOf,
  endOf,
  happenedEdits,
  movedEdits,
  readEdits,
  type RoundMemory,
  sheetEdits,
  spoils,
  startedRound,
  truingOf,
  truingPlan,
  unreadEdits,
} from '.';
import { readOf } from './readings';

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
            // A level steps from the first place: there is none before it.
            const first = p.kind === 'straight' && m.id === 'level' ? 1 : 0;
            expect(cells.map((c) => c.index)).toEqual(cells.map((_, j) => j + first));
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
  it('what was worked out is remembered: a reading in one round works out no other', () => {
    const machine = readAll(readAll(bare, key, bowed), 'feet', () => 0);
    const memory: RoundMemory = new WeakMap();
    const first = truingOf(machine, memory);
    const more = { place: 0, typed: '5 µm', value: 5e-6, at: at() };
    const next = truingOf(applyEdits(machine, readEdits(machine, machine.rounds[1]!, more, true)), memory);
    const state = (t: typeof first, k: string) => t.sheets.find((s) => s.plan.key === k)!.last!;
    expect(state(next, key)).toBe(state(first, key));
    expect(state(next, 'feet')).not.toBe(state(first, 'feet'));
    // Remembered or not, it is the same.
    expect(truingOf(machine, memory)).toEqual(truingOf(machine));
  });
  it('a round that others came after is worked out in full again when the last is taken back', () => {
    const once = readAll(bare, key, bowed);
    const memory: RoundMemory = new WeakMap();
    truingOf(
      readAll(once, key, (i) => bowed(i) / 2),
      memory,
    );
    expect(truingOf(once, memory)).toEqual(truingOf(once));
  });
  it('what the builder says counts: places, method, instrument, limit, left out', () => {
    const say = (change: Parameters<typeof sheetEdits>[2]) =>
      sheetIn(applyEdits(bare, sheetEdits(bare, key, change, fresh)), key);
    expect(say({ places: 7 }).plan.places).toHaveLength(7);
    expect(say({ method: 'level' })).toMatchObject({ method: { id: 'level' }, instrument: 'machine-level' });
    // In height a wire sags: it is not offered there.
    expect(say({ method: 'wire' }).method.id).toBe('edge-turned');
    expect([say({}).guessed, say({ limit: 3e-6 }).guessed]).toEqual([true, false]);
    expect(say({ instrument: 'lever-dial' }).digit).toBeCloseTo(2e-6, 12);
    expect(say({ instrument: 'tape' }).instrument).toBe('dial');
    expect(say({ limit: 3e-6 }).limit).toBe(3e-6);
    expect(say({ good: 5e-5 }).plan.good).toEqual({ value: 5e-5, from: 'said' });
    expect(say({ left: true }).state).toBe('left');
  });
  it('a belt sounds as it does, and is kept', () => {
    const rows = demos.find((d) => d.id === 'wayside')!;
    const clean = { ...rows, rounds: [], happenings: [] };
    const found = sheetIn(
      readAll(clean, 'belt:arm', () => 180),
      'belt:arm',
    ).last!.result.figures;
    expect(found[0]!.expanded).toBeGreaterThan(0);
    expect(projectIssues(readAll(clean, 'belt:arm', () => 180))).toEqual([]);
    const silent = sheetIn(
      readAll(clean, 'belt:arm', () => 0),
      'belt:arm',
    ).last!.result.figures;
    expect(silent[0]!.decision.verdict).toBe('gives-out');
  });
  it('a rack whose joint is open: its step stands apart from line and wave', () => {
    const { plan } = sheetIn(bare, 'mesh:bed');
    const open = 8e-5;
    // Behind a joint that only the stations along the rack see.
    const at = plan.places.at(-4)!.x;
    const machine = readAll(bare, 'mesh:bed', (k) => 3e-5 + (plan.places[k]!.x > at ? open : 0));
    const { figures } = sheetIn(machine, 'mesh:bed').last!.result;
    const joint = figures.find((f) => f.id === 'joint')!;
    expect(joint.value).toBeGreaterThan(open / 2);
    expect(joint.value).toBeLessThan(1.2 * open);
    const even = readAll(bare, 'mesh:bed', () => 3e-5);
    const none = sheetIn(even, 'mesh:bed').last!.result.figures.find((f) => f.id === 'joint')!;
    expect(none.value).toBeLessThan(none.expanded);
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
