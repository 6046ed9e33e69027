import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { boreDepth, fastener, nearTwins, screwFor, standardLengths, threadNamed, threads } from '.';

const mm = (v: number) => q('length', v / 1000);
const of = (name: string) => threadNamed(name)!;

describe('threads and their holes (named standards)', () => {
  it('coarse pitches of ISO 261, tap drills of ISO 2306: d - P, to a drill that is sold', () => {
    const drills = ['M3', 'M4', 'M5', 'M6', 'M8', 'M10', 'M12'].map(of);
    for (const [i, d] of [2.5, 3.3, 4.2, 5, 6.8, 8.5, 10.2].entries()) {
      expect(drills[i]!.tapDrill * 1000).toBeCloseTo(d, 9);
      expect(Math.abs(drills[i]!.tapDrill - (drills[i]!.diameter - drills[i]!.pitch))).toBeLessThan(5.1e-5);
    }
  });
  it('clearance holes of ISO 273, fine medium coarse', () => {
    const row = (m: string) => Object.values(of(m).clearance).map((v) => Number((v * 1000).toFixed(6)));
    expect(row('M5')).toEqual([5.3, 5.5, 5.8]);
    expect(row('M6')).toEqual([6.4, 6.6, 7]);
    expect(row('M8')).toEqual([8.4, 9, 10]);
    expect(row('M10')).toEqual([10.5, 11, 12]);
  });
  it('cap heads of ISO 4762 go into counterbores of DIN 974-1', () => {
    for (const t of threads) {
      expect(t.bore, t.name).toBeGreaterThan(t.head);
      expect(t.head, t.name).toBeGreaterThan(t.clearance.coarse);
      expect(t.clearance.fine, t.name).toBeGreaterThan(t.diameter);
      expect(t.tapDrill, t.name).toBeLessThan(t.diameter);
    }
    expect([of('M5').head, of('M5').bore].map((v) => v * 1000)).toEqual([8.5, 10]);
    expect(boreDepth(of('M6')) * 1000).toBeCloseTo(6.4, 9);
    expect(boreDepth(of('M8')) * 1000).toBeCloseTo(8.6, 9);
  });
  it('countersunk heads of ISO 10642: 2.24 diameters, 90°; 82° in inches', () => {
    expect(of('M6').sunk * 1000).toBeCloseTo(13.44, 9);
    expect((of('M6').sink * 180) / Math.PI).toBeCloseTo(90, 9);
    expect((of('1/4-20').sink * 180) / Math.PI).toBeCloseTo(82, 9);
  });
  it('tap drills of inch threads are near 75 % of thread', () => {
    for (const t of threads.filter((x) => x.system === 'inch')) {
      const share = (0.7698 * (t.diameter - t.tapDrill)) / t.pitch;
      expect(share, t.name).toBeGreaterThan(0.68);
      expect(share, t.name).toBeLessThan(0.82);
    }
  });
  it('near twins are told apart', () => {
    expect([nearTwins('M6', '1/4-20'), nearTwins('10-32', 'M5'), nearTwins('M6', '5/16-18')]).toEqual([
      true,
      true,
      false,
    ]);
  });
});

describe('formulas of fasteners', () => {
  const m6 = { diameter: mm(6), pitch: mm(1) };
  const area = fastener.stressArea.evaluate(m6);
  it('M6 at 75 % of thread: drill 5.03; at 77 % it is d - P', () => {
    expect(fastener.tapDrill.evaluate({ ...m6, share: q('ratio', 0.75) }) * 1000).toBeCloseTo(5.03, 2);
    expect(fastener.tapDrill.evaluate({ ...m6, share: q('ratio', 0.7698) }) * 1000).toBeCloseTo(5, 9);
  });
  it('stress areas of ISO 898-1: M6 20.1, M8 36.6, M10 58 mm²', () => {
    const at = (d: number, p: number) =>
      fastener.stressArea.evaluate({ diameter: mm(d), pitch: mm(p) }) * 1e6;
    expect([at(6, 1), at(8, 1.25), at(10, 1.5)].map((a) => Number(a.toFixed(1)))).toEqual([20.1, 36.6, 58]);
  });
  it('engagement of M6 8.8 less its pitch: steel 0.74 d, wrought Al 0.86, cast Al 1.48 (handbook)', () => {
    const wants = (tau: number, rm = 800) =>
      fastener.engagement.evaluate({
        ...m6,
        area,
        strength: q('modulus', rm * 1e6),
        shear: q('modulus', tau * 1e6),
      });
    const share = (tau: number, rm?: number) => (wants(tau, rm) - 0.001) / 0.006;
    expect(share(220)).toBeCloseTo(0.74, 2);
    expect(share(190)).toBeCloseTo(0.86, 2);
    expect(share(110)).toBeCloseTo(1.48, 2);
    expect([share(220, 1220), share(190, 1220)]).toEqual([expect.closeTo(1.13, 2), expect.closeTo(1.3, 1)]);
  });
  it('M6 8.8 at 0.12: 10.18 kN and 10.5 N·m by formula', () => {
    const friction = q('ratio', 0.12);
    const f = fastener.preload.evaluate({ ...m6, area, friction, yield: q('modulus', 640e6) });
    expect(f).toBeCloseTo(10180, -1);
    const t = fastener.tightening.evaluate({
      ...m6,
      preload: f,
      friction,
      head: mm(10),
      hole: mm(6.6),
    });
    expect(t).toBeCloseTo(10.5, 1);
  });
  it('M5 in 5.5 floats by 0.5: ±0.09 both ways for two hand-drilled parts', () => {
    const zone = fastener.floatOf.evaluate({ hole: mm(5.5), screw: mm(5) });
    expect(zone * 1000).toBeCloseTo(0.5, 12);
    expect((zone * 1000) / 2 / 2.83).toBeCloseTo(0.088, 3);
  });
});

describe('the length of a screw', () => {
  const lengths = standardLengths('metric');
  it('15 of plate less 3.4 of counterbore, M3 into 3.8 of thread: 16 touches the bottom', () => {
    const found = screwFor({ grip: 0.0116, wanted: 0.003, most: 0.0038 }, lengths);
    expect(found).toMatchObject({ fits: false, length: 0.016 });
    expect((found as { over: number }).over * 1000).toBeCloseTo(0.6, 9);
  });
  it('a washer of 0.6 frees it', () => {
    const found = screwFor({ grip: 0.0122, wanted: 0.003, most: 0.0038 }, lengths);
    expect(found).toMatchObject({ fits: true, length: 0.016 });
  });
  it('is the shortest standard one that engages enough; of a through hole the length does not matter', () => {
    expect(screwFor({ grip: 0.012, wanted: 0.008, most: null }, lengths)).toMatchObject({ length: 0.02 });
    expect(screwFor({ grip: 0.0121, wanted: 0.008, most: null }, lengths)).toMatchObject({ length: 0.025 });
    expect(screwFor({ grip: 0.12, wanted: 0.008, most: null }, lengths)).toBeNull();
    expect(standardLengths('inch')).toContain(0.0254);
  });
});
