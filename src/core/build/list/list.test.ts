import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, type PartLine, type Project, type QuoteInput, startingLine } from '@/core/model';
import { demoMachines } from '@/demo';
import { needsOf } from '../needs';
import { linesOf, ownKey } from './lines';
import { moneyOf } from './money';

const [kayak] = demoMachines() as [Project];
const bare: Project = { ...kayak, partLines: [], quotes: [], sellers: [], bars: [], begunBars: [] };
const reports = machineReport(bare, { remedies: false }).axes;
const needs = needsOf({ project: bare, reports });
const line = (key: string, more: Partial<PartLine> = {}): PartLine => ({
  ...startingLine(key.replace(/\W/g, '-'), key),
  ...more,
});
const quote = (id: string, of: string, price: number, more: Partial<QuoteInput> = {}): QuoteInput => ({
  id,
  line: of,
  seller: 's',
  price,
  breaks: [],
  pack: 1,
  days: 5,
  date: '2026-11-01',
  until: null,
  note: '',
  ...more,
});
const seller: Project['sellers'][number] = {
  id: 's',
  name: 'bearing shop',
  fixed: 8,
  step: null,
  perStep: 0,
  freeFrom: null,
  duty: 0,
  tax: 0,
  note: '',
};
const of = (project: Project, key: string) => linesOf(project, needs).find((l) => l.key === key)!;

describe('what a machine is made of', () => {
  it('each thing once, under a key of its own', () => {
    expect(new Set(needs.map((n) => n.key)).size).toBe(needs.length);
  });
  it('as many as the model has: two rails, two carriages on each, six racks of a metre for two sides', () => {
    const wanted = Object.fromEntries(needs.map((n) => [n.key, n.quantity]));
    expect(wanted).toMatchObject({
      'bed/rail': 2,
      'bed/carriage': 4,
      'bed/rack': 6,
      'bed/pinion': 2,
      'bed/motor': 2,
    });
  });
  it('a screw for each hole of a plate, with its length; a rail that stiffens the beam not twice', () => {
    const screws = needs.find((n) => n.key === 'plunge/screw/carriage-plate.carriages')!;
    expect(screws).toMatchObject({ quantity: 16, spare: 2, params: { thread: 'M4', length: 0.02 } });
    expect(needs.some((n) => n.kind === 'strip')).toBe(false);
  });
  it('keeps a key when the size changes, so that what was said of it stays', () => {
    const longer = applyEdits(bare, [
      { path: 'axes.0.guide.railLength', value: { typed: '3100 mm', si: 3.1, basis: 'estimate' } },
    ]);
    const after = needsOf({ project: longer, reports });
    expect(after.map((n) => n.key)).toEqual(needs.map((n) => n.key));
    expect(after.find((n) => n.key === 'bed/rail')!.params.length).toBe(3.1);
  });
  it('a cable out of run, the chains that it passes, drop, plugs and slack', () => {
    const m = (typed: string, si: number) => ({ typed, si, basis: 'estimate' }) as never;
    const wired: Project = {
      ...bare,
      cabling: [{ id: 'c', axis: 'plunge', run: m('2 m', 2), drop: m('0.4 m', 0.4) }],
    };
    const chained = reports.map((r, i) => ({
      ...r,
      chain: {
        ...r.chain,
        lengths: { ...r.chain.lengths, cable: i < 2 ? { length: [1.6, 0.9][i]!, links: 40 } : null },
      },
    }));
    const cable = needsOf({ project: wired, reports: chained }).find((n) => n.key === 'plunge/motor-cable')!;
    // 2 + 1.6 + 0.9 + 0.4 + two plugs of 0.15 are 5.2; a tenth of that is more than half a metre: 0.52.
    expect(cable.quantity).toBeCloseTo(5.72, 9);
    expect(
      needsOf({ project: wired, reports: chained }).find((n) => n.key === 'bed/motor-cable'),
    ).toMatchObject({
      quantity: null,
      open: ['cabling.bed.run', 'cabling.bed.drop'],
    });
  });
});

describe('a line of the list', () => {
  it('is bought as often as it is wanted with spare, less what lies in the drawer', () => {
    const key = 'plunge/screw/carriage-plate.carriages';
    expect(of(bare, key)).toMatchObject({
      wanted: 16,
      spare: 2,
      toBuy: 18,
      state: 'to-buy',
      origin: 'model',
    });
    const some = { ...bare, partLines: [line(key, { have: 10 })] };
    expect(of(some, key)).toMatchObject({ have: 10, toBuy: 8, state: 'to-buy' });
    const all = { ...bare, partLines: [line(key, { have: 16 })] };
    expect(of(all, key)).toMatchObject({ toBuy: 0, state: 'on-hand' });
  });
  it('that was ordered wants nothing, until the model asks for more than were ordered', () => {
    const ordered = { ...bare, partLines: [line('bed/carriage', { state: 'ordered', count: 4 })] };
    expect(of(ordered, 'bed/carriage').toBuy).toBe(0);
    const three = { ...bare, partLines: [line('bed/carriage', { state: 'arrived', count: 3 })] };
    expect(of(three, 'bed/carriage')).toMatchObject({ toBuy: 1, state: 'arrived' });
  });
  it('never confuses what the model asks with what the builder added or what is asked no more', () => {
    const key = ownKey('vice');
    const lines = linesOf(
      { ...bare, partLines: [line(key, { name: 'Vice', quantity: 1 }), line('gone/thing')] },
      needs,
    );
    expect(lines.filter((l) => l.origin === 'own').map((l) => l.key)).toEqual([key]);
    expect(lines.filter((l) => l.origin === 'gone').map((l) => l.key)).toEqual(['gone/thing']);
    expect(lines.find((l) => l.key === 'machine/emergency-stop')!.origin).toBe('usual');
  });
});

describe('money of the list', () => {
  const today = '2026-11-27';
  const priced: Project = {
    ...bare,
    sellers: [seller, { ...seller, id: 'far', name: 'far mill', fixed: 20 }],
    quotes: [
      quote('a', 'bed/pinion', 30),
      quote('b', 'bed/pinion', 12, { seller: 'far', days: 30 }),
      quote('c', 'bed/motor', 80),
    ],
  };
  const money = (project: Project) => moneyOf(project, linesOf(project, needs), today);
  it('is the cheapest basket with its shipping, shared by what the goods cost', () => {
    // Two pinions and two motors of one parcel are 60 + 160 + 8; of two 24 + 160 + 8 + 20.
    expect(money(priced).basket).toMatchObject({ total: 212, proved: true });
    const share = [...money(priced).lines.values()].filter((l) => l.from === 'quote');
    expect(share.reduce((s, l) => s + l.cost!, 0)).toBeCloseTo(212, 9);
  });
  it('says what it costs to be in time', () => {
    const soon = { ...priced, buying: { ...priced.buying, wantedBy: '2026-12-10' } };
    expect(money(soon).inTime).toMatchObject({ total: 228 });
    expect(money({ ...soon, buying: { ...soon.buying, wantedBy: '2027-03-01' } }).inTime).toBeNull();
  });
  it('keeps what can be left out apart, at what the whole costs more with it', () => {
    const optional = { ...priced, partLines: [line('bed/motor', { option: 'second motor' })] };
    expect(money(optional).basket.total).toBe(44);
    expect(money(optional).options).toEqual([{ name: 'second motor', lines: 1, price: 168, unpriced: 0 }]);
  });
  it('counts what was paid, and what is on hand as nothing', () => {
    const got = {
      ...priced,
      partLines: [
        line('bed/pinion', { state: 'ordered', count: 2, quote: 'a' }),
        line('bed/motor', { state: 'arrived', count: 2, paid: 199 }),
      ],
    };
    expect(money(got)).toMatchObject({ paid: 259, basket: { total: 0 } });
  });
  it('adds up by axis to all of it', () => {
    const { byOwner, total } = money(priced);
    expect(byOwner.reduce((s, o) => s + o.cost, 0)).toBeCloseTo(total, 9);
  });
});
