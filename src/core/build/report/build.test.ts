import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, type Project, startingLine } from '@/core/model';
import { demoMachines } from '@/demo';
import { barKey, sawnEdits, unsawnEdits } from '../sawing';
import { buildContext, type BuildContext, buildFindings, specOf } from '.';

const [kayak] = demoMachines() as [Project];
const none = { partLines: [], quotes: [], sellers: [], bars: [], begunBars: [], saws: [], ownPieces: [] };
const bare: Project = { ...kayak, ...none, brief: { ...kayak.brief, budget: null } };
const reports = machineReport(bare, { remedies: false }).axes;
const today = '2026-11-27';
const built = (more: Partial<Project>): BuildContext => buildContext({ ...bare, ...more }, reports, today);
const codes = (context: BuildContext) => buildFindings(context).map((f) => `${f.code} ${f.verdict}`);
const mm = (v: number) => ({ typed: `${v} mm`, si: v / 1000, basis: 'estimate' }) as never;
const bar = (section: string, length: number, price: number | null = 40) => ({
  id: `bar-${length}`,
  section,
  length: mm(length),
  price,
  count: null,
  firstHole: null,
  note: '',
});
const RAIL = 'rail profile 15';
const line = (key: string, more = {}) => ({ ...startingLine(key.replace(/\W/g, '-'), key), ...more });

describe('sawing out of bars', () => {
  const bars = [bar(RAIL, 2000)];
  const context = built({ bars });
  const plan = context.plans.find((p) => p.section.key === RAIL)!;
  it('gathers rails of one size over the axes, and asks for bars in their place', () => {
    expect(plan.pieces.map((p) => p.length)).toEqual([1.52, 1.52, 0.33, 0.33]);
    expect(plan.plan).toMatchObject({ proved: true, impossible: [], missing: [] });
    const wanted = Object.fromEntries(context.lines.map((l) => [l.key, l]));
    expect(wanted[barKey('bar-2000')]).toMatchObject({ wanted: 2, toBuy: 2 });
    expect(wanted['gantry/rail']).toMatchObject({ sawn: true, toBuy: 0 });
    expect(wanted['bed/rail']).toMatchObject({ sawn: false, toBuy: 2 });
  });
  it('plans the rest anew when a piece was cut; the bar that was begun is not bought twice', () => {
    const after = buildContext(
      applyEdits(context.project, sawnEdits(context.project, plan, 0, 'good', 'one')),
      reports,
      today,
    );
    const next = after.plans.find((p) => p.section.key === RAIL)!;
    expect(next.begun).toHaveLength(1);
    expect(next.plan!.bars.flatMap((b) => b.pieces)).toHaveLength(3);
    expect(after.lines.find((l) => l.key === barKey('bar-2000'))!.wanted).toBe(2);
    expect(codes(after)).not.toContain('cut-spoilt gives-out');
  });
  it('finds a spoilt piece, and says how many more bars it takes', () => {
    const spoilt = applyEdits(context.project, sawnEdits(context.project, plan, 0, 'spoilt', 'one'));
    const after = buildContext(spoilt, reports, today);
    expect(codes(after)).toContain('cut-spoilt gives-out');
    expect(after.lines.find((l) => l.key === barKey('bar-2000'))!.wanted).toBe(3);
    // Taken back it is as before.
    expect(applyEdits(spoilt, unsawnEdits(spoilt, 'one')).begunBars).toEqual([]);
  });
  it('says which pieces no bar lets be', () => {
    expect(codes(built({ bars: [bar(RAIL, 1000)] }))).toContain('cut-impossible gives-out');
  });
  it('a bar that lies here is used up, and comes back when its cut is taken back', () => {
    const here = { ...bar(RAIL, 2000, null), id: 'here', count: 1 };
    const one = built({ bars: [here, bar(RAIL, 3000)] });
    const rails = one.plans.find((p) => p.section.key === RAIL)!;
    const at = rails.plan!.bars.findIndex((b) => b.bar.id === 'here');
    const after = applyEdits(one.project, sawnEdits(one.project, rails, at, 'good', 'one'));
    expect(after.bars[0]!.count).toBe(0);
    expect(applyEdits(after, unsawnEdits(after, 'one')).bars[0]!.count).toBe(1);
  });
});

describe('what is found of parts and money', () => {
  it('nothing while nothing is said', () => {
    expect(codes(built({}))).toEqual([]);
  });
  it('over the budget, or not known while parts have no price', () => {
    const brief = (budget: number) => ({ brief: { ...bare.brief, budget } });
    expect(codes(built(brief(10)))).toEqual(['list-budget gives-out']);
    expect(codes(built(brief(50_000)))).toEqual(['list-budget not-known']);
    // Here, and nobody has said what it cost: that is no reason to be calm about the money.
    const here = built({}).lines.map((l) => line(l.key, { state: 'arrived', count: l.wanted ?? 1 }));
    expect(codes(built({ ...brief(50_000), partLines: here }))).toEqual(['list-budget not-known']);
    const paid = here.map((l) => ({ ...l, paid: 1 }));
    expect(codes(built({ ...brief(50_000), partLines: paid }))).toEqual([]);
  });
  it('late against the wanted day, and overdue', () => {
    const due = (d: string) => [line('bed/motor', { state: 'ordered', count: 2, due: d })];
    const buying = { ...bare.buying, wantedBy: '2026-12-01' };
    expect(codes(built({ buying, partLines: due('2026-12-05') }))).toEqual(['part-late thin']);
    expect(codes(built({ buying, partLines: due('2026-11-20') }))).toEqual(['part-late gives-out']);
    expect(codes(built({ buying, partLines: due('2026-11-30') }))).toEqual([]);
  });
  it('refused, too few, gone, and other than was ordered', () => {
    const need = built({}).needs.find((n) => n.key === 'gantry/rail')!;
    const asked = specOf({ params: { ...need.params, length: 1.4 } });
    const same = specOf(need);
    const lines = [
      line('bed/motor', { state: 'refused' }),
      line('bed/carriage', { state: 'arrived', count: 3 }),
      line('nowhere/screw', { state: 'ordered', count: 1 }),
      line('gantry/rail', { state: 'ordered', count: 2, asked }),
      line('bed/pinion', { state: 'ordered', count: 2 }),
    ];
    expect(codes(built({ partLines: lines })).sort()).toEqual([
      'part-changed gives-out',
      'part-gone thin',
      'part-refused gives-out',
      'part-short gives-out',
    ]);
    const kept = [line('gantry/rail', { state: 'ordered', count: 2, asked: same })];
    expect(codes(built({ partLines: kept }))).toEqual([]);
  });
  it('quotes that are old, and two that lie far apart', () => {
    const quote = (id: string, price: number, date: string) => ({
      id,
      line: 'bed/motor',
      seller: 's',
      price,
      breaks: [],
      pack: 1,
      days: 3,
      date,
      until: null,
      note: '',
    });
    const sellers = [
      { id: 's', name: 'shop', fixed: 0, step: null, perStep: 0, freeFrom: null, duty: 0, tax: 0, note: '' },
    ];
    expect(
      codes(built({ sellers, quotes: [quote('a', 10, '2026-11-01'), quote('b', 11, '2026-11-01')] })),
    ).toEqual([]);
    expect(
      codes(built({ sellers, quotes: [quote('a', 10, '2026-06-01'), quote('b', 18, '2026-11-01')] })),
    ).toEqual(['quote-old thin', 'quote-few thin']);
  });
});
