import { describe, expect, it } from 'vitest';
import { readListCsv } from '@/core/formats';
import { machineReport } from '@/core/machine';
import { change, partStates, type Project, type QuoteInput } from '@/core/model';
import { demoMachines } from '@/demo';
import { partsCsv } from '@/drawings';
import { chance, SEED, WIDE } from '@test/helpers/chance';
import { needsOf } from '../needs';
import { buildFindings, buildOf } from '../report';
import { type LineChange, lineEdits, linesOf, stateChange } from '.';

const machines = demoMachines().map((project) => ({
  project,
  needs: needsOf({ project, reports: machineReport(project, { remedies: false }).axes }),
}));
const today = '2026-11-27';
let serial = 0;

/** Anything said of any lines, and quotes of anybody. */
function anyList(seed: number) {
  const { next, below, pick } = chance(seed);
  const { project: from, needs } = pick(machines);
  const day = () =>
    `2026-${String(10 + below(3)).padStart(2, '0')}-${String(1 + below(28)).padStart(2, '0')}`;
  const lines = linesOf(from, needs);
  const changes = new Map<string, LineChange>();
  for (let i = 0; i < 25; i++) {
    const line = pick(lines);
    const state = next() < 0.6 ? stateChange(line, pick(partStates), today) : {};
    changes.set(line.key, {
      ...state,
      ...(next() < 0.3 ? { have: below(6) } : {}),
      ...(next() < 0.2 ? { quantity: below(9) } : {}),
      ...(next() < 0.2 ? { paid: Math.round(next() * 5000) / 100 } : {}),
      ...(next() < 0.2 ? { option: pick(['a', 'b']) } : {}),
      ...(next() < 0.3 ? { due: day() } : {}),
    });
  }
  const quotes = Array.from({ length: 20 }, (_, i): QuoteInput => ({
    id: `any-${i}`,
    line: pick(lines).key,
    seller: pick(from.sellers).id,
    price: Math.round(next() * 10_000) / 100,
    breaks: next() < 0.3 ? [{ id: 'b', from: 2 + below(20), price: Math.round(next() * 3000) / 100 }] : [],
    pack: pick([1, 1, 5, 10]),
    days: pick([null, 1, 7, 30]),
    date: day(),
    until: null,
    note: '',
  }));
  const made = change(from, [
    ...lineEdits(from, changes, () => `any-line-${++serial}`),
    { path: 'quotes', value: [...from.quotes, ...quotes] as never },
    { path: 'buying.wantedBy', value: pick([null, day()]) },
  ]);
  if (!made.ok) throw new Error(`seed ${seed}: ${JSON.stringify(made.issues[0])}`);
  return { project: made.project as Project, needs };
}

describe('any list', () => {
  it(`adds up, buys what is lacking and no more, ${150 * WIDE} times`, () => {
    for (let i = 0; i < 150 * WIDE; i++) {
      const at = `seed ${SEED + i}`;
      const { project, needs } = anyList(SEED + i);
      const context = buildOf(project, needs, today);
      const { lines, money } = context;
      for (const { toBuy, wanted, spare, have, key } of lines) {
        expect(toBuy, `${at}: ${key}`).toBeGreaterThanOrEqual(0);
        expect(toBuy, `${at}: ${key}`).toBeLessThanOrEqual(Math.max(0, (wanted ?? 0) + spare - have) + 0.1);
      }
      // What each line costs comes to what is paid, the basket, and the examples.
      const needed = lines.filter((l) => l.option === '');
      const known = needed.reduce((s, l) => s + money.lines.get(l.key)!.known, 0);
      expect(known, at).toBeCloseTo(money.total, 6);
      expect(
        money.byOwner.reduce((s, o) => s + o.cost, 0),
        at,
      ).toBeCloseTo(money.total, 6);
      expect(money.basket.least, at).toBeLessThanOrEqual(money.basket.total + 1e-9);
      const bought = money.basket.parcels.flatMap((p) => p.lines.map((l) => l.item.id));
      expect(new Set(bought).size, at).toBe(bought.length);
      // In time is never cheaper than with all the time of the world, for the same things.
      if (money.inTime && !money.inTime.without.length)
        expect(money.inTime.total, at).toBeGreaterThanOrEqual(money.basket.least - 1e-9);
      // What goes out as a file is read again.
      expect(readListCsv(partsCsv(project, lines)), at).toMatchObject({ ok: true });
      for (const f of buildFindings(context)) expect(Number.isFinite(f.value), `${at}: ${f.code}`).toBe(true);
    }
  });
});
