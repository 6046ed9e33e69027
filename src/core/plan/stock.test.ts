import { describe, expect, it } from 'vitest';
import { extrusionSection, extrusionSizes, tubeSection, tubeSizes } from '@/core/catalogue';
import { memberSection } from '@/core/build';
import { applyEdits, type BarInput, estimate, type Project, put, startingProject } from '@/core/model';
import { memberOf } from '@/core/sections';
import { planNames } from '@/words';
import { type PlanAnswer, plansFor } from '.';
import { membersFor } from './sections';
import { keyOf, outOfStock, sectionOf, stockOf } from './stock';

const bar = (section: string, length: string, count: number | null): BarInput => ({
  id: `${section} ${length}`,
  section,
  length: estimate('length', length),
  price: null,
  count,
  firstHole: null,
  note: '',
});
const withBars = (...bars: readonly BarInput[]): Pick<Project, 'bars'> => ({ bars: [...bars] });
const TUBE = 'rect-tube 100x100x4 steel';

describe('bars that lie there', () => {
  it('every tube and extrusion of the lists is read back out of its key as the section that it was', () => {
    const sections = [
      ...tubeSizes.map((t) => ({ section: tubeSection(t), material: 'steel' as const })),
      ...extrusionSizes.map((e) => ({ section: extrusionSection(e), material: 'aluminium' as const })),
    ];
    for (const { section, material } of sections) {
      const read = sectionOf(memberSection(section, material).key)!;
      expect(read.material).toBe(material);
      const [a, b] = [memberOf(read.section, material), memberOf(section, material)];
      // Hot finished corners are rounder or sharper: what is cold formed is the weaker of both.
      const near = 'making' in section && section.making === 'hot' ? 0.08 : 1e-9;
      expect(Math.abs(a.EIv / b.EIv - 1)).toBeLessThanOrEqual(near);
      expect(a.EIv).toBeLessThanOrEqual(b.EIv * (1 + 1e-9));
      expect(Math.abs(a.mass / b.mass - 1)).toBeLessThanOrEqual(near);
    }
  });
  it('what nobody knows the stiffness of is no stock, nor what is to be bought', () => {
    const keys = ['old bedstead', 'rect-tube 40x40 steel', 'bar 50x5x2 steel', 'extrusion 41x41 aluminium'];
    expect(keys.map(sectionOf)).toEqual(keys.map(() => undefined));
    expect(stockOf(withBars(bar(TUBE, '3 m', null), bar('old bedstead', '2 m', 4)))).toEqual([]);
  });
  it('sizes that make no section are no stock: a wall without a hollow, nothing, a house', () => {
    const keys = [
      ...['rect-tube 10x10x5 steel', 'rect-tube 10x10x0 steel', 'rect-tube 1..0x10x1 steel'],
      ...['bar 0x20 aluminium', 'bar 5000x20 aluminium'],
    ];
    expect(keys.map(sectionOf)).toEqual(keys.map(() => undefined));
    expect(stockOf(withBars(...keys.map((key) => bar(key, '2 m', 1))))).toEqual([]);
  });
  it('bars of one section are one stock, the lightest section first', () => {
    const stock = stockOf(
      withBars(bar(TUBE, '3 m', 1), bar('rect-tube 60x60x3 steel', '1 m', 2), bar(TUBE, '1.5 m', 2)),
    );
    expect(stock.map((s) => [keyOf(s.profile), s.kind, s.lengths])).toEqual([
      ['rect-tube 60x60x3 steel', 'steel', [1, 1]],
      [TUBE, 'steel', [3, 1.5, 1.5]],
    ]);
    // EN 10219-2: 100 x 100 x 4 weighs 11.7 kg/m.
    expect(stock[1]!.profile.mass).toBeCloseTo(11.7, 1);
  });
  it('the longest piece is sawn first, each out of the shortest bar that it fits, with the kerf', () => {
    const stock = stockOf(withBars(bar(TUBE, '2 m', 1), bar(TUBE, '1 m', 1)));
    const { profile } = stock[0]!;
    const pieces = [0.9, 1.2, 0.79, 0.5].map((length) => ({ profile, length }));
    // 0.79 and the kerf of both come out of what 1.2 leaves of 2; nothing is left for 0.5.
    expect(outOfStock(pieces, stock)).toEqual([true, true, true, false]);
    expect(outOfStock([{ profile, length: 2 }], stock)).toEqual([false]);
  });
  it('lies before what is bought in the family of a frame, and heavier sections come after it', () => {
    const { profile } = stockOf(withBars(bar('rect-tube 90x90x3 steel', '3 m', 1)))[0]!;
    const family = membersFor('steel', [profile]);
    expect(family.beam[0]).toBe(profile);
    const masses = family.beam.map((p) => p.mass);
    expect(masses).toEqual([...masses].sort((a, b) => a - b));
    const flat = stockOf(withBars(bar('bar 200x20 aluminium', '600 mm', 2)))[0]!.profile;
    const aluminium = membersFor('aluminium', [flat]);
    expect(aluminium.column[0]).toBe(flat);
    expect(aluminium.beam).toEqual(membersFor('aluminium').beam);
  });
});

describe('a plan out of what lies there', () => {
  const length = (path: string, typed: string) => put(`brief.${path}`, estimate('length', typed));
  const board = [
    put('brief.wishes.job', 'board'),
    put('brief.wishes.arrange', 'said'),
    length('area.length', '700 mm'),
    length('area.width', '500 mm'),
    length('area.height', '60 mm'),
  ];
  function planned(...bars: readonly BarInput[]): PlanAnswer {
    const begun = startingProject('plan', '2026-11-29T00:00:00.000Z');
    const steps = plansFor({
      project: applyEdits(begun, [...board, put('bars', [...bars])]),
      names: planNames,
    });
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value;
  }
  it('takes its tube, which costs nothing, and says how much of it', () => {
    const { plans } = planned(bar('rect-tube 90x90x3.5 steel', '6 m', 2));
    const drawer = plans.find((p) => p.figures.drawer.metres > 0)!;
    const { beam, bed } = drawer.project.structure!;
    expect(memberSection(beam.section, beam.material).key).toBe('rect-tube 90x90x3.5 steel');
    expect(drawer.figures.drawer.metres).toBeGreaterThan(beam.length.si + 2 * bed.length.si - 1e-9);
    expect(drawer.figures.money.frame).toBe(0);
    // No plan is cheaper than the one that is called so.
    const totals = plans.map((p) => p.figures.money.total);
    expect(plans[0]!.kind).toBe('cheapest');
    expect(Math.min(...totals)).toBeCloseTo(totals[0]!, 6);
  });
  it('what is too weak for the work is bought all the same', () => {
    const [plan] = planned(bar('rect-tube 20x20x1.5 steel', '6 m', 4)).plans;
    const beam = plan!.project.structure!.beam.section;
    expect('height' in beam && beam.height.si).toBeGreaterThan(0.02);
  });
});
