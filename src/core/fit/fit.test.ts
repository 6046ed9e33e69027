import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { closeChain, fit, type Span } from '.';

const mm = (v: number) => q('length', v / 1000);
const span = (id: string, free: number, from: number | null = null): Span => ({ id, free, from });

describe('what each part leaves (closed sums)', () => {
  it('rail 1000, carriages over 180: 820; an overhang of 10 at each end gives 20 more', () => {
    const rail = { rail: mm(1000), span: mm(180) };
    expect(fit.railReach.evaluate({ ...rail, overhang: mm(0) })).toBeCloseTo(0.82, 12);
    expect(fit.railReach.evaluate({ ...rail, overhang: mm(10) })).toBeCloseTo(0.84, 12);
  });
  it('screw 1200 with ends of 70 and 25, nut 60, 5 in reserve at each end: 1035', () => {
    const thread = mm(1200 - 70 - 25);
    expect(fit.threadReach.evaluate({ thread, nut: mm(60), reserve: mm(5) })).toBeCloseTo(1.035, 12);
  });
  it('the same screw, nut and housing 78, 3 clear: 1021', () => {
    const between = mm(1200 - 70 - 25);
    const given = { between, housing: mm(78), clearance: mm(3) };
    expect(fit.blockReach.evaluate(given)).toBeCloseTo(1.021, 12);
  });
  it('a rack holds its pinion to 2.75 modules past its ends (line of action of a 20° rack, ISO 53)', () => {
    // The contact leaves the rack's head, a module high, where the line of action does.
    const alongLine = 1 / Math.sin((20 * Math.PI) / 180);
    const past = alongLine * Math.cos((20 * Math.PI) / 180);
    expect(past).toBeCloseTo(2.747, 3);
    const given = { rack: mm(1000), module: mm(1.5) };
    expect(fit.rackReach.evaluate(given)).toBeCloseTo(1 - 2 * past * 0.0015, 12);
  });
  it('between pulleys of 30 a clamp of 120 runs 3 clear', () => {
    const given = { centre: mm(1400), diameter: mm(30), clamp: mm(120), clearance: mm(3) };
    expect(fit.loopReach.evaluate(given)).toBeCloseTo(1.244, 12);
  });
  it('stops: 250 mm/s, 1 m/s², 10 m/s³ is 43.75 mm; a slow one never brakes in full', () => {
    const at = (v: number, j: number, t = 0) =>
      fit.stopPath.evaluate({
        speed: q('speed', v),
        reaction: q('time', t),
        acceleration: q('acceleration', 1),
        jerk: q('jerk', j),
      });
    expect(at(0.25, 10)).toBeCloseTo(0.04375, 12);
    expect(at(0.25, Infinity, 0.02)).toBeCloseTo(0.005 + 0.03125, 12);
    // Integrated in small steps: braking rises to √(v j) and falls again.
    const [v0, j] = [0.06, 10];
    const peak = Math.sqrt(v0 * j);
    let [x, v, t] = [0, v0, 0];
    const h = 1e-6;
    while (t < (2 * peak) / j) {
      const a = t < peak / j ? j * t : 2 * peak - j * t;
      x += v * h;
      v -= a * h;
      t += h;
    }
    expect(at(v0, j)).toBeCloseTo(x, 5);
  });
  it('an end takes what lies in it; what both take comes off the stroke', () => {
    const trip = fit.tripPlace.evaluate({ crash: mm(12), stop: mm(30), scatter: mm(0.5) });
    expect(trip).toBeCloseTo(0.0425, 12);
    const end = fit.endLength.evaluate({ trip, margin: mm(4) });
    expect(end).toBeCloseTo(0.0465, 12);
    const left = fit.softTravel.evaluate({ stroke: mm(820), near: end, far: mm(40) });
    expect(left).toBeCloseTo(0.7335, 12);
  });
});

describe('what is cut to length', () => {
  it('a thread of 1105 with journals of 70 and 25 makes a screw of 1200', () => {
    expect(fit.screwLength.evaluate({ thread: mm(1105), drive: mm(70), far: mm(25) })).toBeCloseTo(1.2, 12);
  });
  it('a belt over two pulleys of 24 x 5, 1400 apart, clamps 60 apart that hold 30 each', () => {
    // Round the loop it is 2 x 1400 + 120; 60 stay open, 60 are held.
    const cut = fit.beltCut.evaluate({
      centre: mm(1400),
      teeth: q('count', 24),
      pitch: mm(5),
      mouths: mm(60),
      grip: mm(40),
    });
    expect(cut).toBeCloseTo(2.8 + 0.12 - 0.06 + 0.08, 12);
  });
  it('past the rail end: a quarter of the balls missing leaves 0.75, 0.82, and a peak of 2.67', () => {
    const share = fit.overhangShare.evaluate({ overhang: mm(32.5), carriage: mm(100), loaded: mm(70) });
    expect(share).toBeCloseTo(0.25, 12);
    expect(fit.overhangStatic.evaluate({ share })).toBeCloseTo(0.75, 12);
    expect(fit.overhangDynamic.evaluate({ share })).toBeCloseTo(0.75 ** 0.7, 12);
    expect(fit.overhangPeak.evaluate({ share })).toBeCloseTo(2.667, 3);
    // End caps may hang out free.
    const caps = fit.overhangShare.evaluate({ overhang: mm(10), carriage: mm(100), loaded: mm(70) });
    expect(caps).toBe(0);
  });
});

describe('what a stack-up comes to', () => {
  it('30 up, 29.8 down: a gap of 0.2, a shim of 0.17 to 0.03, a recess of 0.3 to 0.5', () => {
    const gap = fit.stackGap.evaluate({ up: mm(30), down: mm(29.8) });
    expect(gap).toBeCloseTo(0.0002, 12);
    expect(fit.shimPile.evaluate({ gap, target: mm(0.03) })).toBeCloseTo(0.00017, 12);
    expect(fit.recessDepth.evaluate({ gap, target: mm(0.5) })).toBeCloseTo(0.0003, 12);
  });
  it('a standard deviation of 0.1 is ± 0.196 at 95 % (normal table)', () => {
    expect(fit.stackSpread.evaluate({ sigma: mm(0.1) })).toBeCloseTo(0.000196, 12);
  });
  it('a body of 52 with 1 free at each side wants a slot of 54, of 154 where it runs 100', () => {
    const slot = (travel: number) => fit.slotSize.evaluate({ body: mm(52), travel: mm(travel), side: mm(1) });
    expect([slot(0), slot(100)]).toEqual([expect.closeTo(0.054, 12), expect.closeTo(0.154, 12)]);
  });
});

describe('a travel chain', () => {
  it('rail 820 binds before thread 1035, with 215 to gain', () => {
    const closed = closeChain([span('rail', 0.82, 0.09), span('thread', 1.035)]);
    expect(closed).toMatchObject({ near: 'rail', far: 'rail', loss: 0 });
    expect(closed.stroke).toBeCloseTo(0.82, 12);
    expect(closed.gain!.by).toBeCloseTo(0.215, 12);
    expect(closed.gain!.then).toBe('thread');
  });
  it('two placed parts bind one end each; shifting one gives back what they lose', () => {
    const closed = closeChain([span('rail', 0.8, 0.1), span('rack', 0.85, 0.2)]);
    expect(closed).toMatchObject({ near: 'rack', far: 'rail', gain: null });
    expect(closed.stroke).toBeCloseTo(0.7, 12);
    expect(closed.loss).toBeCloseTo(0.1, 12);
  });
  /** Stroke by looking at every millimetre: the referee. */
  const placed = fc.record({
    free: fc.integer({ min: 1, max: 900 }),
    from: fc.integer({ min: -50, max: 300 }),
  });
  it('of placed parts is just where all of them let a carriage be', () => {
    fc.assert(
      fc.property(fc.array(placed, { minLength: 1, maxLength: 5 }), (parts) => {
        const closed = closeChain(parts.map((p, i) => span(`p${i}`, p.free, p.from)));
        const allowed = Array.from({ length: 1400 }, (_, i) => i - 100).filter((x) =>
          parts.every((p) => x >= p.from && x <= p.from + p.free),
        );
        if (allowed.length) expect(closed.stroke).toBe(allowed[allowed.length - 1]! - allowed[0]!);
        else expect(closed.stroke).toBeLessThan(0);
      }),
    );
  });
  const any = fc.record({
    free: fc.integer({ min: 1, max: 900 }),
    from: fc.option(fc.integer({ min: -50, max: 300 })),
  });
  const chain = fc.array(any, { minLength: 1, maxLength: 5 });
  it('closes for anything: no longer than its shortest part, and a longer part never takes stroke', () => {
    fc.assert(
      fc.property(chain, fc.nat(4), fc.integer({ min: 1, max: 200 }), (parts, which, more) => {
        const spans = parts.map((p, i) => span(`p${i}`, p.free, p.from));
        const closed = closeChain(spans);
        expect(closed.stroke).toBeLessThanOrEqual(Math.min(...parts.map((p) => p.free)));
        expect(closed.to - closed.from).toBeCloseTo(closed.stroke, 9);
        expect(closed.loss).toBeGreaterThanOrEqual(0);
        const longer = spans.map((s, i) => (i === which ? { ...s, free: s.free + more } : s));
        expect(closeChain(longer).stroke).toBeGreaterThanOrEqual(closed.stroke);
      }),
    );
  });
  it('gains what it says when the part that binds is made longer by more', () => {
    fc.assert(
      fc.property(chain, (parts) => {
        const spans = parts.map((p, i) => span(`p${i}`, p.free, p.from));
        const { gain, near, stroke } = closeChain(spans);
        if (!gain) return;
        // Longer at both ends, by more than enough.
        const longer = spans.map((s) =>
          s.id === near ? { ...s, free: s.free + 4000, from: s.from === null ? null : s.from - 2000 } : s,
        );
        expect(closeChain(longer).stroke).toBe(stroke + gain.by);
      }),
    );
  });
  it('turned end for end it is the same chain', () => {
    fc.assert(
      fc.property(chain, (parts) => {
        const spans = parts.map((p, i) => span(`p${i}`, p.free, p.from));
        const turned = spans.map((s) => ({ ...s, from: s.from === null ? null : -(s.from + s.free) }));
        const [a, b] = [closeChain(spans), closeChain(turned)];
        expect(b.stroke).toBe(a.stroke);
        expect(b.loss).toBe(a.loss);
      }),
    );
  });
});
