import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { loads, millingForce, type MillingInputs } from '.';

const rpm = (n: number) => (n * 2 * Math.PI) / 60;
const base: MillingInputs = {
  diameter: 0.006,
  flutes: 2,
  spindle: rpm(18000),
  feed: 2 / 60,
  depth: 0.003,
  width: 0.003,
  kc11: 750e6,
  exponent: 0.25,
  radial: 0.3,
  climb: false,
};
const power = (c: MillingInputs) => {
  const chip = loads.chipLoad.evaluate({
    feed: q('speed', c.feed),
    flutes: q('count', c.flutes),
    spindle: q('angularSpeed', c.spindle),
  });
  const arc = loads.engagementAngle.evaluate({
    diameter: q('length', c.diameter),
    width: q('length', c.width),
  });
  const hm = loads.meanChip.evaluate({
    width: q('length', c.width),
    chip,
    diameter: q('length', c.diameter),
    arc,
  });
  const specific = loads.specificForce.evaluate({
    kc11: q('modulus', c.kc11),
    chip: hm,
    exponent: q('ratio', c.exponent),
  });
  return loads.cuttingPower.evaluate({
    specific,
    rate: loads.removalRate.evaluate({
      depth: q('length', c.depth),
      width: q('length', c.width),
      feed: q('speed', c.feed),
    }),
  });
};
const anyCut = fc
  .record({
    diameter: fc.double({ min: 0.002, max: 0.05, noNaN: true }),
    flutes: fc.integer({ min: 1, max: 6 }),
    share: fc.double({ min: 0.05, max: 1, noNaN: true }),
    fz: fc.double({ min: 2e-5, max: 2e-4, noNaN: true }),
    radial: fc.double({ min: 0.2, max: 0.6, noNaN: true }),
    climb: fc.boolean(),
  })
  .map(({ diameter, flutes, share, fz, radial, climb }): MillingInputs => ({
    ...base,
    diameter,
    flutes,
    width: share * diameter,
    feed: (fz * flutes * base.spindle) / (2 * Math.PI),
    radial,
    climb,
  }));

describe('milling force of Kienzle', () => {
  it(
    'the mean torque is the power at the mean chip, exactly where the specific force does not bend ' +
      '(mc 0): P = kc Q',
    () => {
      fc.assert(
        fc.property(anyCut, (c) => {
          const flat = { ...c, exponent: 0 };
          expect(Math.abs((millingForce(flat).meanTorque * flat.spindle) / power(flat) - 1)).toBeLessThan(
            1e-6,
          );
        }),
        { seed: 20261125, numRuns: 200 },
      );
    },
  );
  it('within 4.5 % of it at mc 0.25, over any width (the difference is real: kc bends with h)', () => {
    fc.assert(
      fc.property(anyCut, (c) => {
        expect(Math.abs((millingForce(c).meanTorque * c.spindle) / power(c) - 1)).toBeLessThan(0.045);
      }),
      { seed: 20261126, numRuns: 200 },
    );
  });
  it(
    'a slot at mc 0 in closed form: mean across the feed z kc ap fz / 4, along it kr as much ' +
      '(Altintas, mean milling forces)',
    () => {
      const slot = { ...base, width: base.diameter, exponent: 0, kc11: 500e6 };
      const fz = slot.feed / (slot.flutes * (slot.spindle / (2 * Math.PI)));
      const f = millingForce(slot);
      expect(f.meanAcross / ((slot.flutes * 500e6 * slot.depth * fz) / 4)).toBeCloseTo(1, 3);
      expect(f.meanAlong / ((slot.radial * slot.flutes * 500e6 * slot.depth * fz) / 4)).toBeCloseTo(1, 3);
    },
  );
  it(
    'climb mirrors conventional: across the feed the radial part turns round, and the cut pulls ' +
      'the tool along',
    () => {
      const [up, down] = [
        millingForce({ ...base, radial: 0.2 }),
        millingForce({ ...base, radial: 0.2, climb: true }),
      ];
      expect(up.meanTorque).toBeCloseTo(down.meanTorque, 9);
      expect(up.pulls).toBe(false);
      expect(down.pulls).toBe(true);
      expect(up.meanAlong).toBeGreaterThan(0);
      expect(down.meanAlong).toBeLessThan(0);
    },
  );
  it('peak is at least RMS, and RMS at least the mean; more teeth in the cut even it out', () => {
    fc.assert(
      fc.property(anyCut, (c) => {
        const f = millingForce(c);
        expect(f.peakAlong).toBeGreaterThanOrEqual(f.rmsAlong - 1e-9);
        expect(f.rmsAcross).toBeGreaterThanOrEqual(Math.abs(f.meanAcross) * 0.99);
        expect(f.peakTorque).toBeGreaterThanOrEqual(f.meanTorque - 1e-12);
        expect(f.teeth).toBeLessThanOrEqual(c.flutes);
      }),
      { seed: 20261127, numRuns: 100 },
    );
  });
  it('formulas of the working give what the turn gives', () => {
    const symbols = {
      diameter: q('length', base.diameter),
      flutes: q('count', base.flutes),
      spindle: q('angularSpeed', base.spindle),
      feed: q('speed', base.feed),
      depth: q('length', base.depth),
      width: q('length', base.width),
      kc11: q('modulus', base.kc11),
      exponent: q('ratio', base.exponent),
      radial: q('ratio', base.radial),
      way: q('ratio', 0),
    };
    const f = millingForce(base);
    expect(loads.peakAlong.evaluate(symbols)).toBe(f.peakAlong);
    expect(loads.peakAcross.evaluate(symbols)).toBe(f.peakAcross);
    expect(loads.meanTorque.evaluate(symbols)).toBe(f.meanTorque);
    expect(loads.meanTorque.evaluate({ ...symbols, way: q('ratio', 1) })).toBeCloseTo(f.meanTorque, 9);
  });
});

describe('chips, spindle and corners', () => {
  it(
    '10 000 rpm, one flute, 20 in/min: 0.002 in a tooth; 18 000 and 30: 0.00167 in (common ' +
      'practice, no source)',
    () => {
      const chip = (n: number, ipm: number) =>
        loads.chipLoad.evaluate({
          feed: q('speed', (ipm * 0.0254) / 60),
          flutes: q('count', 1),
          spindle: q('angularSpeed', rpm(n)),
        }) / 0.0254;
      expect(chip(10_000, 20)).toBeCloseTo(0.002, 9);
      expect(chip(18_000, 30)).toBeCloseTo(0.00167, 5);
    },
  );
  it('a full slot engages half a turn, half a width a quarter', () => {
    const arc = (width: number) =>
      loads.engagementAngle.evaluate({ diameter: q('length', 0.01), width: q('length', width) });
    expect(arc(0.01)).toBeCloseTo(Math.PI, 12);
    expect(arc(0.005)).toBeCloseTo(Math.PI / 2, 12);
    expect(
      loads.meanChip.evaluate({
        width: q('length', 0.01),
        chip: q('length', 1e-4),
        diameter: q('length', 0.01),
        arc: q('angle', Math.PI),
      }),
    ).toBeCloseTo((2 / Math.PI) * 1e-4, 12);
  });
  it('specific force at 1 mm is kc1.1, and grows as the chip thins, down to 1 µm', () => {
    const at = (h: number) =>
      loads.specificForce.evaluate({
        kc11: q('modulus', 1700e6),
        chip: q('length', h),
        exponent: q('ratio', 0.25),
      });
    expect(at(1e-3)).toBeCloseTo(1700e6, 0);
    expect(at(1e-4) / 1700e6).toBeCloseTo(10 ** 0.25, 9);
    expect(at(1e-9)).toBe(at(1e-6));
  });
  it('power is force times speed of the edge, and a spindle below its rated speed gives less', () => {
    const force = loads.spindleForce.evaluate({
      power: q('power', 2200),
      efficiency: q('ratio', 0.8),
      diameter: q('length', 0.01),
      spindle: q('angularSpeed', rpm(18000)),
    });
    expect(force * 0.005 * rpm(18000)).toBeCloseTo(1760, 6);
    expect(
      loads.spindlePower.evaluate({
        power: q('power', 2200),
        spindle: q('angularSpeed', rpm(12000)),
        rated: q('angularSpeed', rpm(24000)),
      }),
    ).toBeCloseTo(1100, 9);
    expect(
      loads.spindlePower.evaluate({
        power: q('power', 2200),
        spindle: q('angularSpeed', rpm(24001)),
        rated: q('angularSpeed', rpm(24000)),
      }),
    ).toBe(2200);
    expect(
      loads.removalRate.evaluate({
        depth: q('length', 0.002),
        width: q('length', 0.005),
        feed: q('speed', 0.05),
      }),
    ).toBeCloseTo(5e-7, 15);
    expect(
      loads.cuttingPower.evaluate({ specific: q('modulus', 1e9), rate: q('removalRate', 5e-7) }),
    ).toBeCloseTo(500, 9);
  });
  it('force along the spindle by the spiral, thrust of a plunge, and v²/r round a corner', () => {
    expect(
      loads.axialForce.evaluate({ tangential: q('force', 100), helix: q('angle', Math.PI / 6) }),
    ).toBeCloseTo(57.735, 3);
    // Half of kc f D/2: a 6 mm cutter, 0.1 mm a turn in 1000 N/mm².
    expect(
      loads.plungeForce.evaluate({
        specific: q('modulus', 1e9),
        diameter: q('length', 0.006),
        feed: q('length', 1e-4),
      }),
    ).toBeCloseTo(150, 9);
    expect(
      loads.cornerAcceleration.evaluate({ feed: q('speed', 0.1), radius: q('length', 0.005) }),
    ).toBeCloseTo(2, 12);
  });
});
