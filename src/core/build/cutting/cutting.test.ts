import { describe, expect, it } from 'vitest';
import { type Bar, type BarForm, type CutPiece, equalEnd, follow, type Job, planCuts } from '.';
import { sawnByStop, stopSettings } from './settings';

const mm = (v: number) => v / 1000;
const piece = (length: number, i: number, first: CutPiece['first'] = null): CutPiece => ({
  id: `p${i}`,
  length: mm(length),
  first,
});
const bar = (length: number, price: number | null, more: Partial<Bar> = {}): Bar => ({
  id: `bar ${length}`,
  length: mm(length),
  price,
  count: null,
  sawn: null,
  firstHole: 0,
  ...more,
});
const job = (lengths: readonly number[], bars: readonly Bar[], more: Partial<Job> = {}): Job => ({
  form: { kind: 'plain' },
  saw: { kerf: mm(3), squared: 0, stub: 0 },
  bars,
  pieces: lengths.map((l, i) => piece(l, i)),
  remnants: { keep: mm(300), worth: 0 },
  ...more,
});

/** Ends of the pieces of each bar, mm. */
const ends = (plan: ReturnType<typeof planCuts>) =>
  plan.bars.map((b) => b.pieces.map((p) => Math.round(p.end * 1e4) / 10));

describe('pieces out of bars', () => {
  // Derived: 460 + 1020 + 3 + 300 ... first-fit decreasing opens a third bar.
  it('has seven pieces out of two bars where the longest first would take three', () => {
    const plan = planCuts(job([460, 820, 360, 560, 300, 340, 1020], [bar(2000, 10)]));
    expect(plan.bars).toHaveLength(2);
    expect(plan).toMatchObject({ cost: 20, least: 20, proved: true, impossible: [], missing: [] });
  });
  it('buys a bar where two of 900 meet one offcut of 1000', () => {
    const plan = planCuts(job([900, 900], [bar(2000, 10), bar(1000, 0, { id: 'offcut', count: 1 })]));
    expect(plan.bars.map((b) => b.bar.id)).toContain('bar 2000');
    expect(plan.cost).toBe(10);
  });
  it('saws a frame of mitred tube out of so much bar as its pieces take when they are turned over', () => {
    const form: BarForm = { kind: 'mitred', height: mm(40) };
    const asked = job([600, 400, 600, 400], [bar(2000, 10)], {
      form,
      saw: { kerf: 0.0025, squared: 0, stub: 0 },
    });
    // 2000 - 4 x 40 + 4 x 1.414 x 2.5 + 40 - 1.414 x 2.5.
    expect(planCuts(asked).bars[0]!.pieces.at(-1)!.end).toBeCloseTo(1.8906, 4);
  });
  it('squares a raw end and leaves the stub in the clamp, each with its kerf', () => {
    const saw = { kerf: mm(3), squared: mm(10), stub: mm(50) };
    const full = 2000 - 13 - 53;
    const raw = bar(2000, 10);
    expect(planCuts(job([full], [raw], { saw })).bars[0]!.pieces[0]!.start).toBeCloseTo(mm(13), 12);
    expect(planCuts(job([full + 0.01], [raw], { saw })).impossible).toHaveLength(1);
  });
  it('takes the dearer bar where its remnant is worth more', () => {
    const bars = [bar(1000, 10), bar(2000, 14)];
    const remnants = { keep: mm(300), worth: 0.8 };
    expect(planCuts(job([900], bars, { remnants })).bars[0]!.bar.length).toBe(2);
    expect(planCuts(job([900], bars)).bars[0]!.bar.length).toBe(1);
  });
  it('looks for the least length where a bar has no price', () => {
    const plan = planCuts(job([900, 900], [bar(1000, null), bar(3000, 1)]));
    expect(plan).toMatchObject({ unpriced: true, cost: 2 });
  });
  it('says what is longer than any bar, and what it has no bar for', () => {
    const plan = planCuts(job([2500, 900, 900, 900], [bar(2000, 5, { count: 1 })]));
    expect(plan.impossible.map((p) => p.length)).toEqual([2.5]);
    expect(plan.missing).toHaveLength(1);
    expect(plan.proved).toBe(false);
  });
  it('of two ways as cheap takes the one that leaves the longest remnant', () => {
    const plan = planCuts(job([600, 500, 500, 400], [bar(1500, 10)]));
    // 600 alone leaves 897; 600 and 400 with 500 and 500 would leave 494 twice.
    expect(Math.max(...plan.bars.map((b) => b.rest))).toBeCloseTo(0.897, 9);
  });
  it('saws all of one length at one setting of the stop, the longest first', () => {
    const plan = planCuts(job([300, 700, 300, 700, 700], [bar(2000, 10)]));
    const settings = stopSettings(plan);
    expect(settings.map((s) => [Math.round(1000 * s.length), s.cuts.length])).toEqual([
      [700, 3],
      [300, 2],
    ]);
    expect(sawnByStop(plan)).toBe(true);
  });
});

describe('rails out of bars with holes', () => {
  const form: BarForm = { kind: 'holed', pitch: mm(60), clear: mm(7.75), tolerance: 0 };
  const rail = (firstHole: number) => bar(3000, 10, { firstHole: mm(firstHole) });
  it('begins each piece so that its first and last hole are equally far from its ends', () => {
    // 1000 long: 16 holes and 50 or 17 and 20 by pitch 60; 1640: 27 and 40.
    expect(equalEnd(1, 0.06, 0.0105)).toBeCloseTo(0.02, 12);
    expect(equalEnd(1.37, 0.06, 0.0105)).toBeCloseTo(0.025, 12);
    const plan = planCuts({ ...job([1000, 1000], [rail(30)]), form });
    // From 10 on the first hole (30) is 20 away; the next place behind 1013 that is so lies at 1030.
    expect(ends(plan)).toEqual([[1010, 2030]]);
  });
  it('never puts the saw through a hole, whatever is asked', () => {
    for (let first = 5; first < 60; first += 5)
      for (const length of [333, 500, 745, 1000, 1180]) {
        const asked = { ...job([length, length], [rail(first)]), form };
        const free = { ...asked, pieces: asked.pieces.map((p) => ({ ...p, first: 'free' as const })) };
        for (const { bars } of [planCuts(asked), planCuts(free)])
          for (const { pieces } of bars)
            for (const { start, end } of pieces)
              for (let hole = mm(first); hole < 3; hole += 0.06) {
                expect(hole > end + mm(3 + 7.74) || hole < end - mm(7.74)).toBe(true);
                if (start > 0) expect(hole > start + mm(7.74) || hole < start - mm(3 + 7.74)).toBe(true);
              }
      }
  });
  it('saves up to a pitch a piece where the ends may differ', () => {
    const asked = { ...job([740, 740, 740], [bar(2300, 10, { firstHole: mm(30) })]), form };
    const free = { ...asked, pieces: asked.pieces.map((p) => ({ ...p, first: 'free' as const })) };
    expect(planCuts(asked).bars).toHaveLength(2);
    expect(planCuts(free).bars).toHaveLength(1);
  });
  it('cuts a rack between whole teeth; a saw wider than the gap costs a tooth', () => {
    const teeth = (kerf: number) => ({
      ...job([500, 500], [bar(2000, 10)], { saw: { kerf: mm(kerf), squared: 0, stub: 0 } }),
      form: { kind: 'toothed', pitch: mm(5), gap: mm(2.5) } satisfies BarForm,
    });
    expect(ends(planCuts(teeth(2)))).toEqual([[500, 1000]]);
    expect(ends(planCuts(teeth(3)))).toEqual([[500, 1005]]);
  });
  it('never comes earlier for what ends later, on which the search rests', () => {
    const forms: BarForm[] = [form, { kind: 'plain' }, { kind: 'mitred', height: mm(40) }];
    for (const f of forms)
      for (const first of [null, 'free'] as const) {
        let last = -Infinity;
        for (let before = 0; before < 400; before += 0.7) {
          const at = follow(
            rail(25),
            f,
            { kerf: mm(3), squared: 0, stub: 0 },
            mm(before),
            piece(333, 0, first),
          );
          expect(at!.start).toBeGreaterThanOrEqual(last - 1e-12);
          last = at!.start;
        }
      }
  });
});
