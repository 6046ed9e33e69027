import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, change, type OwnPiece, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { needsOf } from '../needs';
import {
  barNeeds,
  begunId,
  fromBars,
  nextCuts,
  offcutEdits,
  openSpoilt,
  sawingPlan,
  sawnEdits,
  sawOf,
  type SectionPlan,
  spoiltPieces,
  startingSaw,
  unsawnEdits,
  usualBars,
} from '.';

const [kayak] = demoMachines() as [Project];
const bare: Project = {
  ...kayak,
  partLines: [],
  quotes: [],
  bars: [],
  begunBars: [],
  saws: [],
  ownPieces: [],
};
const reports = machineReport(bare, { remedies: false }).axes;
const mm = (v: number) => ({ typed: `${v} mm`, si: v / 1000, basis: 'estimate' }) as never;
const bar = (id: string, section: string, length: number, more = {}): Project['bars'][number] => ({
  id,
  section,
  length: mm(length),
  price: 40,
  count: null,
  firstHole: null,
  note: '',
  ...more,
});
const piece = (
  id: string,
  section: string,
  length: number,
  count: number,
  mitre: number | null = null,
): OwnPiece => ({
  id,
  name: id,
  section,
  length: mm(length),
  count,
  mitre: mitre === null ? null : mm(mitre),
});
const plansOf = (project: Project) => sawingPlan(project, needsOf({ project, reports }));
const of = (project: Project, key: string): SectionPlan =>
  plansOf(project).find((p) => p.section.key === key)!;
const RAIL = 'rail profile 15';
const RACK = 'rack 1.5x15 helical';
const TUBE = 'Tube 40 × 40 × 3';

describe('what is sawn', () => {
  it('is gathered by section over axes, frame and the builder’s own', () => {
    const keys = plansOf(bare).map((p) => p.section.key);
    expect(keys).toEqual(expect.arrayContaining([RAIL, 'rail profile 20', RACK, 'rect-tube 120x80x5 steel']));
    expect(new Set(keys).size).toBe(keys.length);
    const own = { ...bare, ownPieces: [piece('a', RAIL, 400, 2)] };
    expect(of(own, RAIL).pieces).toHaveLength(6);
  });
  it('mitred pieces are a set of their own out of the same bars, less what others have taken', () => {
    const two = { ...bare, ownPieces: [piece('leg', TUBE, 700, 2), piece('frame', TUBE, 600, 4, 40)] };
    const here = { ...two, bars: [bar('here', TUBE, 2000, { count: 1 }), bar('sold', TUBE, 6000)] };
    const plans = plansOf(here).filter((p) => p.section.key.startsWith(TUBE));
    expect(plans.map((p) => p.section.form.kind)).toEqual(['plain', 'mitred']);
    const used = plans.flatMap((p) => p.plan!.bars.filter((b) => b.bar.id === 'here'));
    expect(used.length).toBeLessThanOrEqual(1);
    expect(barNeeds(here, plans).find((n) => n.key === 'bar/sold')!.quantity).toBe(
      plans.flatMap((p) => p.plan!.bars.filter((b) => b.bar.id === 'sold')).length,
    );
  });
  it('is bought cut as long as nobody says a bar', () => {
    expect(of(bare, RAIL).plan).toBeNull();
    expect(fromBars(bare, plansOf(bare)).size).toBe(0);
    const some = { ...bare, bars: [bar('b', RAIL, 2000)] };
    expect([...fromBars(some, plansOf(some))]).toEqual([RAIL]);
  });
  it('rails with ends that may differ are held against such as are alike', () => {
    const rails = { ...bare, bars: [bar('b', RAIL, 2000)] };
    const { plan, other } = of(rails, RAIL);
    expect(other!.cost).toBeLessThanOrEqual(plan!.cost + 1e-9);
    const saw = { ...startingSaw('s', of(rails, RAIL).section), ends: 'free' as const };
    const free = of({ ...rails, saws: [saw] }, RAIL);
    expect([free.plan!.cost, free.other!.cost]).toEqual([other!.cost, plan!.cost]);
  });
  it('by the saw that was said, else by a usual one that is ours', () => {
    const { section } = of(bare, RAIL);
    expect(sawOf(bare, section)).toMatchObject({
      kerf: { typed: '2.5 mm', basis: 'ours' },
      squared: { si: 0 },
    });
    const said = { ...startingSaw('s', section), kerf: mm(4) };
    expect(sawOf({ saws: [said] }, section).kerf.si).toBe(0.004);
    for (const plan of plansOf(bare))
      for (const length of usualBars(plan.section)) expect(length).toBeGreaterThan(0.4);
  });
});

describe('what was sawn', () => {
  const rails = { ...bare, bars: [bar('b', RAIL, 2000)] };
  const saw = (project: Project, state: 'good' | 'spoilt', id: string, at = 0) =>
    applyEdits(project, sawnEdits(project, of(project, RAIL), at, state, id));
  /** Cuts everything, one bar after another, as the plan then says. */
  function sawAll(project: Project): Project {
    let now = project;
    for (let i = 0; i < 20; i++) {
      const plan = of(now, RAIL);
      const next = nextCuts(plan);
      if (!next.length) return now;
      const begun = next.find(({ bar: at }) =>
        now.begunBars.some((b) => begunId(b.id) === plan.plan!.bars[at]!.bar.id),
      );
      now = saw(now, 'good', `bar-${i}`, (begun ?? next[0]!).bar);
    }
    throw new Error('it never ends');
  }
  it('piece after piece leads to all of them, each state one that can be kept', () => {
    const done = sawAll(rails);
    const { cut, pieces, plan } = of(done, RAIL);
    expect([...cut.values()]).toEqual(pieces.map(() => 'good'));
    expect(plan!.bars).toEqual([]);
    expect(done.begunBars).toHaveLength(2);
    expect(change(rails, [{ path: 'begunBars', value: done.begunBars as never }]).ok).toBe(true);
    // Marks only go forward along a bar, a kerf apart at least.
    for (const { cuts } of done.begunBars)
      cuts.forEach((c, i) =>
        expect(c.start).toBeGreaterThanOrEqual((cuts[i - 1]?.end ?? -1) + (i ? 0.0025 : 0) - 1e-9),
      );
  });
  it('racks and mitred tube go on where they were sawn: neither tooth nor slant is lost', () => {
    const rack = { ...bare, bars: [bar('r', RACK, 3100)] };
    const pieces = of(rack, RACK).plan!.bars[0]!.pieces;
    const cut = applyEdits(rack, sawnEdits(rack, of(rack, RACK), 0, 'good', 'x'));
    const begun = of(cut, RACK).plan!.bars.find((b) => b.bar.sawn !== null)!;
    expect(begun.pieces.map((p) => p.start)).toEqual(pieces.slice(1).map((p) => p.start));
    expect(pieces[1]!.start).toBe(pieces[0]!.end);
    const tubes = { ...bare, ownPieces: [piece('frame', TUBE, 600, 3, 40)], bars: [bar('b', TUBE, 1820)] };
    const mitred = (p: Project) => plansOf(p).find((s) => s.section.form.kind === 'mitred')!;
    // 600 + 2 x (600 - 40 + 1.414 x 2.5), squared by 5 and 2.5, a stub of 50 and 2.5: 1787.1.
    expect(mitred(tubes).plan!.bars).toHaveLength(1);
    const one = applyEdits(tubes, sawnEdits(tubes, mitred(tubes), 0, 'good', 'x'));
    const [rest] = mitred(one).plan!.bars;
    expect(mitred(one).plan!.bars).toHaveLength(1);
    expect(rest!.pieces.map((p) => p.start)).toEqual(
      mitred(tubes)
        .plan!.bars[0]!.pieces.slice(1)
        .map((p) => p.start),
    );
  });
  it('a spoilt one is wanted again, until it was cut again', () => {
    const spoilt = saw(rails, 'spoilt', 'one');
    expect(openSpoilt(of(spoilt, RAIL))).toHaveLength(1);
    expect(of(spoilt, RAIL).plan!.bars.flatMap((b) => b.pieces)).toHaveLength(4);
    expect(openSpoilt(of(sawAll(spoilt), RAIL))).toEqual([]);
  });
  it('one cut to a length that is asked no more is not the one that is wanted', () => {
    const done = sawAll(rails);
    const begunBars = done.begunBars.map((b) => ({
      ...b,
      cuts: b.cuts.map((c) => (c.piece === 'gantry/rail#1' ? { ...c, end: c.end - 0.004 } : c)),
    }));
    const { cut, plan } = of({ ...done, begunBars }, RAIL);
    expect(cut.get('gantry/rail#1')).toBe('other-length');
    expect(plan!.bars.flatMap((b) => b.pieces.map((p) => p.piece.id))).toEqual(['gantry/rail#1']);
  });
  it('a spoilt piece becomes an offcut once, with its first hole where it then lies', () => {
    const spoilt = saw(rails, 'spoilt', 'one');
    const [begun] = spoilt.begunBars as [Project['begunBars'][number]];
    const [cut] = spoiltPieces(spoilt, begun) as [(typeof begun)['cuts'][number]];
    const kept = applyEdits(spoilt, offcutEdits(spoilt, begun, cut, 0.06));
    const offcut = kept.bars.at(-1)!;
    expect(offcut).toMatchObject({ section: RAIL, count: 1, price: 0 });
    expect(offcut.length.si).toBeCloseTo(cut.end - cut.start, 6);
    const hole = (begun.firstHole - cut.start - offcut.firstHole!.si) / 0.06;
    expect(hole).toBeCloseTo(Math.round(hole), 6);
    expect(spoiltPieces(kept, begun)).toEqual([]);
    expect(change(spoilt, offcutEdits(spoilt, begun, cut, 0.06)).ok).toBe(true);
  });
  it('taking cuts back leads to where it began', () => {
    let now = saw(saw(rails, 'good', 'one'), 'good', 'two');
    while (now.begunBars.length) now = applyEdits(now, unsawnEdits(now, now.begunBars[0]!.id));
    expect(now).toEqual(rails);
    expect(unsawnEdits(rails, 'nowhere')).toEqual([]);
  });
});
